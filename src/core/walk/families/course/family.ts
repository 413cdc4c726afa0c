import { conditionLine } from '../../conditions';
import { family, silent } from '../family';
import { courseBodies } from './bodies';

export const course = family({
  bodies: courseBodies,
  empty: () => ({
    lap: 'close' as const,
    hasSteppedBack: false,
    conditions: { sides: new Map() },
    conditionsMet: [],
    cautionsRead: new Set(),
    looks: new Map(),
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
    'part-cleared': ({ state }, { body, at, who }) => {
      state.looks.set(body.part, { status: 'clear', at, who });
    },
    'part-not-seen': ({ state }, { body, at, who }) => {
      state.looks.set(body.part, { status: 'not-seen', why: body.why, at, who });
    },
  },
  words: {
    'walk-begun': silent,
    'route-chosen': silent,
    'lap-begun': silent,
    'conditions-noted': (body) => `Conditions: ${conditionLine(body)}`,
    'caution-read': silent,
    'stop-reached': silent,
    'part-cleared': ({ part }, { nameOf }) => `${nameOf(part)}: clear`,
    'part-not-seen': ({ part, why }, { nameOf }) => `${nameOf(part)}: not seen, ${why}`,
  },
});
