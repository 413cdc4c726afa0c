import type { FoundAgain } from './bodies';

/** How it is found when it is looked at again: on a button, and in a sentence. */
export const foundWords: Record<FoundAgain, { name: string; told: string }> = {
  gone: { name: 'Gone', told: 'gone when it was looked at again' },
  better: { name: 'Better', told: 'better, but not gone' },
  'still-there': { name: 'Still there', told: 'still there' },
};
