import type { Overlay } from '#core/picture';
import { pictureOf } from '#core/walk';
import type { Context } from '../context';
import type { SheetMade } from '../pdfs/printed';
import { carOfWalk } from '../planning/carOfWalk';
import { sheetOf } from './sheetOf';

/** So long the pictures of a sheet are those it was last told with: a page asks for a dozen, and the board is not worked out for each. */
const FRESH_MS = 60_000;

/** Which pictures each trade may see: those of faults in its own jobs. How they may be shown is looked up each time. */
export function makeTradePictures(context: Context) {
  const { now } = context;
  const known = new Map<string, { at: number; walkOf: ReadonlyMap<string, string> }>();
  /** The sheet of a crew was worked out: these are its pictures. */
  const note = (crew: string, { days }: SheetMade): ReadonlyMap<string, string> => {
    const walkOf = new Map(
      days.flatMap(({ pieces }) =>
        pieces.flatMap(({ car: { walk, tasks } }) =>
          tasks.flatMap(({ faults }) =>
            faults.flatMap(({ photos }) => photos.map((sha256) => [sha256, walk] as const)),
          ),
        ),
      ),
    );
    known.set(crew, { at: now().getTime(), walkOf });
    return walkOf;
  };
  return {
    note,
    /** How a picture may be shown to a trade; undefined for every other picture of the yard, and for one taken away meanwhile. */
    overlayOf: async (crew: string, sha256: string): Promise<Overlay | undefined> => {
      const last = known.get(crew);
      const isFresh = last !== undefined && now().getTime() - last.at < FRESH_MS;
      const walkOf = isFresh ? last.walkOf : note(crew, await sheetOf(context, crew));
      const walk = walkOf.get(sha256);
      const standing = walk === undefined ? undefined : carOfWalk(context.stores, walk);
      if (!standing) return undefined;
      const { state } = standing;
      if (state.setAside.has(sha256) || state.withdrawn.has(sha256)) return undefined;
      const { marks, boxes } = pictureOf(state, sha256);
      return { marks: [...marks], ...(boxes && { boxes: [...boxes] }) };
    },
  };
}
