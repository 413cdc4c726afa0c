import type { PartId, Vocabulary } from '../../../car';
import { type LookId, lookWords } from '../../lookTable';
import { notThereWords } from '../../tellNotThere';
import { conditionLine, statementSays } from '../../tellStory';
import type { WalkState } from '../../walkState';
import { familyOf, silent } from '../family';
import type { courseBodies } from './bodies';

export const course = familyOf<typeof courseBodies>()({
  empty: () => ({
    lap: 'close' as const,
    hasSteppedBack: false,
    conditions: { sides: new Map() },
    conditionsMet: [],
    cautionsRead: new Set(),
    looks: new Map(),
    notThere: new Map(),
    statements: new Map(),
  }),
  noters: {
    'walk-begun': ({ state }, { body, at, who }) => {
      state.begun ??= { ...body, at, who };
    },
    'route-chosen': ({ state }, { body }) => {
      state.route = body.rule;
    },
    'lap-begun': ({ state }, { body }) => {
      state.lap = body.lap;
      if (body.lap === 'step-back') state.hasSteppedBack = true;
    },
    'conditions-noted': ({ state }, { body }) => {
      const { side, ...conditions } = body;
      if (side) state.conditions.sides.set(side, conditions);
      // A new word on the whole car holds for every side again.
      else state.conditions = { whole: conditions, sides: new Map() };
      state.conditionsMet.push(conditions);
    },
    'caution-read': ({ state }, { body }) => {
      state.cautionsRead.add(body.caution);
    },
    'stop-reached': ({ state }, { body }) => {
      state.at = body.part;
    },
    'part-cleared': ({ state }, { body: { part, absent = [] }, at, who }) => {
      const swept = sweptBefore(state, part);
      state.looks.set(part, { status: 'clear', isOwn: true, absent, ...(swept && { swept }), at, who });
    },
    'not-there-noted': ({ state }, { body: { part, ...not } }) => {
      state.notThere.set(part, [...(state.notThere.get(part) ?? []), not]);
    },
    'part-not-seen': ({ state }, { body, at, who }) => {
      state.looks.set(body.part, { status: 'not-seen', why: body.why, at, who });
    },
    'sweep-made': ({ state, findings }, { body: { parts, absent = [] }, at, who }) => {
      const open = new Set(
        [...findings.values()].flatMap(({ part, standing }) =>
          standing.status === 'suspected' ? [part] : [],
        ),
      );
      for (const part of parts) {
        const look = state.looks.get(part);
        // What is in doubt or could not be seen is not cleared from a stride away.
        if (open.has(part) || look?.status === 'not-seen') continue;
        const swept = [...new Set([...(sweptBefore(state, part) ?? []), ...absent])];
        state.looks.set(
          part,
          look?.isOwn ? { ...look, swept } : { status: 'clear', isOwn: false, absent: [], swept, at, who },
        );
      }
    },
    'statement-made': ({ state }, { body }) => {
      state.statements.set(body.statement, body);
    },
    'statement-taken-back': ({ state }, { body }) => {
      state.statements.delete(body.statement);
    },
  },
  words: {
    'walk-begun': silent,
    'route-chosen': silent,
    'lap-begun': silent,
    'conditions-noted': (body) => `Conditions: ${conditionLine(body)}`,
    'caution-read': silent,
    'stop-reached': silent,
    'part-cleared': ({ part, absent }, { nameOf, vocabulary }) =>
      `${nameOf(part)}: clear${absent ? `, ${looksSaid(absent, vocabulary)}` : ''}`,
    'not-there-noted': ({ part, ...not }, { nameOf, vocabulary }) =>
      `${nameOf(part)}: ${notThereWords(not, vocabulary)}`,
    'part-not-seen': ({ part, why }, { nameOf }) => `${nameOf(part)}: not seen, ${why}`,
    'sweep-made': ({ parts, absent }, { vocabulary }) =>
      `Swept: ${parts.length} ${parts.length === 1 ? 'part' : 'parts'} clear${absent ? `, ${looksSaid(absent, vocabulary)}` : ''}`,
    'statement-made': (made, speech) => statementSays(made, speech),
    'statement-taken-back': () => 'Statement taken back',
  },
});

const looksSaid = (looks: readonly LookId[], vocabulary: Vocabulary): string =>
  looks.map((id) => lookWords(id, vocabulary)).join(', ');

function sweptBefore({ looks }: WalkState, part: PartId): readonly LookId[] | undefined {
  const look = looks.get(part);
  return look?.status === 'clear' ? look.swept : undefined;
}
