import { z } from 'zod';
import { allBodies } from './families/allBodies';
import { uuid } from './families/fields';

export type EntryKind = keyof typeof allBodies;
export const entryKinds = Object.keys(allBodies) as [EntryKind, ...EntryKind[]];

const headShape = {
  id: uuid,
  walk: uuid,
  /** When it was made, UTC. */
  at: z.iso.datetime({
    message: 'A time must be written in UTC, like 2026-03-14T09:30:00.000Z.',
    precision: 3,
  }),
  /** The person who made it. */
  who: uuid,
};
type Head = z.output<z.ZodObject<typeof headShape>>;

export type EntryBody<K extends EntryKind> = z.output<(typeof allBodies)[K]>;
export type EntryOf<K extends EntryKind> = { [Each in K]: Head & { kind: Each; body: EntryBody<Each> } }[K];
/** One small fact of a walk, made once and never changed. */
export type Entry = EntryOf<EntryKind>;

const entryOf = (kind: EntryKind) =>
  z.strictObject({ ...headShape, kind: z.literal(kind), body: allBodies[kind] });
const [first, ...others] = entryKinds;

/** The union of all kinds of all families: none can be left out of it. */
export const entrySchema = z.discriminatedUnion('kind', [
  entryOf(first),
  ...others.map(entryOf),
]) as unknown as z.ZodType<Entry, Entry>;

/** Kind and body alone: what a screen makes before id, time and person are added. */
export type Fact = { [K in EntryKind]: Pick<EntryOf<K>, 'kind' | 'body'> }[EntryKind];
