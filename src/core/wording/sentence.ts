/** First letter large, for the start of a line. */
export const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A name within a sentence: "dent, 40 mm across"; "USB sockets" and "12 V sockets" stay as they are. */
export const withinSentence = (text: string): string =>
  /^[A-Z](?:[a-z’-]|$)/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
