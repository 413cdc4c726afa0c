import { useState } from 'react';
import { countryOf } from '#core/car';
import type { PapersTable } from '#core/readings';
import {
  type Fact,
  type KeyState,
  keyStates,
  manualStates,
  numberPlaces,
  numberPlaceWords,
  registrationStates,
} from '#core/walk';
import { Choice } from '../../../components/Choice';
import { TextField } from '../../../components/fields';
import { useTyped } from '../../../components/useTyped';
import type { OpenWalk } from '../../../sync/useWalk';
import { intervalKeys, type PapersErrors, type PapersKey, type PapersTyped, readPapers } from './readPapers';
import { todayIs } from './today';

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
  const {
    value: values,
    setValue: setValues,
    isTyped,
    drop,
  } = useTyped<PapersTyped>(`papers.${page.walk}`, {
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
  const [errors, setErrors] = useState<PapersErrors>({});
  const note = (body: Extract<Fact, { kind: 'papers-noted' }>['body']) =>
    record({ kind: 'papers-noted', body });
  /** Every field saves by itself as one leaves it; what cannot be read stays, and says why. */
  const save = (onTo?: string) => {
    const { errors: found, changed } = readPapers(values, noted, {
      today: todayIs(),
      isMonthFirst: vocabulary === 'us',
      isBusy: (key) => onTo === `papers-${key}`,
      isTyped,
    });
    setErrors(found);
    if (Object.keys(changed).length > 0) note(changed);
    for (const where of numberPlaces)
      if (isTyped(where) && values[where].trim() !== (numbers.get(where) ?? ''))
        record({ kind: 'number-read', body: { where, text: values[where].trim() } });
    // What cannot be read, and half of a pair, is kept on as typed.
    const isHalf = (values.every.trim() === '') !== (values.months.trim() === '');
    drop([...(Object.keys(found) as PapersKey[]), ...(isHalf ? intervalKeys : [])]);
  };
  const field = (key: PapersKey, label: string, hint?: string) => (
    <TextField
      id={`papers-${key}`}
      label={label}
      hint={hint}
      error={errors[key]}
      autoComplete="off"
      value={values[key]}
      aria-invalid={errors[key] !== undefined}
      aria-describedby={`papers-${key}-says`}
      onChange={(event) => {
        setValues((now) => ({ ...now, [key]: event.target.value }));
        setErrors(({ [key]: _, ...others }) => others);
      }}
    />
  );
  return (
    <form
      className="space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
      onBlur={(event) => event.target instanceof HTMLInputElement && save(event.relatedTarget?.id)}
    >
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
      <p className="text-sm text-soft">Each field is saved as you leave it.</p>
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
