import type { BodyStyle, PartId } from '../car';
import { type FindingKind, isOdd, kindFits, kindsFor } from '../walk';
import type { ClearDraft, Draft, FindingDraft } from './drafts';

/** What a person says to what was open of a statement. */
export interface Answer {
  part?: PartId;
  kind?: FindingKind;
}

/** The statement with an answer taken; what is still open of it stays to be asked. */
export function answered(draft: Draft, answer: Answer, style: BodyStyle): Draft {
  if (draft.is === 'finding') return answeredFinding(draft, answer, style);
  return draft.is === 'clear' ? answeredClear(draft, answer, style) : draft;
}

function answeredClear(draft: ClearDraft, { part }: Answer, style: BodyStyle): ClearDraft {
  if (part === undefined || !style.parts.has(part)) return draft;
  const { choices: _, ...rest } = draft;
  return { ...rest, part, questions: [], sure: 'said', why: [] };
}

function answeredFinding(draft: FindingDraft, answer: Answer, style: BodyStyle): FindingDraft {
  const part = style.parts.get(answer.part ?? draft.part ?? '');
  const fits = part && draft.kinds.find((each) => kindFits(each, part));
  const may = part && draft.kinds.find((each) => !isOdd(each, part));
  const kind = answer.kind ?? (part ? (fits ?? may) : draft.kind);
  const { part: _, kind: __, choices, ...rest } = draft;
  const questions = openOf(draft, part !== undefined, kind !== undefined);
  return {
    ...rest,
    ...(part ? { part: part.id } : choices && { choices }),
    ...(kind && { kind }),
    questions,
    sure: questions.length > 0 ? 'ask' : 'said',
    why: questions.length > 0 ? draft.why : [],
  };
}

const ofKind = new Set<string>(['which-kind', 'kind-does-not-fit']);

function openOf(draft: FindingDraft, hasPart: boolean, hasKind: boolean): FindingDraft['questions'] {
  const { questions, kinds } = draft;
  const where = questions.filter((each) => !ofKind.has(each) && each !== 'impossible-number');
  const rest = questions.filter((each) => each === 'impossible-number');
  const kind = kinds.length > 0 ? ('kind-does-not-fit' as const) : ('which-kind' as const);
  const isKindOpen = !hasKind && (hasPart || kinds.length === 0);
  return [...(hasPart ? [] : where), ...(isKindOpen ? [kind] : []), ...rest];
}

/** Kinds a fault may be where none was named, or none that fits: the usual ones of the part first. */
export function kindChoices({ part: partId }: FindingDraft, style: BodyStyle, most = 6): FindingKind[] {
  const part = style.parts.get(partId ?? '');
  if (!part) return [];
  // Where nobody can say yet what it is, it may stay a mark.
  const isMark = kindFits('mark', part);
  const named = kindsFor(part).filter((kind) => kind !== 'mark');
  return isMark ? [...named.slice(0, most - 1), 'mark'] : named.slice(0, most);
}
