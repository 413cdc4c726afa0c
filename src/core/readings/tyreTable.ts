import {
  type BodyStyle,
  countryOf,
  endOf,
  handOf,
  type Part,
  type PartId,
  type Position,
  type Speech,
  vocabularyOf,
} from '../car';
import { distanceRangeTold, type TreadUnit, treadTold } from '../measure';
import { listed, own, type Text } from '../told';
import {
  ageMonths,
  asThirds,
  distanceLeft,
  judgeTyre,
  lawTold,
  limitOf,
  lowestMm,
  type Matched,
  mismatches,
  pairsToMatch,
  sayOfTyres,
  shareLeft,
  type TreadLook,
  type TyreFlag,
  type TyreLawId,
  type TyreVerdict,
  tyreSummary,
  usualLaw,
  usualNewMm,
} from '../tyres';
import { isHeavy, routeOf, type TreadThird, type TyreDescribed, treadThirds, type WalkState } from '../walk';
import { byText } from '../wording';

export interface TyreRow {
  part: PartId;
  brand?: string;
  size?: string;
  /** "week 23 of 2019, 6 years and 9 months old" */
  made?: Text;
  flags: readonly TyreFlag[];
  /** Spoken depths by third; one figure alone stands under "whole". */
  depths: Partial<Record<TreadThird | 'whole', Text>>;
  /** Judged only when its tread was read. */
  verdict?: TyreVerdict;
  limit: Text;
  /** Share of its life left, 0..1. */
  share?: number;
  /** "2,100 to 3,400 miles" */
  distance?: Text;
  isPractice: boolean;
  /** How it looked, where somebody said so by eye: never a figure, and told beside one. */
  byEye?: Text;
  /** Of a retread: "tread by Ortal on a casing by Venn". */
  retread?: Text;
}

export interface TyreTable {
  law: TyreLawId;
  /** The limit used, and whose it is. */
  lawSays: Text;
  newMm: number;
  unit: TreadUnit;
  rows: readonly TyreRow[];
  /** "front axle: Ortal and Venn". */
  matching: readonly { parts: readonly [PartId, PartId]; says: Text }[];
  /** Absent where none was read. */
  summary?: Text;
  /** Tyres to buy, by size: lines for a price. */
  toBuy: readonly { count: number; size?: string; when: 'now' | 'soon'; parts: readonly PartId[] }[];
}

/** Tyres that run, in walking order: five with a spare that was read, ten on three axles with twins. */
export function tyresOf(state: Pick<WalkState, 'route' | 'treads' | 'tyres'>, style: BodyStyle): Part[] {
  return routeOf(state, style).flatMap(({ part: id }) => {
    const part = style.parts.get(id);
    if (!part) return [];
    const isSpareRead = part.kind === 'sparekit' && (state.treads.has(id) || state.tyres.has(id));
    return part.kind === 'tyre' || part.kind === 'tyre-inner' || isSpareRead ? [part] : [];
  });
}

/** Everything said of a car's tyres, judged under the law chosen for it. `now` gives their age. */
export function tyreTable(state: WalkState, style: BodyStyle, car: Speech, now: Date): TyreTable {
  const heavy = isHeavy(style.id);
  const unit: TreadUnit = vocabularyOf(car) === 'us' ? '32nds' : 'mm';
  const law = state.tyreLaw?.law ?? usualLaw(car.country, heavy);
  const newMm = state.tyreLaw?.newMm ?? usualNewMm(heavy);
  const parts = tyresOf(state, style);
  const rows = parts.map((part): TyreRow => {
    const described = state.tyres.get(part.id);
    const read = state.treads.get(part.id);
    const looks = state.treadLooks.get(part.id);
    const thirds = read && asThirds(read.thirds);
    const age = described?.made && ageMonths(described.made, now);
    const limitMm = limitOf(law, part, state.tyreLaw?.ownMm);
    const flags = described?.flags ?? [];
    const since =
      state.odometer && described?.fittedAt !== undefined
        ? state.odometer.value - described.fittedAt
        : undefined;
    const left = read && since !== undefined ? distanceLeft(read.depth, newMm, limitMm, since) : undefined;
    return {
      part: part.id,
      ...(described?.brand && { brand: described.brand }),
      ...(described?.size && { size: described.size }),
      ...(described?.made && {
        made: sayOfTyres('tyre.made', { ...described.made, age: ageTold(age as number) }),
      }),
      flags,
      depths: read
        ? Object.fromEntries(
            Object.entries(read.thirds).map(([third, depth]) => [third, treadTold(depth, unit)]),
          )
        : {},
      ...(thirds && {
        verdict: judgeTyre({ thirds, flags, ...(age !== undefined && { ageMonths: age }) }, limitMm, unit),
        share: shareLeft(lowestMm(thirds), newMm, limitMm),
      }),
      limit: treadTold({ lowMm: limitMm, highMm: limitMm }, unit),
      ...(left && {
        distance: distanceRangeTold(rounded(left.low), rounded(left.high), countryOf(car.country).distance),
      }),
      isPractice: read?.isPractice ?? false,
      ...(looks && { byEye: byEyeTold(looks) }),
      ...retreadTold(described),
    };
  });
  const judged = rows.flatMap(({ verdict }) => (verdict ? [verdict] : []));
  return {
    law,
    lawSays: lawTold(law, state.tyreLaw?.ownMm, { country: car.country, isHeavy: heavy, unit }),
    newMm,
    unit,
    rows,
    matching: matching(parts, rows, state, unit),
    ...(judged.length > 0 && { summary: tyreSummary(judged, rows.length) }),
    toBuy: toBuy(rows),
  };
}

