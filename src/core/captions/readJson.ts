import { z } from 'zod';
import type { Caption } from './caption';

const seconds = z.number().finite();
const word = z.looseObject({
  word: z.string().optional(),
  text: z.string().optional(),
  start: seconds.optional(),
  end: seconds.optional(),
});
/** What speech-to-text programs commonly write of a stretch of talk. */
const segment = z.looseObject({
  text: z.string().optional(),
  start: seconds.optional(),
  end: seconds.optional(),
  timestamp: z.tuple([seconds.nullable(), seconds.nullable()]).optional(),
  words: z.array(word).optional(),
});
type Segment = z.output<typeof segment>;
const segments = z.array(segment);
const file = z.union([
  segments,
  z.looseObject({ segments }).transform((each) => each.segments),
  z.looseObject({ chunks: segments }).transform((each) => each.chunks),
  z.looseObject({ words: z.array(word) }).transform((each): Segment[] => [{ words: each.words }]),
]);

/** Silence between two words after which they are two captions. */
const PAUSE_S = 0.6;
/** No caption made of words is longer. */
const MOST_WORDS_OF_ONE = 12;

/** Captions of a speech-to-text file; undefined where its shape is none of those known. Words with times make captions where they pause. */
export function readJson(value: unknown): Caption[] | undefined {
  const parsed = file.safeParse(value);
  if (!parsed.success) return undefined;
  return parsed.data.flatMap((each): Caption[] => {
    const start = each.start ?? each.timestamp?.[0] ?? undefined;
    const end = each.end ?? each.timestamp?.[1] ?? undefined;
    const words = each.words?.filter((one) => one.start !== undefined) ?? [];
    const said = (each.text ?? '').trim();
    // A long segment would give all its statements one second: its words know better.
    const isAll = words.length > 0 && (said === '' || words.length >= said.split(/\s+/).length);
    if (isAll) return byPauses(words);
    return said === ''
      ? []
      : [
          {
            text: said,
            ...(start !== undefined && { startS: start }),
            ...(end !== undefined && { endS: end }),
          },
        ];
  });
}

function byPauses(words: readonly z.output<typeof word>[]): Caption[] {
  const made: { text: string; startS: number; endS: number; words: number }[] = [];
  for (const { word: said, text, start = 0, end = start } of words) {
    const spoken = (said ?? text ?? '').trim();
    if (spoken === '') continue;
    const last = made.at(-1);
    if (last && start - last.endS < PAUSE_S && last.words < MOST_WORDS_OF_ONE) {
      last.text += ` ${spoken}`;
      last.endS = end;
      last.words++;
    } else made.push({ text: spoken, startS: start, endS: end, words: 1 });
  }
  return made.map(({ words: _, ...caption }) => caption);
}
