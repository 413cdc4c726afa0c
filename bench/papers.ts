import { writeFileSync } from 'node:fs';
import { addDays, judgeOdometer, judgeService, type ServiceEntry } from '#core/papers';
import { seeded } from '../demo/picture-maker/random';
import {
  cleanPoints,
  keptRecord,
  type PointFault,
  type RecordFault,
  withFault,
  withRecordFault,
} from './histories';
import { ms, type Row } from './row';

const CLEAN = 200;
const PLANTED_EACH = 10;
const INTERVAL = { distance: 20_000, months: 12 };

const service = (entries: readonly ServiceEntry[]) => {
  const last = entries.at(-1) as ServiceEntry;
  return judgeService(entries, INTERVAL, {
    today: addDays(last.day as string, 90),
    unit: 'km',
    odometer: (last.distance as number) + 3_000,
    firstUse: '2015-05-04',
  });
};

/** Invented histories with and without a planted fault: what is found, as what, and what is said of clean ones. */
export function studyHistories() {
  const random = seeded(20_260);
  let falseAlarms = 0;
  for (let i = 0; i < CLEAN; i++) {
    falseAlarms += judgeOdometer(cleanPoints(random), 'km').flags.length;
    falseAlarms += service(keptRecord(random)).spans.filter(({ kind }) => kind !== 'kept').length;
  }
  const pointRows = (['goes-down', 'other-unit', 'digit-slip'] as const satisfies PointFault[]).map(
    (fault) => {
      let [found, named, made] = [0, 0, 0];
      while (made < PLANTED_EACH) {
        const planted = withFault(cleanPoints(random), fault, random);
        if (!planted) continue;
        made++;
        const { flags } = judgeOdometer(planted.points, 'km');
        const here = flags.filter(({ at }) => Math.abs(at - planted.at) <= 1);
        if (here.length > 0) found++;
        if (here.some((flag) => flag.fault === fault)) named++;
      }
      return { fault, planted: made, found, named };
    },
  );
  const recordRows = (['missing', 'early', 'late'] as const satisfies RecordFault[]).map((fault) => {
    let [found, named] = [0, 0];
    for (let made = 0; made < PLANTED_EACH; made++) {
      const { entries, at } = withRecordFault(keptRecord(random), fault, random);
      // The stretch that ends at the changed entry; the first one runs from first use.
      const kind = service(entries).spans[at]?.kind;
      if (kind !== 'kept') found++;
      if (kind === fault) named++;
    }
    return { fault, planted: PLANTED_EACH, found, named };
  });
  return { falseAlarms, rows: [...pointRows, ...recordRows] };
}

const names: Record<PointFault | RecordFault, string> = {
  'goes-down': 'wound back',
  'other-unit': 'km written as miles, or miles as km',
  'digit-slip': 'two figures swapped',
  missing: 'an entry missing',
  early: 'a service early',
  late: 'a service late',
};

export async function benchPapers(): Promise<Row[]> {
  const start = performance.now();
  const { falseAlarms, rows } = studyHistories();
  const took = performance.now() - start;
  const lines = rows.map(
    ({ fault, planted, found, named }) => `| ${names[fault]} | ${planted} | ${found} | ${named} |`,
  );
  writeFileSync(
    'docs/papers.md',
    `# Papers\n\nHow well planted faults are found in invented histories, printed by \`npm run bench papers\` (seeded). Odometer histories have 5 to 12 dated figures at 5,000 to 32,000 km a year, each stretch driven at 0.45 to 1.7 times that; service records are kept at 12 months or 20,000 km.\n\n| planted | histories | found | called by its name |\n|---|---|---|---|\n${lines.join('\n')}\n\nIn ${CLEAN} clean histories and as many kept records ${falseAlarms} ${falseAlarms === 1 ? 'thing was' : 'things were'} said wrongly. A wrong figure that still lies between its neighbours is not planted: nobody could tell it. A fault counts as found where it is flagged at its own figure or the next.\n\nThe rules stand in \`src/core/papers\`: a figure that does not fit between its neighbours is tried in the other unit and one slip of a figure away before it is called a red flag; the yearly rate is Theil’s and Sen’s; a stretch is late over the interval and a tenth, or a month, and missing a service from 1.75 intervals on.\n\nA history begins when the car did, at no distance, whether or not the day of first use was entered; it is *full* only when that day is known and every stretch from then on is kept and proven. A figure beyond today's odometer is a question, dated or not. Stamps may be\ncounted without being entered one by one; the report tells how many of them it knows.\n`,
  );
  const found = rows.reduce((sum, row) => sum + row.found, 0);
  const planted = rows.reduce((sum, row) => sum + row.planted, 0);
  return [
    {
      what: `faults found in ${planted} histories with one planted`,
      measured: String(found),
      baseline: `${planted} (planted)`,
      target: 'all',
    },
    {
      what: `said wrongly of ${CLEAN} clean histories and records (in ${ms(took)} for all)`,
      measured: String(falseAlarms),
      target: '≤ 2',
    },
  ];
}
