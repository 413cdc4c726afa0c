import type { BodyStyle, PartId, Vocabulary } from '../car';
import type { Fault, Proposal, Proposed } from '../cures';
import { parseTyreSize } from '../tyres';
import { type Cure, cureName, kindFits, type Sureness, surenesses } from '../walk';
import { exactly, type Job, type PaidOnce, type PriceLine, type Range, sum } from './job';
import { labour, type Prices, type SizeClass } from './prices';
import { faultCount, faultSizes, panelSize } from './sizes';
import { type Trade, tradeNames } from './trades';

export interface JobChoice {
  jobs: readonly Job[];
  once: readonly PaidOnce[];
}

export interface JobInputs {
  proposed: readonly Proposed[];
  style: BodyStyle;
  prices: Prices;
  vocabulary: Vocabulary;
  /** Prices typed by hand for parts, by job, whole pence or cents. */
  typed: Readonly<Record<string, number>>;
}

/** A painted panel swallows what these would have mended on it. */
const SWALLOWED: ReadonlySet<Cure> = new Set([
  'full-panel',
  'local-paint',
  'touch-in',
  'polish',
  'dent-removal',
  'clean',
]);
/** From so many wheels on they are offered as a set, and from so many panels on the whole car is polished. House figures. */
const [SET_FROM, POLISH_ALL_FROM] = [3, 2] as const;

/** Every job that would put something right, with what it costs and how that came about; and what is paid once for several. */
export function jobsOf(inputs: JobInputs): JobChoice {
  const jobs = [
    ...singles(inputs),
    ...panels(inputs),
    ...polishes(inputs),
    ...wheelSet(inputs),
    ...lookedInto(inputs),
  ];
  return { jobs, once: paidOnce(jobs, inputs) };
}

const worst = (all: readonly Sureness[]): Sureness =>
  surenesses[Math.max(...all.map((each) => surenesses.indexOf(each)))] ?? 'may';
const of = (fault: Fault, proposals: readonly Proposal[], cure: Cure): Proposal | undefined =>
  fault && proposals.find((each) => each.cure === cure);

/** One cure for one fault; what is done panel by panel is left to the panels. */
function singles(inputs: JobInputs): Job[] {
  return inputs.proposed.flatMap(({ fault, proposals }) =>
    proposals.flatMap(({ cure, sure }) =>
      isByPanel(cure, fault) ? [] : [single(fault, cure, sure, inputs)],
    ),
  );
}

/** Painted or polished panel by panel; what was said of no panel is a job of its own. */
const isByPanel = (cure: Cure, fault: Fault): boolean =>
  (cure === 'full-panel' && fault.part !== undefined) ||
  (cure === 'polish' && (fault.part !== undefined || isWide(fault)));

/** Said of a side, or of all of the car. */
const isWide = ({ facts }: Fault): boolean => facts.kind === 'side' || facts.kind === 'car';

function single(fault: Fault, cure: Cure, sure: Sureness, inputs: JobInputs): Job {
  const { prices, vocabulary, typed } = inputs;
  const id = `${cure} ${fault.id}`;
  const trade = tradeFor(cure, fault, prices);
  const base = {
    id,
    cure,
    trade,
    where: fault.where || fault.says,
    parts: fault.part ? [fault.part] : [],
    mends: [fault.id],
    sure,
    once: onceFor(cure, trade),
  };
  const counted = cure === 'touch-in' ? faultCount(fault.facts) : exactly(1);
  const [least, most] = faultSizes(fault.facts);
  const work = workLines(cure, trade, [least, most], counted, inputs);
  if (cure !== 'replace' && cure !== 'glass-replace') return priced(base, work);
  const tyre = fault.tyreSize === undefined ? undefined : tyrePrice(fault.tyreSize, prices);
  const part = typed[id] ?? tyre;
  if (part === undefined) {
    const missing = fault.facts.kind === 'tyre' ? tyreMissing(fault) : 'the price of the part';
    return { ...base, ...work, missing };
  }
  const says =
    tyre !== undefined && typed[id] === undefined ? `${fault.tyreSize}, fitted` : cureName(cure, vocabulary);
  // A tyre is priced as fitted.
  const lines = tyre !== undefined && typed[id] === undefined ? [] : work.lines;
  return priced(base, { ...work, lines: [...lines, { says: `Part: ${says}`, amount: exactly(part) }] });
}

const tyreMissing = ({ tyreSize }: Fault): string =>
  tyreSize ? `the price of a tyre ${tyreSize}` : 'the size of the tyre, and its price';

/** Tyres are fitted by who fits tyres; the rest as the prices say. */
const tradeFor = (cure: Cure, { facts }: Fault, { work }: Prices): Trade =>
  cure === 'replace' && (facts.kind === 'tyre' || facts.partKind === 'tyre')
    ? 'tyre-fitter'
    : work[cure].trade;

