import { useState } from 'react';
import { Link } from 'react-router';
import type { MorningLook } from '#core/diary';
import { buttonLook } from '../../../components/Button';
import { Fold } from '../../../components/Fold';
import { Notice } from '../../../components/Notice';
import { dayHere, type Seen, useMornings } from '../../../diary/useMornings';
import { Bar } from '../../../shell/Bar';
import { OutboxBadge } from '../../../shell/OutboxBadge';
import { PersonButton } from '../../../shell/PersonButton';
import { CarInHand } from './CarInHand';
import { JustLooked } from './JustLooked';
import { RowOfCars } from './RowOfCars';
import { TheTap } from './TheTap';
import { useTheTap } from './useTheTap';

/** Every car of the yard on one morning, in the order they stand: one tap where all is as it should be. */
export function MorningsScreen() {
  const { cars: all, error, isAway, say, takeBack } = useMornings();
  const [chosen, setChosen] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const [last, setLast] = useState<MorningLook>();
  const tap = useTheTap();
  const today = dayHere();
  // One walks along those that have a place; where none has, all are walked.
  const isPlaced = all?.some(({ standsAt }) => standsAt !== '') ?? false;
  const cars = all?.filter(({ standsAt }) => !isPlaced || standsAt !== '');
  const elsewhere = all?.filter((car) => !cars?.includes(car)) ?? [];
  const isSeen = ({ looks }: NonNullable<typeof cars>[number]) => looks.some(({ day }) => day === today);
  const inHand = all?.find(({ car }) => car === chosen) ?? cars?.find((car) => !isSeen(car));
  const seen = cars?.filter(isSeen).length ?? 0;
  const save = (car: string, how: Seen) => {
    const said = say(car, how);
    if ('problem' in said) {
      setProblem(said.problem);
      return;
    }
    setProblem(undefined);
    setLast(said.look);
    // On to the next one nobody has looked at.
    setChosen(undefined);
  };
  const row = {
    today,
    inHand: inHand?.car,
    onChoose: (car: string) => {
      setChosen(car);
      scrollTo({ top: 0 });
    },
    onTakeBack: takeBack,
  };
  return (
    <>
      <Bar title="Cars this morning" back={{ to: '/morning', label: 'Back to this morning' }}>
        <OutboxBadge />
        <PersonButton />
      </Bar>
      <main className="mx-auto max-w-5xl p-3 lg:grid lg:grid-cols-[24rem_minmax(0,1fr)] lg:gap-6 lg:p-5">
        <div className="space-y-3 lg:sticky lg:top-5 lg:self-start">
          {error && !isAway && <Notice look="warn">{error.message}</Notice>}
          {isAway && (
            <Notice>
              No signal: the cars are those this device keeps. What you say is kept and sent later.
            </Notice>
          )}
          {problem && <Notice look="warn">{problem}</Notice>}
          {cars && (
            <p role="status" className="font-bold tabular-nums">
              {seen} of {cars.length} looked at today
            </p>
          )}
          {cars?.length === 0 && (
            <div>
              <p className="mb-2">No car stands here yet.</p>
              <Link to="/cars/new" className={buttonLook('main')}>
                Add a car
              </Link>
            </div>
          )}
          {inHand ? (
            <CarInHand
              key={inHand.car}
              car={inHand}
              today={today}
              tap={tap.tap}
              onSave={(how) => save(inHand.car, how)}
            />
          ) : (
            cars && cars.length > 0 && <p className="text-lg">Every car was looked at today.</p>
          )}
          {last && (
            <JustLooked
              look={last}
              name={all?.find(({ car }) => car === last.car)?.stockNumber ?? ''}
              onTakeBack={() => {
                takeBack(last);
                setChosen(last.car);
                setLast(undefined);
              }}
            />
          )}
          <TheTap {...tap} />
        </div>
        <div className="mt-4 lg:mt-0">
          {cars && cars.length > 0 && <RowOfCars cars={cars} {...row} />}
          {elsewhere.length > 0 && (
            <Fold title={`${elsewhere.length} without a place in the yard`}>
              <p className="mb-2">Where a car stands is noted when it is edited.</p>
              <RowOfCars cars={elsewhere} {...row} />
            </Fold>
          )}
        </div>
      </main>
    </>
  );
}
