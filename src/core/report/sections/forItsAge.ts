import {
  type Counted,
  countWalk,
  isHeavier,
  type MeasureId,
  type Standing,
  standingOf,
  type UsualBand,
} from '../../judge';
import { distanceTold, KM_PER_MILE } from '../../measure';
import { listed, type Message, starting, type Text, type Told } from '../../told';
import { isBanded } from '../drawings/ageDrawing';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';
import { say } from '../words';

type ForItsAge = NonNullable<ReportDocument['forItsAge']>;
type RowTold = ForItsAge['rows'][number] extends infer Row
  ? Omit<Row, 'name' | 'says'> & { name: Text; says: Text }
  : never;

/** How the car stands to others of its age and distance; nothing where its age or distance is not known, or the report was composed without what is usual. */
export function forItsAge({ inputs, state, style }: WalkTold): Told<Pick<ReportDocument, 'forItsAge'>> {
  const { usual } = inputs;
  const read = countWalk(state, style, inputs.car);
  if (!usual || usual.bands.length === 0 || !read.ok || !state.odometer) return {};
  const { age, counted } = read.walk;
  const distance = distanceTold(state.odometer.value, state.odometer.unit);
  const at = say('age.at', { years: age, distance });
  const rows = usual.bands.flatMap((band): RowTold[] => {
    const read = counted[band.measure];
    if (!read) return [];
    const here = isUnsaid(read, band.measure, state) ? { ...read, looked: 0 } : read;
    const standing = standingOf(here, band);
    return [
      {
        ...band,
        name: starting(say(`measure.${band.measure}`)),
        standing,
        ...(here.count !== undefined && { count: here.count }),
        heavy: here.heavy,
        says: rowSays(standing, here, band, at),
      },
    ];
  });
  // A yard with too few cars of its own has nothing to say here.
  if (!rows.some(isBanded)) return {};
  const cabin = rows.find(({ measure }) => measure === 'cabin-wear');
  const wear = cabin && cabinSays(cabin.standing, usual.cabinLikeMiles, state.odometer.unit);
  return {
    forItsAge: {
      at,
      rows,
      ...(wear && { cabin: wear }),
      ...(usual.cabinLikeMiles && { cabinLikeMiles: usual.cabinLikeMiles }),
      rests: restsOn(rows),
    },
  };
}

/** A door edge is seen with the door open alone: that there is no nick is told where somebody looked for them. */
const isUnsaid = ({ count }: Counted, measure: MeasureId, { looks }: WalkTold['state']): boolean =>
  measure === 'door-edges' &&
  count === 0 &&
  ![...looks.values()].some(
    (look) => look.status === 'clear' && [...look.absent, ...(look.swept ?? [])].includes('edge-clean'),
  );

function rowSays(standing: Standing, here: Counted, band: UsualBand, at: Text): Text {
  const { measure, low, high } = band;
  if (standing === 'not-all-seen') return say('age.tooFewSeen', { looked: here.looked, of: here.of });
  if (here.count === undefined) return say('age.notCounted');
  const found = say('age.count', {
    n: here.count,
    one: say(`measureOne.${measure}`),
    many: say(`measureMany.${measure}`),
  });
  if (standing === 'too-few')
    return listed('semicolon', [
      found,
      say(band.cars > 0 && band.alike === 0 ? 'age.noneAlike' : 'age.tooFewCars'),
    ]);
  return listed('semicolon', [
    found,
    low === high ? say('age.usual', { n: low, at }) : say('age.usualRange', { low, high, at }),
    isHeavier(here, band) ? say('age.heavy', { n: here.heavy }) : undefined,
  ]);
}

/** It asks; it never says that a figure is wrong. */
function cabinSays(
  standing: Standing,
  likeMiles: number | undefined,
  unit: 'mi' | 'km',
): Message | undefined {
  if (standing === 'in-line') return say('age.cabinFits');
  if (standing === 'better') return say('age.cabinBetter');
  if (standing !== 'more') return undefined;
  if (likeMiles === undefined) return say('age.cabinMoreThanAny');
  const distance = unit === 'km' ? Math.round((likeMiles * KM_PER_MILE) / 1000) * 1000 : likeMiles;
  return say('age.cabinMore', { distance: distanceTold(distance, unit) });
}

const restsOn = (rows: readonly RowTold[]): Message =>
  say('age.rests', {
    cars: Math.max(0, ...rows.map((row) => row.cars)),
    alike: Math.max(0, ...rows.map((row) => row.alike)),
  });
