import fc from 'fast-check';
import { expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { LiveTalk } from './liveTalk';
import { readTalk } from './readTalk';

const context = {
  style: bodyStyle('hatch-5'),
  speech: { country: 'GB', steering: 'right' } as const,
};
const sentences = [
  'nearside front door has a dent in it about twenty mil',
  'no kerbing on the wheel',
  'back door is fine',
  "tyre's on five and a half",
  'and the rear quarter has been painted you can see the overspray',
  'round the back there are scuffs on the bumper',
  'up the offside the doors are both straight',
  "air con works heater works radio doesn't",
  'sorry that is the front door',
];

it('comes to the same drafts in bits as in one go', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...sentences), { minLength: 1, maxLength: 25 }), (said) => {
      const live = new LiveTalk(context);
      for (const text of said) live.hear({ text });
      expect(live.drafts()).toEqual(
        readTalk(
          said.map((text) => ({ text })),
          context,
        ),
      );
    }),
    { numRuns: 60 },
  );
});

it('shows drafts of words that may change, and forgets them when they do', () => {
  const live = new LiveTalk(context);
  live.hear({ text: 'nearside front door' });
  expect(live.drafts('has a dent')).toMatchObject([{ is: 'finding', part: 'door-fl', kind: 'dent' }]);
  expect(live.drafts('has no dent')).toMatchObject([{ is: 'clear', part: 'door-fl', absent: ['dent'] }]);
  expect(live.drafts()).toEqual([]);
});

it('goes on in the middle of a phrase', () => {
  const live = new LiveTalk(context);
  live.hear({ text: 'nearside front' });
  live.hear({ text: 'door has a kerb', isOn: true });
  live.hear({ text: 'mark no sorry a dent', isOn: true });
  expect(live.drafts()).toEqual(
    readTalk([{ text: 'nearside front door has a kerb mark no sorry a dent' }], context),
  );
});