/** Width, side and rim: what a price goes by, whatever load and speed stand behind. As it was written where it cannot be read. */
function sizeKey(size: string): string {
  const read = parseTyreSize(size);
  if (!read.ok) return size.toLowerCase().replace(/\s+/g, '');
  const { widthMm, aspect, construction, rimIn } = read.size;
  return `${widthMm}/${aspect ?? ''} ${construction} ${rimIn}`;
}
const tyrePrice = (size: string, { tyres }: Prices): number | undefined =>
  tyres.find((each) => sizeKey(each.size) === sizeKey(size))?.each;

interface Worked {
  minutes: Range;
  lines: readonly PriceLine[];
}

function workLines(
  cure: Cure,
  trade: Trade,
  [least, most]: readonly [SizeClass, SizeClass],
  times: Range,
  { prices }: JobInputs,
): Worked {
  const work = prices.work[cure];
  const minutes = { low: work[least].minutes * times.low, high: work[most].minutes * times.high };
  const materials = { low: work[least].materials * times.low, high: work[most].materials * times.high };
  const lines: PriceLine[] = [
    {
      says: `${rangeWords(minutes)} min of ${tradeNames[trade].toLowerCase()}`,
      amount: { low: labour(prices, trade, minutes.low), high: labour(prices, trade, minutes.high) },
    },
  ];
  if (materials.high > 0) lines.push({ says: 'Materials', amount: materials });
  return { minutes, lines };
}

const rangeWords = ({ low, high }: Range): string => (low === high ? `${low}` : `${low} to ${high}`);

const priced = (base: Omit<Job, 'cost' | 'minutes' | 'lines'>, { minutes, lines }: Worked): Job => ({
  ...base,
  minutes,
  lines,
  cost: sum(lines.map(({ amount }) => amount)),
});

/** A panel painted whole: everything on its paint goes with it. */
function panels(inputs: JobInputs): Job[] {
  return byPart(inputs.proposed).flatMap(([part, found]) => {
    const asks = found.filter(({ fault, proposals }) => of(fault, proposals, 'full-panel'));
    const [first] = asks;
    if (!first) return [];
    const swallowed = found.filter(({ proposals }) => proposals.some(({ cure }) => SWALLOWED.has(cure)));
    const trade = inputs.prices.work['full-panel'].trade;
    const size = panelSize(inputs.style.parts.get(part));
    const paint = workLines('full-panel', trade, [size, size], exactly(1), inputs);
    // What is bent is made good before it is painted.
    const bent = swallowed.filter(
      ({ fault }) => fault.facts.kind === 'dent' || fault.facts.kind === 'ripple',
    );
    const good = bent.map(({ fault }) =>
      workLines('repair-panel', trade, faultSizes(fault.facts), exactly(1), inputs),
    );
    const base = {
      id: `full-panel ${part}`,
      cure: 'full-panel' as const,
      trade,
      where: first.fault.where,
      parts: [part],
      mends: swallowed.map(({ fault }) => fault.id),
      sure: worst(asks.map(({ fault, proposals }) => of(fault, proposals, 'full-panel')?.sure ?? 'may')),
      once: onceFor('full-panel', trade),
    };
    return [
      priced(base, {
        minutes: sum([paint, ...good].map(({ minutes }) => minutes)),
        lines: [
          ...paint.lines,
          ...good.flatMap(({ lines }) =>
            lines.map((line) => ({ ...line, says: `Made good first: ${line.says}` })),
          ),
        ],
      }),
    ];
  });
}

/** One polish covers all light marks of a panel; one of a side or the whole car all of theirs. */
function polishes(inputs: JobInputs): Job[] {
  const each = byPart(inputs.proposed).flatMap(([part, found]) => {
    const light = polished(found);
    return light.length > 0
      ? [
          polishJob(
            `polish ${part}`,
            light[0]?.fault.where ?? '',
            light,
            [part],
            panelWork([part], inputs),
            inputs,
          ),
        ]
      : [];
  });
  const wide = polished(inputs.proposed.filter(({ fault }) => isWide(fault)));
  const of = (parts: readonly PartId[]) =>
    each.filter((job) => job.parts.some((part) => parts.includes(part))).flatMap(({ mends }) => mends);
  const sides = wide.flatMap((own): Job[] => {
    const side = own.fault.id.startsWith('side ') ? own.fault.id.slice('side '.length) : undefined;
    if (!side) return [];
    const parts = [...inputs.style.parts.values()]
      .filter((part) => part.face === side && kindFits('swirls', part))
      .map(({ id }) => id);
    const job = polishJob(
      `polish ${own.fault.id}`,
      own.fault.says,
      [own],
      parts,
      panelWork(parts, inputs),
      inputs,
    );
    return [{ ...job, mends: [own.fault.id, ...of(parts)] }];
  });
  const said = wide.filter(({ fault }) => fault.facts.kind === 'car');
  if (each.length < POLISH_ALL_FROM && said.length === 0) return [...each, ...sides];
  const light = [...polished(inputs.proposed.filter(({ fault }) => fault.part !== undefined)), ...wide];
  const parts = each.flatMap((job) => job.parts);
  return [...each, ...sides, polishJob('polish car', 'Whole car', light, parts, wholePolish(inputs), inputs)];
}

