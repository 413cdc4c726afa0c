/** A line longer than this is noise without an end. */
const LONGEST = 200;

/** Puts bytes together to lines, however they were cut on the way; gives back a feeder for the next bytes. */
export function lineFeed(onLine: (line: string) => void): (bytes: Uint8Array) => void {
  let rest = '';
  return (bytes) => {
    // The protocol is plain ASCII: a byte is a character, and noise stays noise.
    for (const byte of bytes) rest += String.fromCharCode(byte);
    const lines = rest.split('\n');
    rest = (lines.pop() as string).slice(-LONGEST);
    for (const line of lines) {
      const text = line.replace(/\r$/, '');
      if (text !== '') onLine(text);
    }
  };
}
