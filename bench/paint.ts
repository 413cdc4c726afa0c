import { writeFileSync } from 'node:fs';
import { judgePaint, PAINT_LIMITS, type PanelToJudge } from '#core/paint';
import { range, seeded } from '../demo/picture-maker/random';
import { ms, type Row } from './row';

const CARS = 2000;
const PANELS = 9;
const READINGS = 5;
/** Standard deviations as shares: of one reading, within a panel, and between untouched panels of one car. */
const NOISE = { gauge: 0.03, within: 0.06, between: 0.04 };
/** A cheap gauge in a cold hand. */
const COARSE = { gauge: 0.05, within: 0.1, between: 0.04 };
/** The faintest respray asked to be found. */
const FAINT = 1.4;
const RESPRAY = [1.4, 2.2] as const;
const isFlagged = (found: string) =>
  found === 'thicker' || found === 'far-thicker' || found === 'local-repair';

interface Rates {
  /** Cars of which any untouched panel was called painted. */
  cars: number;
  painted: number;
  found: number;
  wrongly: number;
}

/** Invented cars with so many of nine panels painted again: how many of those are found, and how many others are called so. */
function study(paintedPanels: number, noise = NOISE, faintest: readonly [number, number] = RESPRAY): Rates {
  const random = seeded(4711 + paintedPanels);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  let [painted, found, untouched, wrongly, cars] = [0, 0, 0, 0, 0];
  for (let car = 0; car < CARS; car++) {
    const works = range(random, 90, 160);
    const panels = Array.from({ length: PANELS }, (_, i): PanelToJudge => {
      const own = works * (1 + noise.between * normal());
      const um = own * (i < paintedPanels ? range(random, ...faintest) : 1);
      const readings = Array.from(
        { length: READINGS },
        () => um * (1 + noise.within * normal()) * (1 + noise.gauge * normal()),
      );
      return { part: `panel-${i}`, um: readings, isMetal: true };
    });
    const before = wrongly;
    judgePaint(panels).verdicts.forEach((verdict, i) => {
      const flagged = isFlagged(verdict.class);
      if (i < paintedPanels) {
        painted++;
        if (flagged) found++;
      } else {
        untouched++;
        if (flagged) wrongly++;
      }
    });
    if (wrongly > before) cars++;
  }
  return {
    painted: paintedPanels,
    found: painted > 0 ? found / painted : 1,
    wrongly: wrongly / untouched,
    cars: cars / CARS,
  };
}

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;

export function benchPaint(): Row[] {
  const start = performance.now();
  const rates = [0, 1, 2, 3, 4, 5, 6].map((painted) => study(painted));
  const took = performance.now() - start;
  const faint = [1, 2, 3, 4].map((painted) => study(painted, NOISE, [FAINT, FAINT]));
  const coarse = [0, 1, 2, 3, 4].map((painted) => study(painted, COARSE, [FAINT, FAINT]));
  const rows = (of: readonly Rates[]) =>
    of
      .map(
        ({ painted, found, wrongly, cars }) =>
          `| ${painted} | ${painted === 0 ? '' : percent(found)} | ${percent(wrongly)} | ${percent(cars)} |`,
      )
      .join('\n');
  const within = rates.filter(({ painted }) => painted <= 4);
  const worstFound = Math.min(...within.map(({ found }) => found));
  const mostWrongly = Math.max(...within.map(({ wrongly }) => wrongly));
  const head = `| painted of ${PANELS} | painted ones found | others called so | cars with any called so |\n|---|---|---|---|`;
  const noiseWords = (of: typeof NOISE) =>
    `gauge ${percent(of.gauge)}, within a panel ${percent(of.within)}, between untouched panels of one car ${percent(of.between)}`;
  writeFileSync(
    'docs/paint-depth.md',
    `# Paint depth

How well painted panels are told from untouched ones, printed by \`npm run bench paint\`: ${CARS.toLocaleString('en')} invented cars a line (seeded), ${PANELS} metal panels, ${READINGS} readings a panel.

Painted again at ${RESPRAY[0]} to ${RESPRAY[1]} times the works paint; ${noiseWords(NOISE)}:

${head}
${rows(rates)}

At ${FAINT} times, the faintest asked to be found, with the same gauge:

${head}
${rows(faint)}

At ${FAINT} times with a coarse gauge; ${noiseWords(COARSE)}:

${head}
${rows(coarse)}

How far one reading scatters is taken from the car's own readings. Where that is coarse, the level is the mean of those panels that are best explained as one group, and a panel must lie further off to be called painted; the report says by how much. What is typical of a panel's readings is the median of the means of all pairs, which wastes less of coarse ones than their median.

The car’s own level is that of the densest half of its panels, leaning to the thinner: with more than half of them painted alike, the painted ones become the car’s level. Panels that then read under ${PAINT_LIMITS.under} times that level say so, and the report says that the level itself is in doubt. Panels of aluminium are compared with their like. The classes, their limits and their sentences stand in \`src/core/paint/judgePaint.ts\`; no class says why a panel was painted.
`,
  );
  return [
    {
      what: `painted panels found, 0 to 4 of ${PANELS}, ${CARS} cars each`,
      measured: percent(worstFound),
      target: '≥ 97 %',
    },
    { what: 'untouched panels called painted', measured: percent(mostWrongly), target: '≤ 1 %' },
    {
      what: `found at ${FAINT} times, 1 to 4 of ${PANELS}`,
      measured: percent(Math.min(...faint.map(({ found }) => found))),
      target: '≥ 95 %',
    },
    {
      what: 'coarse gauge: untouched panels called painted, untouched cars with one',
      measured: `${percent(Math.max(...coarse.map(({ wrongly }) => wrongly)))}, ${percent(coarse[0]?.cars ?? 0)}`,
      target: '≤ 1 %, ≤ 5 %',
    },
    {
      what: `coarse gauge: found at ${FAINT} times, 1 to 4 of ${PANELS}`,
      measured: percent(Math.min(...coarse.slice(1).map(({ found }) => found))),
      target: '≥ 95 %',
    },
    { what: 'a car of nine panels made up and judged', measured: ms(took / (7 * CARS)) },
  ];
}