/** How a tread looked, where nobody measured it. */
export const byEyeTold = (looks: TreadLook): Text =>
  sayOfTyres('tyre.byEye', { looks: sayOfTyres(`treadLook.${looks}`) });

function retreadTold(described: TyreDescribed | undefined): { retread?: Text } {
  const { treadMaker, casingMaker } = described ?? {};
  if (!treadMaker && !casingMaker) return {};
  const by = listed('comma', [
    treadMaker ? sayOfTyres('tyre.treadBy', { maker: own(treadMaker) }) : undefined,
    casingMaker ? sayOfTyres('tyre.casingBy', { maker: own(casingMaker) }) : undefined,
  ]);
  return { retread: sayOfTyres('tyre.retread', { by }) };
}

function ageTold(all: number): Text {
  const [years, months] = [Math.floor(all / 12), all % 12];
  if (years > 0 && months > 0) return sayOfTyres('tyre.age.both', { years, months });
  if (years > 0) return sayOfTyres('tyre.age.years', { years });
  return months > 0 ? sayOfTyres('tyre.age.months', { months }) : sayOfTyres('tyre.age.new');
}

/** Two figures are as much as wear foretells. */
const rounded = (distance: number): number => Number(distance.toPrecision(2));

function matching(
  parts: readonly Part[],
  rows: readonly TyreRow[],
  { tyreLaw, treads }: WalkState,
  unit: TreadUnit,
): TyreTable['matching'] {
  const running = parts.filter((part): part is Part & { position: Position } => part.position !== undefined);
  const asMatched = (part: Part): Matched[] => {
    const row = rows.find((each) => each.part === part.id);
    const read = treads.get(part.id);
    return read && row
      ? [
          {
            part: part.id,
            depthMm: read.depth.lowMm,
            ...(row.brand && { brand: row.brand }),
            ...(row.size && { size: row.size }),
          },
        ]
      : [];
  };
  const ends = ['front', 'middle', 'rear'] as const;
  const axles = ends.map((end) =>
    running
      .filter(({ position }) => endOf(position) === end)
      // Left before right, so that twins side by side stand next to each other.
      .sort((a, b) => byText(handOf(a.position), handOf(b.position)))
      .flatMap(asMatched),
  );
  const endOfPart = (id: PartId) => {
    const position = running.find((part) => part.id === id)?.position;
    return (position && endOf(position)) ?? 'front';
  };
  return pairsToMatch(
    axles.filter((axle) => axle.length > 0),
    tyreLaw?.isAllDriven ?? false,
  ).flatMap(([a, b]) => {
    const [from, to] = [endOfPart(a.part), endOfPart(b.part)];
    const axle = from === to ? from : 'all';
    return mismatches(a, b, unit).map(({ parts: pair, says }) => ({
      parts: pair,
      says: sayOfTyres('match.at', { axle, says }),
    }));
  });
}

function toBuy(rows: readonly TyreRow[]): TyreTable['toBuy'] {
  const lines = new Map<string, { count: number; size?: string; when: 'now' | 'soon'; parts: PartId[] }>();
  for (const { part, size, verdict } of rows) {
    if (!verdict || verdict.when === 'later') continue;
    const key = `${verdict.when} ${size?.replace(/\s+/g, '').toUpperCase() ?? ''}`;
    const line = lines.get(key) ?? { count: 0, ...(size && { size }), when: verdict.when, parts: [] };
    line.count++;
    line.parts.push(part);
    lines.set(key, line);
  }
  return [...lines.values()].sort((a, b) => Number(a.when === 'soon') - Number(b.when === 'soon'));
}

/** The third to read after this one, in the order a hand goes round: outer, centre, inner. */
export const nextThird = (third: TreadThird): TreadThird | undefined =>
  treadThirds[treadThirds.indexOf(third) + 1];
