import { type BodyStyle, type Car, partNameForAnyone, vocabularyOf } from '#core/car';
import { functionName, warningLampName } from '#core/functions';
import { kitItemIds, kitItemName, smellName } from '#core/kit';
import { speakDistance, speakPaint, speakTread, UM_PER_MIL } from '#core/measure';
import type { Draft } from '#core/speech';
import {
  adviceLine,
  conditionLine,
  decisionLine,
  type FindingDetails,
  findingLine,
  notThereWords,
  storyNames,
} from '#core/walk';
import { sentence } from '#core/wording';

/** What a number that was said is of. */
export const figureNames = {
  odometer: 'odometer',
  keys: 'keys',
  keepers: 'keepers',
  services: 'stamps',
} as const;

/** What a draft says, in the words it would be reported in. */
export function draftWords(draft: Draft, style: BodyStyle, car: Car): string {
  const vocabulary = vocabularyOf(car);
  const nameOf = (id: string) => {
    const part = style.parts.get(id);
    return part ? sentence(partNameForAnyone(part, car)) : id;
  };
  switch (draft.is) {
    case 'finding': {
      const { part = '', kind, cures, decision, suspected } = draft;
      const details = {
        ...draft,
        ...(decision && { decision: { is: decision } }),
      } as unknown as FindingDetails;
      const pieces = [
        kind && findingLine({ kind, details }, vocabulary),
        cures && adviceLine(details, vocabulary),
        decision && decisionLine(details, vocabulary).toLowerCase(),
        draft.where,
        suspected && 'not sure yet',
      ];
      return `${part ? nameOf(part) : 'Somewhere'}: ${pieces.filter(Boolean).join(', ') || 'something'}`;
    }
    case 'clear': {
      const { polarity, absent, over } = draft;
      const isClear = polarity === 'fine' && over === undefined;
      const kinds = absent.length > 0 ? absent : undefined;
      const says = isClear ? 'clear' : notThereWords({ kinds, over }, vocabulary) || 'a fault it cannot have';
      return `${draft.part ? nameOf(draft.part) : 'Somewhere'}: ${says}`;
    }
    case 'tread': {
      const mm = (value: number) => (draft.unit === 'mm' ? value : (value / 32) * 25.4);
      return `${nameOf(draft.part)}: ${speakTread({ lowMm: mm(draft.low), highMm: mm(draft.high) }, draft.unit)}`;
    }
    case 'function':
      return `${functionName(draft.function, vocabulary)}: ${draft.works ? 'works' : 'faulty'}`;
    case 'figure':
      return draft.of === 'odometer'
        ? `Odometer: ${speakDistance(draft.value, draft.unit ?? 'mi')}`
        : `${sentence(figureNames[draft.of])}: ${draft.value}`;
    case 'paint': {
      const um = (value: number) => Math.round(draft.unit === 'um' ? value : value * UM_PER_MIL);
      const [low, high] = [um(draft.low), um(draft.high)].map((value) => speakPaint(value, draft.unit));
      return `${nameOf(draft.part)}: paint ${low === high ? low : `${low} to ${high}`}`;
    }
    case 'lamp':
      return `Warning lamp on: ${warningLampName(draft.lamp, vocabulary)}`;
    case 'no-lamps':
      return 'All warning lamps out';
    case 'item': {
      const id = kitItemIds.find((each) => each === draft.item);
      return `${id ? kitItemName(id, vocabulary) : draft.item}: ${draft.there ? 'there' : 'missing'}`;
    }
    case 'condition':
      return sentence(conditionLine(draft));
    case 'smell':
      return draft.smell ? `Smells of ${smellName(draft.smell, vocabulary)}` : 'No smell';
    case 'equipment':
      return `Has, as you say: ${functionName(draft.item, vocabulary)}`;
    case 'to-follow':
      return `To follow: “${draft.said}”`;
    case 'story':
      return `${storyNames[draft.about]}: “${draft.said}”`;
  }
}
