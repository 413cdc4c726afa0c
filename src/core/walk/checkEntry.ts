import { type BodyStyle, type Part, type PartId, styleOf } from '../car';
import { type Entry, type EntryKind, entryKinds, entrySchema } from './entries';
import { canBeMetal, hasTyre, mostTreadMm } from './readable';

/** Clocks of phones wander; farther ahead than this is a wrong date. */
export const CLOCK_TOLERANCE_MS = 60 * 60 * 1000;
/** Nothing was walked with Zelk before this. */
export const EARLIEST = '2020-01-01T00:00:00.000Z';

export type EntryProblemCode =
  | 'not-an-entry'
  | 'unknown-kind'
  | 'bad-body'
  | 'other-walk'
  | 'in-the-future'
  | 'too-long-ago'
  | 'unknown-part'
  | 'not-a-tyre'
  | 'not-a-wheel'
  | 'not-metal'
  | 'too-deep';

export interface EntryProblem {
  code: EntryProblemCode;
  /** Where in the entry, as a dotted path. */
  path: string;
  /** What to change, in plain words. */
  message: string;
}

export type EntryCheck = { ok: true; entry: Entry } | { ok: false; problem: EntryProblem };

export interface EntryContext {
  walk: string;
  now: Date;
  /** The walk's style, or undefined while its first entry is not known. */
  style?: BodyStyle;
}

const refuse = (code: EntryProblemCode, path: string, message: string): EntryCheck => ({
  ok: false,
  problem: { code, path, message },
});

/** From anything to an entry this walk may hold, or the reason why not. */
export function checkEntry(raw: unknown, { walk, now, style }: EntryContext): EntryCheck {
  const kind = (raw as { kind?: unknown } | null)?.kind;
  if (typeof kind === 'string' && !entryKinds.includes(kind as EntryKind)) {
    return refuse(
      'unknown-kind',
      'kind',
      `“${kind.slice(0, 40)}” is not a kind of entry this Zelk knows. Update Zelk, or correct the kind.`,
    );
  }
  const parsed = entrySchema.safeParse(raw);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    const path = issue?.path.join('.') ?? '';
    return refuse(
      path.startsWith('body') ? 'bad-body' : 'not-an-entry',
      path,
      `${path || 'The entry'}: ${issue?.message ?? 'cannot be read.'}`,
    );
  }
  const entry = parsed.data;
  if (entry.walk !== walk) {
    return refuse('other-walk', 'walk', 'This entry belongs to another walk. Send it to that walk.');
  }
  const at = Date.parse(entry.at);
  if (at > now.getTime() + CLOCK_TOLERANCE_MS) {
    return refuse(
      'in-the-future',
      'at',
      `The entry is dated ${entry.at}, in the future. Set the clock of the device and send it again.`,
    );
  }
  if (entry.at < EARLIEST) {
    return refuse(
      'too-long-ago',
      'at',
      `The entry is dated ${entry.at}, too long ago. Set the clock of the device.`,
    );
  }
  const ownStyle = style ?? (entry.kind === 'walk-begun' ? styleOf(entry.body) : undefined);
  return ownStyle ? checkParts(entry, ownStyle) : { ok: true, entry };
}

function checkParts(entry: Entry, style: BodyStyle): EntryCheck {
  const stranger = partsNamed(entry).find(({ part }) => !style.parts.has(part));
  if (stranger)
    return refuse(
      'unknown-part',
      stranger.path,
      `This ${style.id} has no part “${stranger.part}”. Choose a part on the map, or add the extra to the car.`,
    );
  const partId = 'part' in entry.body ? entry.body.part : undefined;
  if (partId === undefined) return { ok: true, entry };
  const part = style.parts.get(partId);
  if (!part) {
    return refuse(
      'unknown-part',
      'body.part',
      `This ${style.id} has no part “${partId}”. Choose a part on the map, or add the extra to the car.`,
    );
  }
  return checkReading(entry, part, style) ?? { ok: true, entry };
}

/** Parts an entry names beside the one it is of. */
function partsNamed({ kind, body }: Entry): { path: string; part: PartId }[] {
  const several = (path: string, parts: readonly PartId[]) =>
    parts.map((part, i) => ({ path: `${path}.${i}`, part }));
  if (kind === 'sweep-made') return several('body.parts', body.parts);
  if (kind === 'statement-made' && body.over.of === 'parts')
    return several('body.over.parts', body.over.parts);
  if ((kind === 'remedy-noted' || kind === 'mend-checked') && body.about.of === 'part')
    return [{ path: 'body.about.part', part: body.about.part }];
  return [];
}

/** A reading must be possible where it was taken. */
function checkReading(entry: Entry, part: Part, style: BodyStyle): EntryCheck | undefined {
  switch (entry.kind) {
    case 'tread-read':
    case 'tread-by-eye':
    case 'tyre-described': {
      if (!hasTyre(part))
        return refuse('not-a-tyre', 'body.part', `Tread is read on a tyre, and ${part.id} is not one.`);
      const most = mostTreadMm(style.id);
      if (entry.kind === 'tread-read' && entry.body.depth.highMm > most)
        return refuse(
          'too-deep',
          'body.depth.highMm',
          `No tyre of such a car has more than ${most} mm of tread. Check the figure and the unit.`,
        );
      return undefined;
    }
    case 'wheel-described':
      return part.kind === 'wheel'
        ? undefined
        : refuse('not-a-wheel', 'body.part', `A rim is described at a wheel, and ${part.id} is not one.`);
    case 'paint-read':
      // A wing of plastic may be one of steel on this car: only where no metal can be is a reading a slip.
      return canBeMetal(part)
        ? undefined
        : refuse(
            'not-metal',
            'body.part',
            `A paint gauge reads over steel and aluminium only; ${part.id} is ${part.material}. Judge it by eye.`,
          );
    default:
      return undefined;
  }
}
