import { withinSentence } from '../../../wording';
import { familyOf, silent } from '../family';
import type { weakSpotBodies } from './bodies';
import { type SpotAsked, spotKey } from './state';

export const weakSpots = familyOf<typeof weakSpotBodies>()({
  empty: () => ({
    weakSpots: new Map<string, SpotAsked>(),
    spotAnswers: new Map<string, SpotAsked['answered']>(),
  }),
  noters: {
    'weak-spots-listed': ({ state }, { body: { spots } }) => {
      // Answers may come from another phone before the list: they wait by their key.
      state.weakSpots = new Map(
        spots.map((each) => {
          const key = spotKey(each.spot, each.part);
          const answered = state.spotAnswers.get(key);
          return [key, { ...each, ...(answered && { answered }) }];
        }),
      );
    },
    'weak-spot-answered': ({ state }, { at, who, body: { spot, part, answer, finding, why } }) => {
      const key = spotKey(spot, part);
      const answered =
        answer === null ? undefined : { answer, ...(finding && { finding }), ...(why && { why }), at, who };
      state.spotAnswers.set(key, answered);
      const asked = state.weakSpots.get(key);
      if (!asked) return;
      const { answered: _before, ...rest } = asked;
      state.weakSpots.set(key, { ...rest, ...(answered && { answered }) });
    },
  },
  words: {
    'weak-spots-listed': silent,
    'weak-spot-answered': ({ spot, part, answer, why }, { nameOf, spotTitle }) => {
      const what = `${nameOf(part)}, weak spot “${withinSentence(spotTitle(spot, part))}”`;
      if (answer === null) return `${what}: answer taken back`;
      if (answer === 'could-not-tell') return `${what}: could not tell${why ? `, ${why}` : ''}`;
      return `${what}: ${answer === 'there' ? 'there' : 'not there'}`;
    },
  },
});
