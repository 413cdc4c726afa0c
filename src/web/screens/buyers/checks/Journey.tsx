import type { ChecksPage } from '#core/api';
import { type OnTheWay, onTheWay } from '#core/arrival';
import { Section } from '../../../report/Section';

const words: Record<OnTheWay['is'], string> = {
  'since-collection': 'As described at collection: it happened on the way',
  'known-at-collection': 'Signed for as different at collection already',
  'nobody-can-say': 'Not looked at, or not told, at collection: nobody can say since when',
};

/** The last check on arrival beside the last at collection before it. */
export function Journey({ checks }: { checks: ChecksPage['checks'] }) {
  const arrival = checks.findLast(({ check }) => check.occasion === 'arrival');
  const collection = checks.findLast(
    ({ check }) =>
      check.occasion === 'collection' && arrival !== undefined && check.signedAt < arrival.check.signedAt,
  );
  if (!arrival || !collection) return null;
  const differences = onTheWay(collection.check, arrival.check);
  return (
    <Section title="Between collection and arrival">
      {differences.length === 0 && <p>Nothing new or different was found on arrival.</p>}
      <ul>
        {differences.map(({ part, name, is, atCollection, onArrival }) => (
          <li key={part} className="border-b border-line py-2">
            <h3 className="text-lg leading-tight">{name}</h3>
            <p className="font-bold">{words[is]}.</p>
            {onArrival.note && <p>On arrival: {onArrival.note}</p>}
            {atCollection?.note && <p>At collection: {atCollection.note}</p>}
            <div className="mt-2 flex flex-wrap gap-2">
              {[...(atCollection?.photos ?? []), ...onArrival.photos].map((sha256) => (
                <img
                  key={sha256}
                  src={`/api/photos/${sha256}/320`}
                  alt={`${name}, ${onArrival.photos.includes(sha256) ? 'on arrival' : 'at collection'}`}
                  loading="lazy"
                  className="h-28 w-auto bg-fill"
                />
              ))}
            </div>
          </li>
        ))}
      </ul>
    </Section>
  );
}
