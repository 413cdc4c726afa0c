import { type FormEvent, useState } from 'react';
import { countryOf } from '#core/car';
import { dayProblemMessage, parseDay } from '#core/papers';
import type { PapersTable } from '#core/readings';
import {
  type Fact,
  type KeyState,
  keyStates,
  manualStates,
  type NumberPlace,
  numberPlaces,
  numberPlaceWords,
  registrationStates,
} from '#core/walk';
import { Button } from '../../components/Button';
import { Choice } from '../../components/Choice';
import { Field, inputLook } from '../../components/Field';
import type { OpenWalk } from '../../sync/useWalk';
import { todayIs } from './today';

type Key =
  | 'keepers'
  | 'keys'
  | 'keysTried'
  | 'stamps'
  | 'certificateUntil'
  | 'firstUse'
  | 'recalls'
  | 'registrationSays'
  | 'certificateSays'
  | 'keepersSays'
  | 'every'
  | 'months'
  | 'beltEvery'
  | 'beltMonths'
  | NumberPlace;
const titles = {
  original: 'Original',
  copy: 'Copy',
  missing: 'Missing',
  complete: 'Complete',
  partly: 'Partly',
} as const;

/** Keepers, keys, certificate, the maker's interval, the number wherever it stands. */
export function PapersForm({ walk, table }: { walk: OpenWalk; table: PapersTable }) {
  const { state, page, record } = walk;
  const { noted, numbers } = state.papers;
  const { distance, vocabulary } = countryOf(page.car.country);
  const text = (value: string | number | undefined) => (value === undefined ? '' : String(value));
  const [values, setValues] = useState<Record<Key, string>>({
    keepers: text(noted.keepers),
    keys: text(noted.keys),
    keysTried: text(noted.keysTried),
    stamps: text(noted.stamps),
    certificateUntil: text(noted.certificateUntil),
    firstUse: text(noted.firstUse),
    recalls: text(noted.recalls),
    registrationSays: text(noted.registrationSays),
    certificateSays: text(noted.certificateSays),
    keepersSays: text(noted.keepersSays),
    every: table.isUsualInterval ? '' : String(table.interval.distance),
    months: table.isUsualInterval ? '' : String(table.interval.months),
    beltEvery: text(noted.interval?.beltDistance),
    beltMonths: text(noted.interval?.beltMonths),
    plate: text(numbers.get('plate')),
    screen: text(numbers.get('screen')),
    glass: text(numbers.get('glass')),
    paper: text(numbers.get('paper')),
  });
  const [errors, setErrors] = useState<Partial<Record<Key, string>>>({});
  const note = (body: Extract<Fact, { kind: 'papers-noted' }>['body']) =>
    record({ kind: 'papers-noted', body });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const found: typeof errors = {};
    const whole = (key: Key, least: number, most: number, says: string): number | null => {
      const typed = values[key].trim().replace(/[\s,.]/g, '');
      if (typed === '') return null;
      const value = Number(typed);
      if (!/^\d+$/.test(typed) || value < least || value > most) found[key] = says;
      return value;
    };
    const day = (key: 'certificateUntil' | 'firstUse', mayBeAhead: boolean): string | null => {
      if (values[key].trim() === '') return null;
      const reading = parseDay(values[key], todayIs(), { monthFirst: vocabulary === 'us', mayBeAhead });
      if (!reading.ok) found[key] = dayProblemMessage(reading.problem);
      return reading.ok ? reading.day : null;
    };
    const keepers = whole('keepers', 1, 99, 'A used car has had 1 to 99 keepers.');
    const keys = whole('keys', 0, 10, 'At most 10 keys: check the count.');
    const keysTried = whole('keysTried', 0, keys ?? 10, 'Not more than there are.');
    const stamps = whole('stamps', 0, 99, 'At most 99 stamps: check the count.');
    const every = whole('every', 1000, 100_000, 'Between 1,000 and 100,000.');
    const months = whole('months', 3, 60, 'Between 3 and 60 months.');
    if ((every === null) !== (months === null))
      found[every === null ? 'every' : 'months'] = 'Give both, or neither.';
    const beltEvery = whole('beltEvery', 10_000, 500_000, 'Between 10,000 and 500,000.');
    const beltMonths = whole('beltMonths', 12, 240, 'Between 12 and 240 months.');
    if ((beltEvery ?? beltMonths) !== null && every === null && months === null)
      found.every = 'Enter the service interval too.';
    const certificateUntil = day('certificateUntil', true);
    const firstUse = day('firstUse', false);
    setErrors(found);
    if (Object.keys(found).length > 0) return;
    note({
      keepers,
      keys,
      keysTried,
      stamps,
      certificateUntil,
      firstUse,
      recalls: values.recalls.trim() || null,
      registrationSays: values.registrationSays.trim() || null,
      certificateSays: values.certificateSays.trim() || null,
      keepersSays: values.keepersSays.trim() || null,
      interval:
        every !== null && months !== null
          ? {
              distance: every,
              months,
              ...(beltEvery !== null && { beltDistance: beltEvery }),
              ...(beltMonths !== null && { beltMonths }),
            }
          : null,
    });
    for (const where of numberPlaces)
      if (values[where].trim() !== (numbers.get(where) ?? ''))
        record({ kind: 'number-read', body: { where, text: values[where].trim() } });
  };
  const field = (key: Key, label: string, hint?: string) => (
    <Field id={`papers-${key}`} label={label} hint={hint} error={errors[key]}>
      <input
        id={`papers-${key}`}
        className={inputLook}
        autoComplete="off"
        value={values[key]}
        aria-invalid={errors[key] !== undefined}
        aria-describedby={`papers-${key}-says`}
        onChange={(event) => {
          setValues((now) => ({ ...now, [key]: event.target.value }));
          setErrors(({ [key]: _, ...others }) => others);
        }}
      />
    </Field>
  );
  return (
    <form onSubmit={submit} className="space-y-3">
      <Choice
        legend="Registration paper"
        value={noted.registration}
        options={registrationStates.map((value) => ({ value, label: titles[value] }))}
        onChange={(registration) => note({ registration })}
        onClear={() => note({ registration: null })}
      />
      <Choice
        legend="Manuals"
        value={noted.manuals}
        options={manualStates.map((value) => ({ value, label: titles[value] }))}
        onChange={(manuals) => note({ manuals })}
        onClear={() => note({ manuals: null })}
      />
      <div className="grid grid-cols-3 gap-3">
        {field('keepers', 'Keepers')}
        {field('keys', 'Keys')}
        {noted.keyStates === undefined && field('keysTried', 'Keys tried')}
      </div>
      {noted.keys !== undefined && noted.keys > 0 && (
        <KeyByKey
          keys={noted.keys}
          states={noted.keyStates ?? []}
          onStates={(keyStates) => note({ keyStates })}
        />
      )}
      <div className="grid grid-cols-2 gap-3">
        {field('certificateUntil', 'Inspection until', 'Like 17/04/2027')}
        {field('firstUse', 'First use', 'Like 03/2017')}
        {field('stamps', 'Stamps in the book', 'Counted, entered or not')}
        {field('recalls', 'Recalls', 'Open or done, as noted')}
        {field('registrationSays', 'Of the registration paper', 'Why a copy, who holds it')}
        {field('certificateSays', 'Of the certificate', 'What it noted')}
        {field('keepersSays', 'Of the keepers', 'As the papers say it')}
        {field('every', `Service every, ${distance === 'mi' ? 'miles' : 'km'}`, 'As the maker asks')}
        {field('months', 'or every, months')}
        {field('beltEvery', `Timing belt every, ${distance === 'mi' ? 'miles' : 'km'}`)}
        {field('beltMonths', 'Belt every, months')}
      </div>
      <fieldset className="space-y-2">
        <legend className="text-sm font-bold text-soft">Identity number, wherever it stands</legend>
        <div className="grid gap-3 sm:grid-cols-2">
          {numberPlaces.map((where) => (
            <div key={where}>{field(where, numberPlaceWords[where])}</div>
          ))}
        </div>
      </fieldset>
      <Button type="submit" look="tape" className="w-full">
        Save
      </Button>
    </form>
  );
}

const keyNames: Record<KeyState, string> = {
  works: 'opens and starts',
  faulty: 'does not work',
  'not-tried': 'not tried',
};

/** Each key of the car, tried or not; said key by key as it is tried. */
function KeyByKey({
  keys,
  states,
  onStates,
}: {
  keys: number;
  states: readonly KeyState[];
  onStates: (states: KeyState[]) => void;
}) {
  const all = Array.from({ length: keys }, (_, i): KeyState => states[i] ?? 'not-tried');
  return (
    <div className="space-y-2">
      {all.map((state, i) => (
        <Choice
          // biome-ignore lint/suspicious/noArrayIndexKey: a key has no name but its number
          key={i}
          legend={`Key ${i + 1}`}
          value={states.length > 0 ? state : undefined}
          options={keyStates.map((value) => ({ value, label: keyNames[value] }))}
          onChange={(next) => onStates(all.map((each, at) => (at === i ? next : each)))}
        />
      ))}
    </div>
  );
}
