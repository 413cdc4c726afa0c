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
import { speakTread, type TreadUnit } from '../measure';
import {
  ageMonths,
  asThirds,
  distanceLeft,
  judgeTyre,
  lawWords,
  limitOf,
  lowestMm,
  type Matched,
  mismatches,
  numberWord,
  pairsToMatch,
  shareLeft,
  type TyreFlag,
  type TyreLawId,
  type TyreVerdict,
  treadLookWords,
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
  /** "Week 23 of 2019, 6 years and 9 months old" */
  made?: string;
  flags: readonly TyreFlag[];
  /** Spoken depths by third; one figure alone stands under "whole". */
  depths: Partial<Record<TreadThird | 'whole', string>>;
  /** Judged only when its tread was read. */
  verdict?: TyreVerdict;
  limit: string;
  /** Share of its life left, 0..1. */
  share?: number;
  /** "2,100 to 3,400 miles" */
  distance?: string;
  isPractice: boolean;
  /** How it looked, where somebody said so by eye: never a figure, and told beside one. */
  byEye?: string;
  /** Of a retread: "tread by Ortal on a casing by Venn". */
  retread?: string;
}

export interface TyreTable {
  law: TyreLawId;
  /** The law in words. */
  lawSays: string;
  newMm: number;
  unit: TreadUnit;
  rows: readonly TyreRow[];
  /** "Front axle: Ortal and Venn". */
  matching: readonly { parts: readonly [PartId, PartId]; says: string }[];
  summary: string;
  /** Tyres to buy, by size: lines for a price. */
  toBuy: readonly { count: number; size: string; when: 'now' | 'soon'; parts: readonly PartId[] }[];
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
  const say = (mm: number) => speakTread({ lowMm: mm, highMm: mm }, unit);
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
        made: `Week ${described.made.week} of ${described.made.year}, ${ageWords(age as number)}`,
      }),
      flags,
      depths: read
        ? Object.fromEntries(
            Object.entries(read.thirds).map(([third, depth]) => [third, speakTread(depth, unit)]),
          )
        : {},
      ...(thirds && {
        verdict: judgeTyre({ thirds, flags, ...(age !== undefined && { ageMonths: age }) }, limitMm, unit),
        share: shareLeft(lowestMm(thirds), newMm, limitMm),
      }),
      limit: say(limitMm),
      ...(left && { distance: distanceWords(left, countryOf(car.country).distance) }),
      isPractice: read?.isPractice ?? false,
      ...(looks && { byEye: `${treadLookWords[looks]}, by eye` }),
      ...retreadWords(described),
    };
  });
  const judged = rows.flatMap(({ verdict }) => (verdict ? [verdict] : []));
  return {
    law,
    lawSays: lawWords(law, state.tyreLaw?.ownMm, { country: car.country, isHeavy: heavy, unit }),
    newMm,
    unit,
    rows,
    matching: matching(parts, rows, state, unit),
    summary: judged.length === 0 ? '' : summaryOf(judged, rows.length),
    toBuy: toBuy(rows),
  };
}

function retreadWords(described: TyreDescribed | undefined): { retread?: string } {
  const { treadMaker, casingMaker } = described ?? {};
  const said = [treadMaker && `tread by ${treadMaker}`, casingMaker && `casing by ${casingMaker}`].filter(
    Boolean,
  );
  return said.length > 0 ? { retread: `retread: ${said.join(', ')}` } : {};
}

function summaryOf(judged: readonly TyreVerdict[], of: number): string {
  const unread = of - judged.length;
  return `${tyreSummary(judged)}${unread > 0 ? `; ${numberWord(unread)} not read` : ''}`;
}

function ageWords(months: number): string {
  const years = Math.floor(months / 12);
  const rest = months % 12;
  const said = [
    ...(years > 0 ? [`${years} ${years === 1 ? 'year' : 'years'}`] : []),
    ...(rest > 0 ? [`${rest} ${rest === 1 ? 'month' : 'months'}`] : []),
  ];
  return said.length > 0 ? `${said.join(' and ')} old` : 'less than a month old';
}

/** "6,000 to 11,000 miles"; one figure where both ends come to the same. */
function distanceWords({ low, high }: { low: number; high: number }, unit: 'mi' | 'km'): string {
  const [from, to] = [rounded(low), rounded(high)];
  return `${from === to ? from : `${from} to ${to}`} ${unit === 'mi' ? 'miles' : 'km'}`;
}

/** Two figures are as much as wear foretells. */
const rounded = (distance: number): string => Number(distance.toPrecision(2)).toLocaleString('en-GB');

const axleNames = { front: 'Front axle', middle: 'Middle axle', rear: 'Rear axle' } as const;

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
    const where = from === to ? axleNames[from] : 'All four driven';
    return mismatches(a, b, unit).map(({ parts: pair, says }) => ({
      parts: pair,
      says: `${where}: ${says}`,
    }));
  });
}

function toBuy(rows: readonly TyreRow[]): TyreTable['toBuy'] {
  const lines = new Map<string, { count: number; size: string; when: 'now' | 'soon'; parts: PartId[] }>();
  for (const { part, size = 'size not noted', verdict } of rows) {
    if (!verdict || verdict.when === 'later') continue;
    const key = `${verdict.when} ${size.replace(/\s+/g, '').toUpperCase()}`;
    const line = lines.get(key) ?? { count: 0, size, when: verdict.when, parts: [] };
    line.count++;
    line.parts.push(part);
    lines.set(key, line);
  }
  return [...lines.values()].sort((a, b) => Number(a.when === 'soon') - Number(b.when === 'soon'));
}

/** The third to read after this one, in the order a hand goes round: outer, centre, inner. */
export const nextThird = (third: TreadThird): TreadThird | undefined =>
  treadThirds[treadThirds.indexOf(third) + 1];
