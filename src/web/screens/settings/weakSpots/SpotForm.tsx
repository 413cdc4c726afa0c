import { Plus } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { type BodyStyleId, bodyStyleIds, bodyStyleNames, type PartKind, partKindIds } from '#core/car';
import { type FindingKind, findingKindIds, findingKindName, type SpotWay, spotWays } from '#core/walk';
import { spotIssues, spotIssueWords, type WeakSpot, weakSpotSchema } from '#core/weakSpots';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { Fold } from '../../../components/Fold';
import { useTyped } from '../../../components/useTyped';
import { partKindName } from './spotWords';

interface SpotFormProps {
  /** What it begins with. */
  draft?: WeakSpot;
  taken: readonly string[];
  isSaving: boolean;
  onSave: (spot: WeakSpot) => Promise<unknown>;
}

const wayNames: Record<SpotWay, string> = {
  look: 'look',
  open: 'open it',
  torch: 'with a torch',
  feel: 'feel',
  wait: 'wait',
};
const byName = <T extends string>(ids: readonly T[], name: (id: T) => string) =>
  ids.map((id) => [id, name(id)] as const).toSorted(([, a], [, b]) => a.localeCompare(b));
const parts = byName(partKindIds, partKindName);
const kinds = byName(findingKindIds, (id) => findingKindName(id, 'uk'));
const emptyOf = (draft: WeakSpot | undefined) => ({
  title: draft?.title ?? '',
  look: draft?.look ?? '',
  how: (draft?.how ?? 'look') as SpotWay,
  caution: draft?.caution ?? '',
  fine: draft?.fine ?? '',
  on: (draft?.on[0] ?? '') as PartKind | '',
  kind: (draft?.kinds[0] ?? '') as FindingKind | '',
  make: draft?.cars.make ?? '',
  model: draft?.cars.model ?? '',
  bodyStyle: (draft?.cars.bodyStyles?.[0] ?? '') as BodyStyleId | '',
  yearFrom: '',
  yearTo: '',
  ageFrom: '',
  ageTo: '',
});

const idOf = (title: string, taken: readonly string[]): string => {
  const base =
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 50) || 'spot';
  let id = base;
  for (let n = 2; taken.includes(id); n++) id = `${base}-${n}`;
  return id;
};