interface Polished {
  fault: Fault;
  proposal: Proposal;
}

const polished = (found: readonly Proposed[]): Polished[] =>
  found.flatMap(({ fault, proposals }) => {
    const proposal = of(fault, proposals, 'polish');
    return proposal ? [{ fault, proposal }] : [];
  });

function panelWork(parts: readonly PartId[], inputs: JobInputs): Worked {
  const { trade } = inputs.prices.work.polish;
  const each = parts.map((part) => {
    const size = panelSize(inputs.style.parts.get(part));
    return workLines('polish', trade, [size, size], exactly(1), inputs);
  });
  return { minutes: sum(each.map(({ minutes }) => minutes)), lines: each.flatMap(({ lines }) => lines) };
}

function wholePolish({ prices }: JobInputs): Worked {
  const { minutes, materials } = prices.wholeCarPolish;
  const { trade } = prices.work.polish;
  return {
    minutes: exactly(minutes),
    lines: [
      {
        says: `${minutes} min of ${tradeNames[trade].toLowerCase()}`,
        amount: exactly(labour(prices, trade, minutes)),
      },
      ...(materials > 0 ? [{ says: 'Materials', amount: exactly(materials) }] : []),
    ],
  };
}

function polishJob(
  id: string,
  where: string,
  light: readonly Polished[],
  parts: readonly PartId[],
  work: Worked,
  { prices }: JobInputs,
): Job {
  const { trade } = prices.work.polish;
  return priced(
    {
      id,
      cure: 'polish',
      trade,
      where,
      parts: [...parts],
      mends: light.map(({ fault }) => fault.id),
      sure: worst(light.map(({ proposal }) => proposal.sure)),
      once: onceFor('polish', trade),
    },
    work,
  );
}

/** Three or four wheels are done as a set, and cheaper than one by one. */
function wheelSet(inputs: JobInputs): Job[] {
  const { proposed, prices } = inputs;
  const wheels = byPart(proposed).flatMap(([part, found]) => {
    const asks = found.filter(({ fault, proposals }) => of(fault, proposals, 'wheel-refurbish'));
    return asks.length > 0 ? [{ part, asks }] : [];
  });
  if (wheels.length < SET_FROM) return [];
  const trade = prices.work['wheel-refurbish'].trade;
  const all = [...inputs.style.parts.values()].filter(({ kind }) => kind === 'wheel').length;
  const { minutes, lines } = workLines('wheel-refurbish', trade, ['medium', 'medium'], exactly(all), inputs);
  const full = sum(lines.map(({ amount }) => amount)).low;
  const less = full - Math.round((full * prices.wheelSetPerMille) / 1000);
  const asks = wheels.flatMap((each) => each.asks);
  return [
    {
      ...priced(
        {
          id: 'wheel-refurbish set',
          cure: 'wheel-refurbish',
          trade,
          where: 'All wheels',
          parts: wheels.map(({ part }) => part),
          mends: asks.map(({ fault }) => fault.id),
          sure: worst(
            asks.map(({ fault, proposals }) => of(fault, proposals, 'wheel-refurbish')?.sure ?? 'may'),
          ),
          once: onceFor('wheel-refurbish', trade),
        },
        { minutes, lines },
      ),
      lines: [...lines, ...(less > 0 ? [{ says: `Done as a set of ${all}`, amount: exactly(-less) }] : [])],
      cost: exactly(full - less),
    },
  ];
}

/** Where a qualified person looks first, that is the job. */
function lookedInto(inputs: JobInputs): Job[] {
  return inputs.proposed.flatMap(({ fault, lookFirst }) =>
    lookFirst ? [single(fault, 'find-out', 'should', inputs)] : [],
  );
}

const onceFor = (cure: Cure, trade: Trade): string[] => [`set-up ${cure}`, `call-out ${trade}`];

function paidOnce(jobs: readonly Job[], { prices, vocabulary }: JobInputs): PaidOnce[] {
  const ids = [...new Set(jobs.flatMap(({ once }) => once))];
  return ids.flatMap((id): PaidOnce[] => {
    const [what, of] = id.split(' ') as [string, string];
    if (what === 'call-out') {
      const trade = of as Trade;
      const cost = prices.trades[trade].callOut;
      const says = trade === 'body-shop' ? 'To the body shop and back' : `${tradeNames[trade]}: call-out`;
      return cost > 0 ? [{ id, says, cost }] : [];
    }
    const cure = of as Cure;
    const { trade, setUpMinutes } = prices.work[cure];
    const cost = labour(prices, trade, setUpMinutes);
    return cost > 0
      ? [{ id, says: `${cureName(cure, vocabulary)}: setting up, ${setUpMinutes} min`, cost }]
      : [];
  });
}

/** Faults by their part, those without a part left out, in their order. */
function byPart(proposed: readonly Proposed[]): [PartId, Proposed[]][] {
  const parts = new Map<PartId, Proposed[]>();
  for (const each of proposed) {
    const { part } = each.fault;
    if (part) parts.set(part, [...(parts.get(part) ?? []), each]);
  }
  return [...parts];
}
