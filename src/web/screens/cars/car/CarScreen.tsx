import { useQuery } from '@tanstack/react-query';
import { Download, FileText, Footprints, GitCompareArrows, Pencil, Wrench } from 'lucide-react';
import { Link, useParams } from 'react-router';
import type { CarPage } from '#core/api';
import { bodyStyleNames, type Car, carTitle, countryOf, extraOf, fuelName, plateName } from '#core/car';
import { sentence } from '#core/wording';
import { buttonLook } from '../../../components/Button';
import { Fold } from '../../../components/Fold';
import { Notice } from '../../../components/Notice';
import { If } from '../../../people/If';
import { Bar } from '../../../shell/Bar';
import { OutboxBadge } from '../../../shell/OutboxBadge';
import { PersonButton } from '../../../shell/PersonButton';
import { useOutbox, useSessions } from '../../../sync/SyncContext';
import { localMoment } from '../../../words/times';
import { EraseCar } from './EraseCar';
import { StartWalk } from './StartWalk';
import { StoodHere } from './StoodHere';

/** One car: what it is, its walks and its reports. */
export function CarScreen() {
  const { id = '' } = useParams();
  const sessions = useSessions();
  const page = useQuery({ queryKey: ['car', id], queryFn: () => sessions.loadCar(id) });
  const waiting = useOutbox().cars.find((car) => car.id === id);
  return (
    <>
      <Bar title={page.data ? page.data.car.stockNumber : 'Car'} back={{ to: '/', label: 'Stock list' }}>
        <OutboxBadge />
        <PersonButton />
      </Bar>
      <main className="mx-auto max-w-4xl p-4">
        {page.error && <Notice look="warn">{page.error.message}</Notice>}
        {waiting && (
          <div className="mb-4">
            <Notice look={waiting.refusal ? 'warn' : 'info'}>
              {waiting.refusal
                ? `The server would not take this car: ${waiting.refusal} Edit it, and it is sent again.`
                : 'This car is kept on this device and sent when there is signal. It can be walked already.'}
            </Notice>
          </div>
        )}
        {page.data && <CarView page={page.data} isWaiting={waiting !== undefined} />}
      </main>
    </>
  );
}

function CarView({ page: { car, walks }, isWaiting }: { page: CarPage; isWaiting: boolean }) {
  return (
    <div className="grid gap-8 sm:grid-cols-[1fr_1.2fr]">
      <section>
        <div className="flex items-start justify-between gap-2">
          <h1 className="text-2xl leading-tight">{carTitle(car)}</h1>
          <If may="walk">
            <Link to={`/cars/${car.id}/edit`} className={`${buttonLook()} shrink-0`}>
              <Pencil aria-hidden size={18} /> Edit
            </Link>
          </If>
        </div>
        <Facts car={car} />
        {!isWaiting && <StoodHere car={car.id} />}
      </section>
      <section>
        <h2 className="mb-2 text-xl">Walk-rounds</h2>
        <If may="walk">
          <StartWalk car={car} first={walks.length === 0} />
        </If>
        {walks.length > 1 && (
          <Link to={`/cars/${car.id}/compare`} className={`${buttonLook()} mt-3 w-full`}>
            <GitCompareArrows aria-hidden size={20} /> Walk against walk
          </Link>
        )}
        <ul className="mt-4 border-t border-ink">
          <BegunHere car={car.id} known={walks} />
          {walks.map((walk) => (
            <WalkRow key={walk.id} walk={walk} />
          ))}
        </ul>
        {!isWaiting && (
          <If may="people">
            <div className="mt-6">
              <Fold title="Erase this car">
                <EraseCar car={car.id} />
              </Fold>
            </div>
          </If>
        )}
      </section>
    </div>
  );
}

function Facts({ car }: { car: Car }) {
  const country = countryOf(car.country);
  const facts: [string, string][] = [
    ['Body', bodyStyleNames[car.bodyStyle][country.vocabulary]],
    ['Extras', car.extras.map((id) => extraOf(id)[country.vocabulary].toLowerCase()).join(', ')],
    [country.vocabulary === 'us' ? 'Color' : 'Colour', `${car.colour} (${car.paintTone})`],
    ['Fuel', fuelName(car.fuel, country.vocabulary)],
    [sentence(plateName(car)), car.plate],
    ['Identity number', car.identityNumber],
    ['Used in', country.name],
    ['Steering wheel', `on the ${car.steering}`],
  ];
  return (
    <dl className="mt-3">
      {facts
        .filter(([, value]) => value)
        .map(([name, value]) => (
          <div key={name} className="grid grid-cols-[8.5rem_1fr] gap-2 border-b border-line py-1.5">
            <dt className="text-soft">{name}</dt>
            <dd className="min-w-0 break-words">{value}</dd>
          </div>
        ))}
    </dl>
  );
}

/** Walks begun here that the server does not know yet. */
function BegunHere({ car, known }: { car: string; known: CarPage['walks'] }) {
  const sessions = useSessions();
  const { waiting } = useOutbox();
  const begun = useQuery({
    queryKey: ['begun-here', car, waiting > 0],
    queryFn: () => sessions.begunHere(car),
  });
  return begun.data
    ?.filter(({ walk }) => known.every(({ id }) => id !== walk))
    .map(({ walk }) => (
      <li key={walk} className="border-b border-line py-3">
        <p className="font-bold">Begun on this device</p>
        <p className="mb-2 text-sm text-soft">It is kept here, and sent when there is signal.</p>
        <Link to={`/walks/${walk}`} className={buttonLook('main')}>
          <Footprints aria-hidden size={18} /> Go on walking
        </Link>
      </li>
    ));
}

function WalkRow({ walk }: { walk: CarPage['walks'][number] }) {
  const open = walk.visited < walk.parts;
  return (
    <li className="border-b border-line py-3">
      <p className="font-bold">{localMoment(walk.begunAt)}</p>
      <p className="mb-2 text-sm text-soft tabular-nums">
        {walk.visited} of {walk.parts} parts visited · {walk.findings} findings · {walk.photos} photos
      </p>
      <div className="flex flex-wrap gap-2">
        <Link to={`/walks/${walk.id}`} className={buttonLook(open ? 'main' : 'plain')}>
          <Footprints aria-hidden size={18} /> {open ? 'Go on walking' : 'Open'}
        </Link>
        <If may="send">
          <Link to={`/walks/${walk.id}/report`} className={buttonLook(open ? 'plain' : 'main')}>
            <FileText aria-hidden size={18} /> Report
          </Link>
          <If may="plan">
            <Link to={`/walks/${walk.id}/plan`} className={buttonLook()}>
              <Wrench aria-hidden size={18} /> Putting it right
            </Link>
          </If>
          <a href={`/api/walks/${walk.id}/export`} download className={buttonLook()}>
            <Download aria-hidden size={18} /> Export walk
          </a>
        </If>
      </div>
    </li>
  );
}
