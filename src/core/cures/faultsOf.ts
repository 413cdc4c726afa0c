import { type BodyStyle, type Car, type Part, partNames, vocabularyOf } from '../car';
import { warningLampName, warningLampOf } from '../functions';
import { isKitItemId, kitItemName, smellOf, smellWords } from '../kit';
import { certificateTold, daysBetween } from '../papers';
import {
  functionFault,
  functionTable,
  kitTable,
  type PaintRow,
  paintTable,
  type ScreenRow,
  screenTable,
  tellFor,
  tyreTable,
  type WheelRow,
  wheelTable,
} from '../readings';
import { listed, starting } from '../told';
import {
  type Finding,
  findingCaution,
  findingKindOf,
  findingLine,
  hasDepths,
  isStanding,
  kindFits,
  noticeOf,
  remedyKey,
  routeOf,
  stopsDriving,
  type WalkState,
  weightOf,
} from '../walk';
import { isoDay, sentence } from '../wording';
import type { Facts } from './condition';
import type { Fault } from './fault';
import { decisionOf, promisesBeside } from './promisesBeside';

type FaultCar = Pick<
  Car,
  'bodyStyle' | 'fuel' | 'extras' | 'year' | 'country' | 'steering' | 'paintTone' | 'specialPaint'
>;

/** Share of a part's own outline from its border that counts as the edge, and from where down it is low. House figures. */
const [EDGE, LOW] = [0.1, 0.66] as const;
/** As near as this on the same part, a mark through the paint lies in the dent. House figure. */
const TOGETHER = 0.08;
/** Functions nobody drives without. Common practice; local law comes first. */
const NEEDED: ReadonlySet<string> = new Set([
  'brakes-smooth',
  'handbrake-holds',
  'steering-assist',
  'pulls-straight',
  'wheel-bearings',
  'air-pressure',
  'belts-retract',
  'buckles',
  'side-lamps',
  'dipped-beam',
  'brake-lamps',
  'indicators',
  'front-wipers',
  'horn',
  'fifth-wheel-lock',
]);

interface Read {
  state: WalkState;
  style: BodyStyle;
  car: FaultCar;
  paint: ReadonlyMap<string, PaintRow>;
  wheels: ReadonlyMap<string, WheelRow>;
  screen: ReadonlyMap<string, ScreenRow>;
  nameOf: (part: string) => string;
}

/** Everything a walk found that might be put right, with all that is known of each: findings in their order, then tyres, functions, lamps, things, smell, papers. */
export function faultsOf(state: WalkState, style: BodyStyle, car: FaultCar, now: Date): Fault[] {
  const names = partNames(style, car);
  const read: Read = {
    state,
    style,
    car,
    paint: new Map(paintTable(state, style, car).rows.map((row) => [row.part, row])),
    wheels: new Map(wheelTable(state, style).rows.map((row) => [row.part, row])),
    screen: new Map((screenTable(state, style, car)?.rows ?? []).map((row) => [row.finding, row])),
    nameOf: (part) => sentence(names(part)),
  };
  const found = [
    ...state.findings.filter(isStanding).map((finding) => faultOfFinding(finding, read)),
    ...tyreFaults(read, now),
    ...functionFaults(read),
    ...lampFaults(read),
    ...itemFaults(read),
    ...smellFault(read),
    ...paperFaults(read, now),
  ];
  return [...found, ...promisesBeside(state, style, car, now, new Set(found.map(({ id }) => id)))];
}

function faultOfFinding(finding: Finding, read: Read): Fault {
  const { state, style, car, screen, nameOf } = read;
  const part = style.parts.get(finding.part);
  const caution = findingCaution(finding, part);
  const { notice } = noticeOf(finding, car.paintTone);
  const row = screen.get(finding.id);
  const stops = caution !== undefined && stopsDriving(caution);
  const unsafe = stops ? caution : row?.passes === false ? tellFor(car)(row.says) : undefined;
  const { cures, decision } = finding.details;
  return {
    id: `finding ${finding.id}`,
    number: finding.number,
    part: finding.part,
    where: nameOf(finding.part),
    says: findingLine(finding, vocabularyOf(car)),
    facts: factsOfFinding(finding, part, read, state),
    isSuspected: finding.standing.status === 'suspected',
    ...(notice && { notice }),
    ...(unsafe && { unsafe }),
    ...(stops && { lookFirst: caution }),
    ...(cures && { said: cures }),
    ...(decision && { decision }),
  };
}