/** A weak spot of one's own: where, what to look for, how, what to say when it is fine, and of which cars. */
export function SpotForm({ draft, taken, isSaving, onSave }: SpotFormProps) {
  const { value, setValue, drop, isRestored } = useTyped(`weak-spot-${draft?.id ?? 'new'}`, emptyOf(draft));
  const [errors, setErrors] = useState<Record<string, string>>({});
  const change = (more: Partial<typeof value>) => {
    setValue((now) => ({ ...now, ...more }));
    setErrors({});
  };
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const number = (typed: string) => (typed.trim() === '' ? undefined : Number(typed));
    const { make, model, bodyStyle, yearFrom, yearTo, ageFrom, ageTo } = value;
    const cars = {
      make: make.trim() || undefined,
      model: model.trim() || undefined,
      bodyStyles: bodyStyle ? [bodyStyle] : undefined,
      yearFrom: number(yearFrom),
      yearTo: number(yearTo),
      ageFrom: number(ageFrom),
      ageTo: number(ageTo),
    };
    const read = weakSpotSchema.safeParse({
      id: idOf(value.title, taken),
      title: value.title,
      look: value.look,
      how: value.how,
      ...(value.caution.trim() && { caution: value.caution }),
      fine: value.fine,
      kinds: value.kind ? [value.kind] : [],
      on: value.on ? [value.on] : [],
      cars: Object.fromEntries(Object.entries(cars).filter(([, each]) => each !== undefined)),
      setBy: draft?.setBy ?? 'yard',
    });
    if (!read.success) {
      setErrors(
        Object.fromEntries(
          read.error.issues.map(({ path, message }) => [
            String(path.at(-1) === undefined ? '' : path[0] === 'cars' ? path[1] : path[0]),
            message,
          ]),
        ),
      );
      return;
    }
    const [issue] = spotIssues([read.data]);
    if (issue) {
      setErrors({ cars: spotIssueWords(issue) });
      return;
    }
    await onSave(read.data);
    setValue(emptyOf(undefined));
    drop();
  };
  const text = (
    name: 'title' | 'look' | 'caution' | 'fine' | 'make' | 'model',
    label: string,
    max: number,
  ) => (
    <Field id={`spot-${name}`} label={label} {...(errors[name] && { error: errors[name] })}>
      <input
        id={`spot-${name}`}
        className={inputLook}
        maxLength={max}
        autoComplete="off"
        value={value[name]}
        aria-invalid={errors[name] !== undefined}
        aria-describedby={`spot-${name}-says`}
        onChange={({ target }) => change({ [name]: target.value })}
      />
    </Field>
  );
  const figure = (name: 'yearFrom' | 'yearTo' | 'ageFrom' | 'ageTo', label: string) => (
    <Field id={`spot-${name}`} label={label} {...(errors[name] && { error: errors[name] })}>
      <input
        id={`spot-${name}`}
        className={inputLook}
        inputMode="numeric"
        autoComplete="off"
        value={value[name]}
        aria-invalid={errors[name] !== undefined}
        aria-describedby={`spot-${name}-says`}
        onChange={({ target }) => change({ [name]: target.value })}
      />
    </Field>
  );
  return (
    <Fold
      title={draft ? 'Make it a weak spot' : 'Add a weak spot'}
      isOpen={isRestored || draft !== undefined}
    >
      <form onSubmit={submit} noValidate className="space-y-3 border-l-8 border-accent pl-3">
        {text('title', 'What it is, in a few words', 80)}
        <div className="grid gap-3 sm:grid-cols-3">
          <Picked
            id="spot-on"
            label="On which part"
            {...(errors.on && { error: errors.on })}
            value={value.on}
            none="Choose a part"
            options={parts}
            onChange={(on) => change({ on: on as PartKind | '' })}
          />
          <Picked
            id="spot-kind"
            label="Logged as"
            value={value.kind}
            none="Asked when it is there"
            options={kinds}
            onChange={(kind) => change({ kind: kind as FindingKind | '' })}
          />
          <Picked
            id="spot-how"
            label="How"
            value={value.how}
            options={spotWays.map((way) => [way, sentence(wayNames[way])] as const)}
            onChange={(how) => change({ how: how as SpotWay })}
          />
        </div>
        {text('look', 'What to look for', 200)}
        {text('fine', 'What a buyer reads when it is not there', 120)}
        {text('caution', 'Caution, where looking can hurt', 200)}
        <div className="grid gap-3 sm:grid-cols-3">
          {text('make', 'Make; any when empty', 60)}
          {text('model', 'Model; * stands for anything', 60)}
          <Picked
            id="spot-body"
            label="Body"
            value={value.bodyStyle}
            none="Any"
            options={bodyStyleIds.map((id) => [id, bodyStyleNames[id].uk] as const)}
            onChange={(body) => change({ bodyStyle: body as BodyStyleId | '' })}
          />
        </div>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          {figure('yearFrom', 'Built from')}
          {figure('yearTo', 'Built up to')}
          {figure('ageFrom', 'From years old')}
          {figure('ageTo', 'Up to years old')}
        </div>
        {errors.cars && (
          <p role="alert" className="font-bold text-warn">
            {errors.cars}
          </p>
        )}
        <Button type="submit" look="tape" disabled={isSaving}>
          <Plus aria-hidden size={18} /> Add it to the list
        </Button>
      </form>
    </Fold>
  );
}

interface PickedProps {
  id: string;
  label: string;
  value: string;
  none?: string;
  error?: string;
  options: readonly (readonly [value: string, name: string])[];
  onChange: (value: string) => void;
}

const Picked = ({ id, label, value, none, error, options, onChange }: PickedProps) => (
  <Field id={id} label={label} {...(error && { error })}>
    <select
      id={id}
      className={inputLook}
      value={value}
      aria-invalid={error !== undefined}
      aria-describedby={`${id}-says`}
      onChange={({ target }) => onChange(target.value)}
    >
      {none !== undefined && <option value="">{none}</option>}
      {options.map(([each, name]) => (
        <option key={each} value={each}>
          {sentence(name)}
        </option>
      ))}
    </select>
  </Field>
);
