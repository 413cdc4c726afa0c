import { bodyStyleNames, extraOf, kindName, type PartKind } from '#core/car';
import type { WeakSpot } from '#core/weakSpots';
import { sentence } from '#core/wording';

const uk = { country: 'GB', steering: 'right' } as const;

/** A kind of part as a list names it: "tail lamp". */
export const partKindName = (kind: PartKind): string => kindName(kind, uk);

/** "Pellbrook Nim*, 2010 to 2014, from 6 years": which cars a spot is asked of. */
export function carsWords({ cars }: Pick<WeakSpot, 'cars'>): string {
  const { make, model, bodyStyles = [], yearFrom, yearTo, fuels = [], extras = [], ageFrom, ageTo } = cars;
  const words = [
    [make, model].filter(Boolean).join(' '),
    bodyStyles.map((id) => bodyStyleNames[id].uk.toLowerCase()).join(' or '),
    span(yearFrom, yearTo, 'built from', 'built up to'),
    span(ageFrom, ageTo, 'from', 'up to', ' years'),
    fuels.join(' or '),
    extras.map((id) => `with ${extraOf(id).uk.toLowerCase()}`).join(', '),
  ].filter(Boolean);
  return words.length === 0 ? 'Every car' : sentence(words.join(', '));
}

function span(
  from: number | undefined,
  to: number | undefined,
  since: string,
  until: string,
  unit = '',
): string {
  if (from !== undefined && to !== undefined) return `${from} to ${to}${unit}`;
  if (from !== undefined) return `${since} ${from}${unit}${since === 'from' ? ' on' : ' on'}`;
  return to === undefined ? '' : `${until} ${to}${unit}`;
}
