import type { Vocabulary } from '../../car';
import {
  type Counted,
  countWalk,
  isHeavier,
  type MeasureId,
  measureCount,
  measureName,
  type Standing,
  standingOf,
  type UsualBand,
} from '../../judge';
import { KM_PER_MILE, speakDistance } from '../../measure';
import { bandedRows } from '../drawings/ageDrawing';
import type { ReportDocument } from '../reportDocument';
import type { WalkTold } from '../walkTold';

type ForItsAge = NonNullable<ReportDocument['forItsAge']>;

/** How the car stands to others of its age and distance; nothing where its age or distance is not known, or the report was composed without what is usual. */
export function forItsAge({ inputs, state, style, vocabulary }: WalkTold): Pick<ReportDocument, 'forItsAge'> {
  const { usual } = inputs;
  const read = countWalk(state, style, inputs.car);
  if (!usual || usual.bands.length === 0 || !read.ok || !state.odometer) return {};
  const { age, counted } = read.walk;
  const at = `${age === 0 ? 'under a year' : age === 1 ? '1 year' : `${age} years`} and ${speakDistance(state.odometer.value, state.odometer.unit)}`;
  const rows = usual.bands.flatMap((band): ForItsAge['rows'] => {
    const read = counted[band.measure];
    if (!read) return [];
    const here = isUnsaid(read, band.measure, state) ? { ...read, looked: 0 } : read;
    const standing = standingOf(here, band);
    return [
      {
        ...band,
        name: measureName(band.measure, vocabulary),
        standing,
        ...(here.count !== undefined && { count: here.count }),
        heavy: here.heavy,
        says: rowSays(standing, here, band, at, vocabulary),
      },
    ];
  });
  // A yard with too few cars of its own has nothing to say here.
  if (bandedRows(rows).length === 0) return {};
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

function rowSays(
  standing: Standing,
  here: Counted,
  band: UsualBand,
  at: string,
  vocabulary: Vocabulary,
): string {
  const { measure, low, high } = band;
  if (standing === 'not-all-seen')
    return `${here.looked} of ${here.of} places for this were looked at: too few to hold against other cars`;
  if (here.count === undefined) return 'how many there are was said in words, not counted';
  const found = measureCount(measure, here.count, vocabulary);
  if (standing === 'too-few')
    return band.cars > 0 && band.alike === 0
      ? `${found}; none of this yard’s own cars is of like age and distance`
      : `${found}; too few of this yard’s own cars yet to say what is usual`;
  const range = low === high ? `${low} ${low === 1 ? 'is' : 'are'}` : `${low} to ${high} are`;
  const bad = isHeavier(here, band)
    ? `; ${here.heavy} of them ${here.heavy === 1 ? 'is' : 'are'} heavy, more than usual`
    : '';
  return `${found}; ${range} usual at ${at}${bad}`;
}

/** It asks; it never says that a figure is wrong. */
function cabinSays(standing: Standing, likeMiles: number | undefined, unit: 'mi' | 'km'): string | undefined {
  if (standing === 'in-line') return 'The wear of the cabin fits the odometer';
  if (standing === 'better') return 'The cabin is less worn than the odometer would let one expect';
  if (standing !== 'more') return undefined;
  const like =
    likeMiles === undefined
      ? 'more than is usual at any distance at its age'
      : `as is usual from ${speakDistance(unit === 'km' ? Math.round((likeMiles * KM_PER_MILE) / 1000) * 1000 : likeMiles, unit)} on at its age`;
  return `The cabin looks more worn than the odometer says: ${like}. Short trips, many riders and hard use wear a cabin too; ask how it was used`;
}

function restsOn(rows: ForItsAge['rows']): string {
  const cars = Math.max(0, ...rows.map((row) => row.cars));
  const alike = Math.max(0, ...rows.map((row) => row.alike));
  return `Held against ${cars} of this yard’s own cars, ${alike} of them of the same age and distance; four of five such cars lie in the band. Allowed for: who walked, and wet, dirt or dusk. What is usual says nothing of price`;
}
