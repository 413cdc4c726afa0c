import type { Vocabulary } from '../car';
import type { Draft } from '../speech';
import { findingKindName, isStanding, type WalkState } from '../walk';

/** Where what was said in a film does not agree with what is in the walk already. It is shown, and a person decides. */
export type AgainstWalk =
  | { code: 'already-noted'; finding: number }
  | { code: 'walk-has-finding'; finding: number; kind: string }
  | { code: 'walk-says-clear' }
  | { code: 'other-function-state'; walk: 'works' | 'faulty' }
  | { code: 'other-odometer'; value: number };

/** Compares a statement that is not taken yet with the walk, what was taken of the same film before included; undefined where they agree. */
export function againstWalk(draft: Draft, state: WalkState, vocabulary: Vocabulary): AgainstWalk | undefined {
  switch (draft.is) {
    case 'finding': {
      if (!draft.part || !draft.kind) return undefined;
      const same = state.findings.find(
        (each) => each.part === draft.part && each.kind === draft.kind && isStanding(each),
      );
      if (same) return { code: 'already-noted', finding: same.number };
      const look = state.looks.get(draft.part);
      return look?.status === 'clear' && look.isOwn && !hasFinding(state, draft.part)
        ? { code: 'walk-says-clear' }
        : undefined;
    }
    case 'clear': {
      const on = state.findings.filter((each) => each.part === draft.part && isStanding(each));
      const denied = on.find(({ kind }) => draft.polarity === 'fine' || draft.absent.includes(kind));
      return (
        denied && {
          code: 'walk-has-finding',
          finding: denied.number,
          kind: findingKindName(denied.kind, vocabulary).toLowerCase(),
        }
      );
    }
    case 'function': {
      const tried = state.functions.tried.get(draft.function)?.state;
      const said = draft.works ? 'works' : 'faulty';
      return (tried === 'works' || tried === 'faulty') && tried !== said
        ? { code: 'other-function-state', walk: tried }
        : undefined;
    }
    case 'figure':
      return draft.of === 'odometer' && state.odometer && state.odometer.value !== draft.value
        ? { code: 'other-odometer', value: state.odometer.value }
        : undefined;
    default:
      return undefined;
  }
}

const hasFinding = (state: WalkState, part: string) =>
  state.findings.some((each) => each.part === part && isStanding(each));

export function againstWalkWords(against: AgainstWalk): string {
  switch (against.code) {
    case 'already-noted':
      return `The walk has it already, as ${against.finding}.`;
    case 'walk-has-finding':
      return `The walk has a finding there: ${against.finding}, ${against.kind}. Which is right?`;
    case 'walk-says-clear':
      return 'The walk says that this part is clear. Which is right?';
    case 'other-function-state':
      return `The walk says it ${against.walk === 'works' ? 'works' : 'is faulty'}. Which is right?`;
    case 'other-odometer':
      return `The walk says ${against.value.toLocaleString('en-GB')}. Which is right?`;
  }
}
