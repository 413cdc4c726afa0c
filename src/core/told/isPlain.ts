/** Whether a message is its own words: there is nothing to fill in, and nothing quoted. */
export const isPlain = (source: string): boolean => !/[{}]|''/.test(source);
