import { type BodyStyle, middleOf } from '#core/car';
import type { Draft } from '#core/speech';
import type { MapFinding } from '../map/FaceMap';

/** What was heard and is not in the record yet, as the map draws it: strips without a number. */
export function ghostsOf(drafts: readonly Draft[], style: BodyStyle): MapFinding[] {
  return drafts.flatMap((draft): MapFinding[] => {
    const part = draft.is === 'finding' ? style.parts.get(draft.part ?? '') : undefined;
    if (!part || draft.is !== 'finding') return [];
    return [
      {
        id: `heard ${draft.words.join(' ')} ${part.id}`,
        number: '',
        part: part.id,
        spot: middleOf(part),
        standing: 'heard',
        ...(draft.notice && { notice: draft.notice }),
      },
    ];
  });
}
