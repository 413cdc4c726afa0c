import { z } from 'zod';
import { type BodyStyleId, bodyStyleIds, extraIds, fuels, type PartKind, partKindIds, styleOf } from '../car';
import { spotWordsSchema } from '../walk';

/** So many a yard keeps at most. */
export const MOST_IN_LIST = 400;

const years = (what: string) =>
  z
    .int(`${what} is a whole number.`)
    .min(0, `${what} cannot be less than 0.`)
    .max(100, `${what} is at most 100.`);
const year = (what: string) =>
  z
    .int(`${what} is a year of four figures.`)
    .min(1900, `${what} is a year from 1900 on.`)
    .max(2100, `${what} is a year up to 2100.`);
const name = (what: string) => z.string().trim().max(60, `${what} may hold 60 characters.`);

/** Which cars a weak spot is asked of. What is left out does not matter; all that is said must hold. */
export const spotCarsSchema = z.strictObject({
  bodyStyles: z.array(z.enum(bodyStyleIds, 'That is no body style.')).max(bodyStyleIds.length).optional(),
  make: name('The make').optional(),
  /** As it is written on the car, with * for anything: "Tessel*". */
  model: name('The model').optional(),
  yearFrom: year('The first year').optional(),
  yearTo: year('The last year').optional(),
  fuels: z.array(z.enum(fuels, 'That is no fuel.')).max(fuels.length).optional(),
  /** Fitted with all of these. */
  extras: z.array(z.enum(extraIds, 'That is no extra.')).max(extraIds.length).optional(),
  ageFrom: years('The age it begins with').optional(),
  ageTo: years('The age it ends with').optional(),
});

/** What such cars are known for: where, what to look for, how, and what to say when it is fine. */
export const weakSpotSchema = spotWordsSchema.extend({
  id: z.string().regex(/^[a-z0-9-]{1,60}$/, 'An id holds small letters, figures and hyphens, at most 60.'),
  /** Parts it is looked for on. */
  on: z
    .array(z.enum(partKindIds, 'That is no part of the walk.'))
    .min(1, 'Say on which part it is looked for.')
    .max(8),
  cars: spotCarsSchema,
  /** House defaults are common practice of the trade; the yard's own come from whoever wrote them, or from its findings. */
  setBy: z.enum(['house', 'yard', 'findings']).default('yard'),
  /** Not asked for now. */
  isOff: z.literal(true).optional(),
});
export type WeakSpot = z.output<typeof weakSpotSchema>;

export const weakSpotListSchema = z.strictObject({
  spots: z.array(weakSpotSchema).max(MOST_IN_LIST, `A yard keeps at most ${MOST_IN_LIST} weak spots.`),
});
export type WeakSpotList = z.output<typeof weakSpotListSchema>;

export type SpotIssue =
  | { code: 'years-backwards' | 'ages-backwards' | 'no-such-car'; spot: string }
  | { code: 'same-id' | 'same-place'; spot: string; other: string };

/** Kinds of part a body style has. */
const kindsOf = (style: BodyStyleId): ReadonlySet<PartKind> =>
  new Set([...styleOf({ bodyStyle: style }).parts.values()].map(({ kind }) => kind));

/** Rules of a list that contradict themselves or each other. */
export function spotIssues(spots: readonly WeakSpot[]): SpotIssue[] {
  const issues: SpotIssue[] = [];
  const byId = new Map<string, WeakSpot>();
  const byPlace = new Map<string, WeakSpot>();
  for (const spot of spots) {
    const { cars, title } = spot;
    const other = byId.get(spot.id);
    if (other) issues.push({ code: 'same-id', spot: title, other: other.title });
    else byId.set(spot.id, spot);
    if ((cars.yearFrom ?? 0) > (cars.yearTo ?? 9999)) issues.push({ code: 'years-backwards', spot: title });
    if ((cars.ageFrom ?? 0) > (cars.ageTo ?? 999)) issues.push({ code: 'ages-backwards', spot: title });
    if (
      cars.bodyStyles?.length &&
      !cars.bodyStyles.some((style) => spot.on.some((kind) => kindsOf(style).has(kind)))
    )
      issues.push({ code: 'no-such-car', spot: title });
    const place = JSON.stringify([spot.title.toLowerCase(), spot.on.toSorted(), cars]);
    const twin = byPlace.get(place);
    // Two that ask the same of the same cars and differ in what to say.
    if (twin && twin.id !== spot.id) issues.push({ code: 'same-place', spot: title, other: twin.fine });
    else byPlace.set(place, spot);
  }
  return issues;
}

export function spotIssueWords(issue: SpotIssue): string {
  switch (issue.code) {
    case 'same-id':
      return `“${issue.spot}” and “${issue.other}” have the same id. Give one another.`;
    case 'same-place':
      return `“${issue.spot}” is asked twice of the same cars in different words. Take one out.`;
    case 'years-backwards':
      return `“${issue.spot}”: its first year lies after its last. No car can be both; turn them round.`;
    case 'ages-backwards':
      return `“${issue.spot}”: it begins at a greater age than it ends. No car can be both; turn them round.`;
    case 'no-such-car':
      return `“${issue.spot}”: none of its body styles has the part it is looked for on. Change one of the two.`;
  }
}
