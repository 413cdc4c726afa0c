import { describe, expect, it } from 'vitest';
import { addressOf, deckAt } from './deckAddress';
import type { Deck } from './walkModel';

describe('the address of a deck', () => {
  const decks: Deck[] = [
    { mode: 'stop' },
    { mode: 'refine', finding: 'f-1' },
    { mode: 'left' },
    { mode: 'log' },
    { mode: 'plan' },
    { mode: 'conditions' },
    { mode: 'step-back' },
    { mode: 'photos' },
    { mode: 'not-seen' },
    { mode: 'sweep' },
    { mode: 'statement' },
  ];
  it.each(decks)('leads back to it: $mode', (deck) => expect(deckAt(addressOf(deck))).toEqual(deck));

  it('is that of the stop for a spot that waits for its kind, and for anything unknown', () => {
    expect(addressOf({ mode: 'kinds', part: 'bonnet', spot: { u: 0.5, v: 0.5 } })).toBe('');
    for (const search of ['', '?deck=nothing', '?deck=finding', '?other=left'])
      expect(deckAt(search)).toEqual({ mode: 'stop' });
  });
});
