import type { ArrivalCheck, CheckedPart } from './arrivalCheckSchema';

/** A part that was new or different on arrival, and what was signed for at collection. */
export interface OnTheWay {
  part: string;
  name: string;
  is: 'since-collection' | 'known-at-collection' | 'nobody-can-say';
  atCollection: CheckedPart | undefined;
  onArrival: CheckedPart;
}

/**
 * What two statements about one car say of the journey between them: what was as described at collection and is not on arrival happened on the
 * way; what nobody looked at, or could not tell, proves nothing. In the order of the report.
 */
export function onTheWay(collection: ArrivalCheck, arrival: ArrivalCheck): OnTheWay[] {
  const before = new Map(collection.parts.map((part) => [part.part, part]));
  return arrival.parts
    .filter(({ verdict }) => verdict === 'different')
    .map((onArrival): OnTheWay => {
      const atCollection = before.get(onArrival.part);
      return {
        part: onArrival.part,
        name: onArrival.name,
        is: sinceWhen(atCollection),
        atCollection,
        onArrival,
      };
    });
}

function sinceWhen(atCollection: CheckedPart | undefined): OnTheWay['is'] {
  switch (atCollection?.verdict) {
    case 'as-described':
      return 'since-collection';
    case 'different':
      return 'known-at-collection';
    default:
      return 'nobody-can-say';
  }
}
