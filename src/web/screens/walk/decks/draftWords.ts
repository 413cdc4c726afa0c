import { type BodyStyle, type Car, partNameForAnyone, vocabularyOf } from '#core/car';
import { functionName } from '#core/functions';
import { speakDistance, speakTread } from '#core/measure';
import type { Draft } from '#core/speech';
import { adviceLine, decisionLine, type FindingDetails, findingLine } from '#core/walk';
import { sentence } from '#core/wording';

const figures = { odometer: 'odometer', keys: 'keys', keepers: 'keepers', services: 'stamps' } as const;

/** What a draft says, in the words it would be reported in. */
export function draftWords(draft: Draft, style: BodyStyle, car: Car): string {
  const vocabulary = vocabularyOf(car);
  const nameOf = (id: string) => {
    const part = style.parts.get(id);
    return part ? sentence(partNameForAnyone(part, car)) : id;
  };
  switch (draft.is) {
    case 'finding': {
      const { part = '', kind, cure, decision, suspected } = draft;
      const details = {
        ...draft,
        ...(cure && { cures: [cure] }),
        ...(decision && { decision: { is: decision } }),
      } as unknown as FindingDetails;
      const pieces = [
        kind && findingLine({ kind, details }, vocabulary),
        cure && adviceLine(details, vocabulary),
        decision && decisionLine(details, vocabulary).toLowerCase(),
        suspected && 'not sure yet',
      ];
      return `${nameOf(part)}: ${pieces.filter(Boolean).join(', ')}`;
    }
    case 'clear':
      return `${nameOf(draft.part)}: clear`;
    case 'tread': {
      const mm = (value: number) => (draft.unit === 'mm' ? value : (value / 32) * 25.4);
      return `${nameOf(draft.part)}: ${speakTread({ lowMm: mm(draft.low), highMm: mm(draft.high) }, draft.unit)}`;
    }
    case 'function':
      return `${functionName(draft.function, vocabulary)}: ${draft.works ? 'works' : 'faulty'}`;
    case 'figure':
      return draft.of === 'odometer'
        ? `Odometer: ${speakDistance(draft.value, draft.unit ?? 'mi')}`
        : `${sentence(figures[draft.of])}: ${draft.value}`;
    default:
      return draft.text;
  }
}
