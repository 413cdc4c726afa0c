import { useState } from 'react';
import { countryOf, type PartId } from '#core/car';
import {
  dateCodeProblemMessage,
  parseDateCode,
  parseTyreSize,
  type TyreFlag,
  tyreFlags,
  tyreSizeProblemMessage,
} from '#core/tyres';
import type { Fact, TyreDescribed } from '#core/walk';
import { Button } from '../../../../components/Button';
import { TextField } from '../../../../components/fields';
import { useTyped } from '../../../../components/useTyped';
import type { OpenWalk } from '../../../../sync/useWalk';

const flagNames: Record<TyreFlag, string> = {
  cracks: 'Cracks',
  bulge: 'Bulge',
  cord: 'Cord shows',
  cut: 'Cut',
  repair: 'Repaired',
  retread: 'Retread',
  'run-flat': 'Run-flat',
  new: 'New',
  odd: 'Odd one',
};

interface TyreFormProps {
  walk: OpenWalk;
  part: PartId;
  /** Another tyre whose brand, size and week may be the same. */
  like: TyreDescribed | undefined;
  say: (fact: Fact) => void;
}

/** What stands on the tyre's side and what is seen of it. */
export function TyreForm({ walk, part, like, say }: TyreFormProps) {
  const described = walk.state.tyres.get(part);
  const { distance } = countryOf(walk.page.car.country);
  const written = (code: TyreDescribed['made']) =>
    code ? `${String(code.week).padStart(2, '0')}${String(code.year % 100).padStart(2, '0')}` : '';
  const {
    value: values,
    setValue: setValues,
    isTyped,
    drop,
  } = useTyped(`tyre.${walk.page.walk}.${part}`, {
    brand: described?.brand ?? '',
    size: described?.size ?? '',
    made: written(described?.made),
    fittedAt: described?.fittedAt === undefined ? '' : String(described.fittedAt),
    treadMaker: described?.treadMaker ?? '',
    casingMaker: described?.casingMaker ?? '',
  });
  const [errors, setErrors] = useState<Partial<Record<keyof typeof values, string>>>({});
  const set = (key: keyof typeof values) => (event: { target: { value: string } }) => {
    setValues((now) => ({ ...now, [key]: event.target.value }));
    setErrors(({ [key]: _, ...others }) => others);
  };
  const size = parseTyreSize(values.size);
  const flags = described?.flags ?? [];

  /** Every field saves by itself as one leaves it; what cannot be read stays, and says why. */
  const save = (typed = values) => {
    const found: typeof errors = {};
    const sized = parseTyreSize(typed.size);
    if (typed.size.trim() && !sized.ok) found.size = tyreSizeProblemMessage(sized.problem);
    const made = typed.made.trim() ? parseDateCode(typed.made, new Date()) : undefined;
    if (made && !made.ok) found.made = dateCodeProblemMessage(made.problem);
    const fitted = typed.fittedAt.replace(/[\s,.]/g, '');
    if (fitted && !/^\d{1,7}$/.test(fitted))
      found.fittedAt = `Type the odometer when it was fitted, in ${distance === 'mi' ? 'miles' : 'km'}, like 42000.`;
    setErrors(found);
    const wanted = {
      brand: typed.brand.trim() || null,
      size: typed.size.trim() || null,
      made: made?.ok ? made.made : null,
      fittedAt: fitted ? Number(fitted) : null,
      treadMaker: typed.treadMaker.trim() || null,
      casingMaker: typed.casingMaker.trim() || null,
    };
    const changed = Object.entries(wanted).filter(
      ([key, value]) =>
        found[key as keyof typeof found] === undefined &&
        // What somebody else said meanwhile is not taken back by one who typed something else.
        (isTyped(key as keyof typeof values) ||
          typed[key as keyof typeof values] !== values[key as keyof typeof values]) &&
        JSON.stringify(value) !== JSON.stringify(described?.[key as keyof typeof wanted] ?? null),
    );
    if (changed.length > 0) say({ kind: 'tyre-described', body: { part, ...Object.fromEntries(changed) } });
    drop(Object.keys(found) as (keyof typeof values)[]);
  };
  const text = (key: keyof typeof values, label: string, hint: string, inputMode?: 'numeric') => (
    <TextField
      id={`tyre-${key}`}
      label={label}
      hint={hint}
      error={errors[key]}
      autoComplete="off"
      inputMode={inputMode}
      value={values[key]}
      aria-invalid={errors[key] !== undefined}
      aria-describedby={`tyre-${key}-says`}
      onChange={set(key)}
    />
  );
  return (
    <form
      className="space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
      onBlur={(event) => event.target instanceof HTMLInputElement && save()}
    >
      <fieldset>
        <legend className="mb-1 text-sm font-bold text-soft">Seen on it</legend>
        <div className="flex flex-wrap gap-2">
          {tyreFlags.map((flag) => (
            <button
              key={flag}
              type="button"
              aria-pressed={flags.includes(flag)}
              onClick={() =>
                say({
                  kind: 'tyre-described',
                  body: {
                    part,
                    flags: flags.includes(flag) ? flags.filter((each) => each !== flag) : [...flags, flag],
                  },
                })
              }
              className="min-h-12 rounded-md border border-line bg-sheet px-3 aria-pressed:border-ink aria-pressed:bg-tape"
            >
              {flagNames[flag]}
            </button>
          ))}
        </div>
      </fieldset>
      <div className="grid gap-3 sm:grid-cols-2">
        {text('brand', 'Brand', 'As it stands on the side')}
        {text('size', 'Size', size.ok ? sizeSays(size.size) : 'Like 205/55R16 91V')}
        {text('made', 'Week and year of make', 'The last four figures after DOT, like 2319', 'numeric')}
        {text(
          'fittedAt',
          `Fitted at, ${distance === 'mi' ? 'miles' : 'km'}`,
          'If known: tells how far it will still go',
          'numeric',
        )}
        {flags.includes('retread') && (
          <>
            {text('treadMaker', 'Maker of the tread', 'As it stands on the side')}
            {text('casingMaker', 'Maker of the casing', 'As it stands on the side')}
          </>
        )}
      </div>
      {like && (
        <Button
          className="w-full"
          onClick={() => {
            const same = {
              ...values,
              brand: like.brand ?? '',
              size: like.size ?? '',
              made: written(like.made),
            };
            setValues(same);
            save(same);
          }}
        >
          Same as the last
        </Button>
      )}
      <p className="text-sm text-soft">Each field is saved as you leave it.</p>
    </form>
  );
}

/** What a size says in figures. */
function sizeSays({
  widthMm,
  diameterMm,
  loadKg,
  speedKmh,
}: Extract<ReturnType<typeof parseTyreSize>, { ok: true }>['size']): string {
  return [
    `${widthMm} mm wide`,
    ...(diameterMm ? [`${Math.round(diameterMm)} mm across`] : []),
    ...(loadKg ? [`${loadKg} kg`] : []),
    ...(speedKmh ? [`${speedKmh} km/h`] : []),
  ].join(', ');
}
