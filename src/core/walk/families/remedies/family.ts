import { adviceLine, decisionLine } from '../../describeRemedy';
import { familyOf } from '../family';
import type { remedyBodies } from './bodies';
import { type RemedyNoted, remedyKey } from './state';

export const remedies = familyOf<typeof remedyBodies>()({
  empty: () => ({ remedies: new Map<string, RemedyNoted>() }),
  noters: {
    'remedy-noted': ({ state }, { body: { about, cures, decision } }) => {
      const key = remedyKey(about);
      const before = state.remedies.get(key);
      const after: RemedyNoted = {
        about,
        cures: cures === undefined ? before?.cures : (cures ?? undefined),
        decision: decision === undefined ? before?.decision : (decision ?? undefined),
      };
      if (after.cures || after.decision) state.remedies.set(key, after);
      else state.remedies.delete(key);
    },
  },
  words: {
    'remedy-noted': ({ about, cures, decision }, { vocabulary, nameOf, titleOf }) => {
      const what =
        about.of === 'part'
          ? nameOf(about.part)
          : about.of === 'function'
            ? titleOf(about.function)
            : about.of;
      const said = [
        cures ? adviceLine({ cures }, vocabulary) : cures === null && 'what would mend it taken back',
        decision
          ? decisionLine({ decision }, vocabulary).toLowerCase()
          : decision === null && 'decision taken back',
      ].filter(Boolean);
      return `${what}: ${said.join('; ')}`;
    },
  },
});
