import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { CarLooks } from '#core/api';
import { morningInEnglish, stoodOf } from '#core/diary';
import { starting, type Text } from '#core/told';
import { shortDay } from '#core/wording';
import { getJson } from '../../../api/client';
import { buttonLook } from '../../../components/Button';
import { Fold } from '../../../components/Fold';
import { LookPhoto } from '../../../diary/LookPhoto';
import { lookWords } from '../../../diary/lookWords';

const tell = (text: Text) => morningInEnglish(starting(text), 'uk');

/** The days a car stood, as they come to a sentence, and each look. */
export function StoodHere({ car }: { car: string }) {
  const looks = useQuery({
    queryKey: ['car-mornings', car],
    queryFn: () => getJson<CarLooks>(`/api/cars/${car}/mornings`),
  });
  if (!looks.data) return null;
  const stood = stoodOf(looks.data.looks);
  return (
    <section aria-label="The days it stood" className="mt-6">
      <h2 className="text-xl">The days it stood</h2>
      {stood ? (
        <>
          <p className="mt-1">{tell(stood.says)}.</p>
          {stood.volts && <p>{tell(stood.volts)}.</p>}
          {stood.trends.map(({ id, says }) => (
            <p key={id} className="font-bold text-warn">
              {tell(says)}. Confirm it on the walk, under “Does it work”.
            </p>
          ))}
          <Fold title={`${looks.data.looks.length} ${looks.data.looks.length === 1 ? 'look' : 'looks'}`}>
            <ul className="mb-3">
              {looks.data.looks.toReversed().map((look) => (
                <li key={look.id} className="border-b border-line py-1.5">
                  {lookWords(look)}
                  <span className="block text-sm text-soft">
                    {shortDay(look.at)}, {look.name}
                  </span>
                  {look.photos && look.photos.length > 0 && (
                    <span className="mt-1 flex flex-wrap gap-2">
                      {look.photos.map((photo) => (
                        <LookPhoto key={photo} sha256={photo} says={`Taken on ${shortDay(look.at)}`} />
                      ))}
                    </span>
                  )}
                </li>
              ))}
            </ul>
          </Fold>
        </>
      ) : (
        <p className="mt-1">
          Nobody has looked at it in the morning yet. A car that stood and started is tested.
        </p>
      )}
      <Link to="/mornings" className={`${buttonLook()} mt-1`}>
        How the cars stand
      </Link>
    </section>
  );
}
