import { writeFileSync } from 'node:fs';
import { judgePaint, type PanelToJudge } from '#core/paint';
import { range, seeded } from '../demo/picture-maker/random';
import { ms, type Row } from './row';

const CARS = 2000;
const PANELS = 9;
const READINGS = 5;
/** Standard deviations as shares: of one reading, within a panel, and between untouched panels of one car. */
const NOISE = { gauge: 0.03, within: 0.06, between: 0.04 };
const RESPRAY = [1.4, 2.2] as const;
const isFlagged = (found: string) =>
  found === 'thicker' || found === 'far-thicker' || found === 'local-repair';

interface Rates {
  painted: number;
  found: number;
  wrongly: number;
}

/** Invented cars with so many of nine panels painted again: how many of those are found, and how many others are called so. */
function study(paintedPanels: number): Rates {
  const random = seeded(4711 + paintedPanels);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  let [painted, found, untouched, wrongly] = [0, 0, 0, 0];
  for (let car = 0; car < CARS; car++) {
    const works = range(random, 90, 160);
    const panels = Array.from({ length: PANELS }, (_, i): PanelToJudge => {
      const own = works * (1 + NOISE.between * normal());
      const um = own * (i < paintedPanels ? range(random, ...RESPRAY) : 1);
      const readings = Array.from(
        { length: READINGS },
        () => um * (1 + NOISE.within * normal()) * (1 + NOISE.gauge * normal()),
      );
      return { part: `panel-${i}`, um: readings, isMetal: true };
    });
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
  }
  return { painted: paintedPanels, found: painted > 0 ? found / painted : 1, wrongly: wrongly / untouched };
}

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;

export function benchPaint(): Row[] {
  const start = performance.now();
  const rates = [0, 1, 2, 3, 4, 5, 6].map(study);
  const took = performance.now() - start;
  const table = rates.map(
    ({ painted, found, wrongly }) =>
      `| ${painted} | ${painted === 0 ? '' : percent(found)} | ${percent(wrongly)} |`,
  );
  const within = rates.filter(({ painted }) => painted <= 4);
  const worstFound = Math.min(...within.map(({ found }) => found));
  const mostWrongly = Math.max(...within.map(({ wrongly }) => wrongly));
  writeFileSync(
    'docs/paint-depth.md',
    `# Paint depth\n\nHow well painted panels are told from untouched ones, printed by \`npm run bench paint\`: ${CARS.toLocaleString('en')} invented cars a line (seeded), ${PANELS} metal panels of which so many were painted again at ${RESPRAY[0]} to ${RESPRAY[1]} times the works paint, ${READINGS} readings a panel; noise of the gauge ${percent(NOISE.gauge)}, within a panel ${percent(NOISE.within)}, between untouched panels of one car ${percent(NOISE.between)}.\n\n| painted of ${PANELS} | painted ones found | others called so |\n|---|---|---|\n${table.join('\n')}\n\nThe car’s own level is that of the densest half of its panels, leaning to the thinner: with more than half of them painted alike, the painted ones become the car’s level. The classes, their limits and their sentences stand in \`src/core/paint/judgePaint.ts\`; no class says why a panel was painted.\n`,
  );
  return [
    {
      what: `painted panels found, 0 to 4 of ${PANELS}, ${CARS} cars each`,
      measured: percent(worstFound),
      target: '≥ 97 %',
    },
    { what: 'untouched panels called painted', measured: percent(mostWrongly), target: '≤ 1 %' },
    { what: 'a car of nine panels made up and judged', measured: ms(took / (7 * CARS)) },
  ];
}