function factsOfFinding(finding: Finding, part: Part | undefined, read: Read, state: WalkState): Facts {
  const { kind, details, spot } = finding;
  const { severity, count, lengthMm, widthMm, areaMm2, nail, wipe, feel, firm, hole, repair } = details;
  const paint = read.paint.get(finding.part);
  const wheel = read.wheels.get(finding.part);
  const area = areaMm2 ?? (lengthMm !== undefined && widthMm !== undefined ? lengthMm * widthMm : undefined);
  return known({
    kind,
    partKind: part?.kind,
    material: part?.material,
    severity: weightOf(details),
    howFar: hasDepths(kind) ? severity : undefined,
    count: count ?? (findingKindOf(kind).isDotted ? undefined : 1),
    lengthMm,
    areaMm2: area,
    nail,
    wipe,
    feel,
    firm,
    hole: hole === undefined ? undefined : hole ? 'yes' : 'no',
    underFilm: part && (part.underFilm ? 'yes' : 'no'),
    finish: /\bmatte?\b/i.test(read.car.specialPaint) ? 'matt' : undefined,
    paintUm: paint?.lowestUm,
    paintReads: paint?.class,
    paintBroken: isPaintBroken(finding, state) ? 'yes' : undefined,
    place: placeOf(spot),
    panel: part && kindFits('swirls', part) ? 'painted' : 'other',
    wheelFinish: wheel?.finish,
    wheelWants: wheel?.wants,
    screenSays: read.screen.get(finding.id)?.repair,
    howBadRepair: repair,
  });
}

/** Only what is known is a fact. */
const known = (all: Record<string, string | number | undefined>): Facts =>
  Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined)) as Facts;

const placeOf = ({ u, v }: { u: number; v: number }): string =>
  Math.min(u, 1 - u, v, 1 - v) <= EDGE ? 'edge' : v >= LOW ? 'low' : 'middle';

/** Whether another mark, through the paint, lies in the same place. */
const isPaintBroken = ({ id, part, spot }: Finding, { findings }: WalkState): boolean =>
  findings.some(
    (other) =>
      other.id !== id &&
      other.part === part &&
      isStanding(other) &&
      goesThrough(other) &&
      Math.hypot(other.spot.u - spot.u, other.spot.v - spot.v) <= TOGETHER,
  );

function goesThrough({ kind, details: { nail, severity } }: Finding): boolean {
  if (kind === 'stone-chip' || kind === 'paint-loss' || kind === 'peel' || kind === 'rust') return true;
  return (kind === 'scratch' || kind === 'scuff') && (nail === 'catches' || severity === 'heavy');
}

function tyreFaults({ state, style, car, nameOf }: Read, now: Date): Fault[] {
  const found = new Set(state.findings.filter(isStanding).map(({ part }) => part));
  return tyreTable(state, style, car, now).rows.flatMap(({ part, verdict, isPractice, size }): Fault[] => {
    if (!verdict || verdict.when === 'later' || isPractice) return [];
    if (isMended(state, remedyKey({ of: 'part', part }), state.treads.get(part)?.at)) return [];
    // A bulge or a cut that was found speaks for its tyre by itself.
    if (verdict.because === 'damage' && found.has(part)) return [];
    const reasons = tellFor(car)(listed('semicolon', verdict.reasons));
    const says = `${size ? `Tyre ${size}` : 'Tyre'}: ${reasons}`;
    return [
      {
        id: remedyKey({ of: 'part', part }),
        part,
        where: nameOf(part),
        says,
        facts: known({
          kind: 'tyre',
          partKind: style.parts.get(part)?.kind,
          severity: verdict.when === 'now' ? 'heavy' : 'plain',
        }),
        isSuspected: false,
        ...(verdict.when === 'now' && { unsafe: says }),
        ...(size && { tyreSize: size }),
        ...saidOf(state, remedyKey({ of: 'part', part })),
      },
    ];
  });
}

