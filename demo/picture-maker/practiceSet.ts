import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { bodyStyleNames } from '../../src/core/car';
import type { Exercise, PracticeTruth } from '../../src/core/practice';
import type { FindingKind } from '../../src/core/walk';
import { estimateNotice } from '../../src/core/walk/estimateNotice';
import { cars, type DemoCar } from '../yard/cars';
import { pictures } from './pictures';
import { seeded } from './random';
import type { Picture } from './spec';
import type { Mark, MarkKind } from './stage/damage/kinds';
import type { Truth } from './truth';

/**
 * Makes the exercises of the practice yard out of the yard's pictures: `npm run demo:practice`. A smaller copy of each picture goes to the app, under a name
 * that tells nothing; what is in it goes to the server alone.
 */
const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const out = here('../../src/web/public/practice');
const WIDTH = 1120;

const kinds: Partial<Record<MarkKind | 'kerbing', FindingKind>> = {
  dent: 'dent',
  crease: 'dent',
  ripple: 'ripple',
  scratch: 'scratch',
  chips: 'stone-chip',
  scuff: 'scuff',
  wear: 'paint-loss',
  peel: 'peel',
  rust: 'rust',
  etching: 'etching',
  swirls: 'swirls',
  'touch-in': 'old-repair',
  overspray: 'respray-sign',
  'tape-line': 'respray-sign',
  'glass-chip': 'glass-chip',
  haze: 'haze',
  'film-edge': 'film-lift',
  kerbing: 'kerbing',
};
const dirt: Partial<Record<string, string>> = {
  dust: 'dust',
  drops: 'drops of water',
  'water-run': 'dried water',
  residue: 'polish that was not wiped off',
  mud: 'mud',
};

/** How bad it is, by how deep: lacquer, primer, metal; shallow, plain, deep. House figures; of other kinds nothing is said. */
function severityOf(mark: Mark | undefined): PracticeTruth['severity'] {
  if (!mark) return undefined;
  if ('depthUm' in mark) return mark.depthUm < 45 ? 'slight' : mark.depthUm < 110 ? 'plain' : 'heavy';
  if ('depthMm' in mark) return mark.depthMm < 1 ? 'slight' : mark.depthMm < 2.2 ? 'plain' : 'heavy';
  return undefined;
}

function truthOf(
  { mark, width, height, side, name }: Truth,
  { view }: Picture,
  car: DemoCar,
): PracticeTruth | undefined {
  const sided = name.endsWith('-where') && side ? { side } : {};
  if (!mark) return { is: 'nothing', ...sided };
  if (mark.area.length < 3) return undefined;
  const area = mark.area.map(([x, y]): [number, number] => [round(x / width), round(y / height)]);
  if (mark.isDirt) return { is: 'dirt', dirt: dirt[mark.kind] ?? 'dirt', area, ...sided };
  const kind = kinds[mark.kind as MarkKind];
  if (!kind) return undefined;
  const { extent } = mark;
  const sizeMm =
    'arcMm' in extent ? extent.arcMm : kind === 'stone-chip' ? extent.largestMm : extent.lengthMm;
  const severity = severityOf(view.of === 'spot' ? view.mark : undefined);
  const notice = estimateNotice(
    {
      kind,
      details: {
        lengthMm: sizeMm,
        ...('count' in extent && extent.count > 1 && { count: extent.count }),
        ...(severity && { severity }),
      },
    },
    car.details.paintTone,
  );
  return {
    is: 'fault',
    kind,
    area,
    sizeMm: round(sizeMm),
    ...(severity && { severity }),
    ...(notice && { notice }),
    ...sided,
  };
}

const round = (value: number): number => Math.round(value * 1000) / 1000;

function carOf({ car: look }: Picture): DemoCar {
  const car = cars.find((each) => each.look.style === look.style && each.look.plate === look.plate);
  if (!car) throw new Error(`no car looks like ${look.style} ${look.plate}`);
  return car;
}

const isAsked = ({ name, view }: Picture): boolean =>
  view.of === 'spot' || view.of === 'wheel'
    ? !/series-scratch-(soft|shaken|dark|bright|glare)/.test(name)
    : false;

const random = seeded(4242);
/** In no order: a name must not tell what is in a picture. */
const asked = pictures
  .filter(isAsked)
  .map((picture) => ({ picture, at: random() }))
  .sort((a, b) => a.at - b.at)
  .map(({ picture }) => picture);

const exercises: Exercise[] = [];
await rm(out, { recursive: true, force: true });
await mkdir(out, { recursive: true });
for (const picture of asked) {
  const truth = JSON.parse(await readFile(here(`../pictures/${picture.name}.json`), 'utf8')) as Truth;
  const car = carOf(picture);
  const known = truthOf(truth, picture, car);
  if (!known) continue;
  const id = `p${String(exercises.length + 1).padStart(3, '0')}`;
  const { data, info } = await sharp(here(`../pictures/${picture.name}.jpg`))
    .rotate()
    .resize({ width: WIDTH })
    .jpeg({ quality: 78, mozjpeg: true })
    .toBuffer({ resolveWithObject: true });
  await writeFile(`${out}/${id}.jpg`, data);
  const far = picture.name.endsWith('-where') ? 'from a step back' : 'from close by';
  exercises.push({
    id,
    width: info.width,
    height: info.height,
    says: `${car.details.colour}, ${bodyStyleNames[car.details.bodyStyle].uk.toLowerCase()}, ${far}`,
    truth: known,
  });
}
await writeFile(
  here('../../src/server/practice/exercises.json'),
  `[\n${exercises.map((each) => JSON.stringify(each)).join(',\n')}\n]\n`,
);
process.stdout.write(`${exercises.length} exercises\n`);
