import { type FormEvent, useState } from 'react';
import { countryOf } from '#core/car';
import { Button } from '../../../components/Button';
import { TextField } from '../../../components/fields';
import { Notice } from '../../../components/Notice';
import type { OpenWalk } from '../../../sync/useWalk';
import { untriedWords } from './usualWords';

const DRIVE_CAUTION =
  'A drive only by an insured, licensed driver with trade cover, phone away while driving. Local law and the house’s rules come first.';

interface RoadTestProps {
  walk: OpenWalk;
  /** Whoever walks drives, unless another name is typed. */
  walker: string;
  onNobodyDrove: (why: string) => void;
}

/** The sheet of a road test: caution first, then who drives and that they may; how far, when they are back. */
export function RoadTest({ walk, walker, onNobodyDrove }: RoadTestProps) {
  const { state, page, record } = walk;
  const { drive } = state.functions;
  const unit = countryOf(page.car.country).distance;
  const [driver, setDriver] = useState(drive?.driver ?? walker);
  const [isConfirmed, setConfirmed] = useState(false);
  const [distance, setDistance] = useState(drive?.distance === undefined ? '' : String(drive.distance));
  const [errors, setErrors] = useState<{ driver?: string; cover?: string; distance?: string }>({});
  const [isNot, setNot] = useState(false);
  const begin = (event: FormEvent) => {
    event.preventDefault();
    const found = {
      ...(driver.trim() === '' && { driver: 'Say who drives.' }),
      ...(!isConfirmed && { cover: 'Confirm this before anyone drives.' }),
    };
    setErrors(found);
    if (Object.keys(found).length > 0) return;
    record({ kind: 'drive-noted', body: { driver: driver.trim(), coverConfirmed: true } });
  };
  const saveDistance = () => {
    if (!drive) return;
    const value = Number(distance.trim().replace(',', '.'));
    if (!/^\d{1,3}([.,]\d+)?$/.test(distance.trim()) || value <= 0 || value > 200) {
      setErrors({ distance: 'Type how far, like 4 or 2.5; at most 200.' });
      return;
    }
    setErrors({});
    if (value !== drive.distance) record({ kind: 'drive-noted', body: { ...drive, distance: value, unit } });
  };
  const back = (event: FormEvent) => {
    event.preventDefault();
    saveDistance();
  };
  if (!drive)
    return (
      <form onSubmit={begin} className="space-y-3 border-b border-ink bg-sheet p-3">
        <h2 className="text-2xl leading-tight">Road test</h2>
        <Notice look="warn">{DRIVE_CAUTION}</Notice>
        {isNot ? (
          <>
            <p className="font-bold">Why was it not driven?</p>
            <div className="grid grid-cols-2 gap-2">
              {['no trade cover', 'not safe to drive', ...untriedWords.slice(0, 1), 'no time'].map((why) => (
                <Button key={why} className="px-2!" onClick={() => onNobodyDrove(why)}>
                  {why}
                </Button>
              ))}
            </div>
            <Button className="w-full" onClick={() => setNot(false)}>
              Back
            </Button>
          </>
        ) : (
          <>
            <TextField
              id="driver"
              label="Who drives"
              error={errors.driver}
              maxLength={60}
              autoComplete="off"
              value={driver}
              aria-invalid={errors.driver !== undefined}
              aria-describedby="driver-says"
              onChange={(event) => setDriver(event.target.value)}
            />
            <label className="flex min-h-14 items-center gap-3 rounded-md border border-line px-3 font-bold leading-tight">
              <input
                type="checkbox"
                className="size-6 shrink-0 accent-accent"
                checked={isConfirmed}
                aria-describedby="cover-says"
                onChange={(event) => setConfirmed(event.target.checked)}
              />
              Licensed, insured, under trade cover
            </label>
            {errors.cover && (
              <p id="cover-says" role="alert" className="font-bold text-warn">
                {errors.cover}
              </p>
            )}
            <div className="grid grid-cols-2 gap-2">
              <Button type="submit" look="main">
                Begin the drive
              </Button>
              <Button onClick={() => setNot(true)}>Nobody drives it</Button>
            </div>
          </>
        )}
      </form>
    );
  return (
    <form onSubmit={back} className="space-y-2 border-b border-line bg-sheet p-3">
      <p className="text-soft">
        Road test: {drive.driver} drives, cover confirmed
        {drive.distance === undefined ? '' : `; ${drive.distance} ${unit === 'mi' ? 'miles' : 'km'}`}. Phone
        away while driving; answer when parked.
      </p>
      <TextField
        id="drive-distance"
        label={`How far, ${unit === 'mi' ? 'miles' : 'km'}`}
        error={errors.distance}
        inputMode="decimal"
        autoComplete="off"
        value={distance}
        aria-invalid={errors.distance !== undefined}
        aria-describedby="drive-distance-says"
        onChange={(event) => setDistance(event.target.value)}
        onBlur={() => distance.trim() !== '' && saveDistance()}
      />
    </form>
  );
}