function functionFaults({ state, car }: Read): Fault[] {
  const { groups } = functionTable(state, car);
  return groups.flatMap(({ rows }) =>
    rows.flatMap(({ id, tried, facts }): Fault[] => {
      if (tried?.state !== 'faulty') return [];
      const key = remedyKey({ of: 'function', function: id } as Parameters<typeof remedyKey>[0]);
      const says = `${functionFault(state.functions, id, vocabularyOf(car))}${tried.says ? `: ${tried.says}` : ''}`;
      if (isMended(state, key, state.functions.tried.get(id)?.at)) return [];
      const isNeeded = NEEDED.has(id);
      return [
        {
          id: key,
          where: '',
          says,
          facts: { kind: 'function' },
          isSuspected: false,
          ...(isNeeded && { unsafe: says }),
          ...(facts?.caution && stopsDriving(facts.caution) && { lookFirst: facts.caution }),
          ...saidOf(state, key),
        },
      ];
    }),
  );
}

function lampFaults({ state, car }: Read): Fault[] {
  return (state.functions.lampsOn ?? []).map((id): Fault => {
    const { caution, colour } = warningLampOf(id);
    const vocabulary = vocabularyOf(car);
    const says = `Warning ${vocabulary === 'us' ? 'light' : 'lamp'} on: ${warningLampName(id, vocabulary)}`;
    return {
      id: `lamp ${id}`,
      where: '',
      says,
      facts: { kind: 'function' },
      isSuspected: false,
      ...(colour === 'red' && { unsafe: says }),
      ...(caution && stopsDriving(caution) && { lookFirst: caution }),
    };
  });
}

function itemFaults({ state, car }: Read): Fault[] {
  return kitTable(state, car).rows.flatMap(({ id, name, counted }): Fault[] => {
    // Not there is a fact; that nobody counted is none.
    if (counted?.count !== 0) return [];
    const key = `item ${id}`;
    if (isMended(state, key)) return [];
    const title = isKitItemId(id) ? kitItemName(id, vocabularyOf(car)) : name;
    return [
      {
        id: key,
        where: '',
        says: `${title}: not there`,
        facts: { kind: 'item' },
        isSuspected: false,
        ...saidOf(state, key),
      },
    ];
  });
}

const STRENGTH: Record<string, string> = { faint: 'slight', plain: 'plain', strong: 'heavy' };

function smellFault({ state, car }: Read): Fault[] {
  const smells = state.kit.smells ?? [];
  if (smells.length === 0 || isMended(state, 'smell')) return [];
  const worst = ['strong', 'plain', 'faint'].find((each) => smells.some(({ strength }) => strength === each));
  const caution = smells
    .filter(({ strength }) => strength !== 'faint')
    .map(({ smell }) => smellOf(smell).caution)
    .find((each) => each !== undefined && stopsDriving(each));
  return [
    {
      id: 'smell',
      where: '',
      says: `Smell: ${smellWords(smells, vocabularyOf(car))}`,
      facts: known({ kind: 'smell', severity: worst && STRENGTH[worst] }),
      isSuspected: false,
      ...(caution && { unsafe: caution, lookFirst: caution }),
      ...saidOf(state, 'smell'),
    },
  ];
}

function paperFaults({ state, car }: Read, now: Date): Fault[] {
  const until = state.papers.noted.certificateUntil;
  const today = isoDay(now.toISOString());
  if (!until || daysBetween(today, until) >= 0 || isMended(state, 'papers')) return [];
  const says = tellFor(car)(starting(certificateTold(until, today)));
  return [
    {
      id: 'papers',
      where: '',
      says,
      facts: { kind: 'certificate' },
      isSuspected: false,
      unsafe: says,
      ...saidOf(state, 'papers'),
    },
  ];
}

/** Found gone when it was looked at again, and not read anew since. */
function isMended({ remedies }: WalkState, key: string, readAt = ''): boolean {
  const checked = remedies.get(key)?.checked;
  return checked?.found === 'gone' && checked.at >= readAt;
}

function saidOf(state: WalkState, key: string): Pick<Fault, 'said' | 'decision'> {
  const { cures } = state.remedies.get(key) ?? {};
  const decision = decisionOf(state, key);
  return { ...(cures && { said: cures }), ...(decision && { decision }) };
}

/** Parts in walking order: jobs are listed so. */
export const walkOrder = (state: WalkState, style: BodyStyle): ReadonlyMap<string, number> =>
  new Map(routeOf(state, style).map(({ part }, i) => [part, i]));
