import words from './words.json' with { type: 'json' };

/** What is said of damage to a screen. */
export const screenWords = [words];
