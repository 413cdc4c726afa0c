/** What stands before a word: nothing, a breath, a pause of the captions, or the end of a sentence. */
export type Break = 'none' | 'comma' | 'pause' | 'stop' | 'question';

/** A word as it is looked up, as it was said, and when. */
export interface TalkWord {
  word: string;
  said: string;
  /** What was heard before it. */
  before: Break;
  /** Seconds into the talk, where captions tell them. */
  at?: number;
}

/** A stretch of talk: a typed line, or one caption with the time it begins. */
export interface TalkLine {
  text: string;
  at?: number;
  /** It goes on from the line before without a pause: captions are cut where the line is full. */
  isOn?: true;
}

/** Longer than any talk of a car: a mistake of whoever sent it. */
export const MOST_WORDS = 50_000;

const ends: Record<string, Break> = {
  '.': 'stop',
  '!': 'stop',
  ';': 'stop',
  ':': 'comma',
  ',': 'comma',
  '?': 'question',
  '…': 'comma',
};
const rank: Record<Break, number> = { none: 0, comma: 1, pause: 2, stop: 3, question: 4 };

/** Splits talk into words in lower case, with what was heard between them. A new line is a pause, unless it goes on. */
export function talkWords(lines: readonly TalkLine[], first: Break = 'stop'): TalkWord[] {
  const words: TalkWord[] = [];
  let before: Break = first;
  const hear = (next: Break) => {
    if (rank[next] > rank[before]) before = next;
  };
  for (const { text, at, isOn } of lines) {
    if (!isOn) hear('pause');
    for (const piece of text.split(/\s+/)) {
      const [, lead = '', body = '', tail = ''] =
        /^([^\p{L}\p{N}"″'’/]*)(.*?)([.!?,;:…)"]*)$/u.exec(piece) ?? [];
      for (const sign of lead) hear(ends[sign] ?? 'none');
      for (const part of split(body)) {
        if (words.length >= MOST_WORDS) return words;
        words.push({
          word: part,
          said: part === plain(body) ? body : part,
          before,
          ...(at !== undefined && { at }),
        });
        before = 'none';
      }
      for (const sign of tail) hear(ends[sign] ?? 'none');
      if (/^[-–—]+$/.test(piece)) hear('comma');
    }
  }
  return words;
}

const plain = (word: string): string => word.toLowerCase().replace(/[’`]/g, "'");

/** Abbreviations keep together, joined words come apart: "n/s" → ns, "thirty-seconds" → thirty seconds, "46mm" → 46 mm. */
function split(piece: string): string[] {
  return plain(piece)
    .replace(/\bn[/.]?s[/.]?([fr])\b(?![/.]?[a-z])/g, 'ns$1')
    .replace(/\bo[/.]?s[/.]?([fr])\b(?![/.]?[a-z])/g, 'os$1')
    .replace(/\bn\/s/g, 'ns')
    .replace(/\bo\/s/g, 'os')
    .replace(/(\d),(\d{3})\b/g, '$1$2')
    .replace(/^x(?=\d+$)/, '')
    .replace(/(\d)[x×](?=\d)/g, '$1 x ')
    .replace(/^(\d+(?:\.\d+)?)-(?=\d+(?:\.\d+)?(?:mm|cm|in)?$)/, '$1 to ')
    .replace(/["″”“]/g, ' in ')
    .replace(/(\d)(mm|cm|k|in|mil|um|µm)\b/g, '$1 $2')
    .replace(/(\p{L})-(?=\p{L})/gu, '$1 ')
    .split(/\s+/)
    .filter((word) => word !== '');
}
