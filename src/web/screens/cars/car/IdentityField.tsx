import { checkIdentity, type IdentityCheck, identityMessage, normaliseIdentity } from '#core/car';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import type { CarFormValues } from './carFormValues';

interface IdentityFieldProps {
  values: CarFormValues;
  error: string | undefined;
  onChange: (changes: Partial<CarFormValues>) => void;
}

/** The identity number, checked while it is typed; a slip is shown where it stands. */
export function IdentityField({ values, error, onChange }: IdentityFieldProps) {
  const { identityNumber: text, country } = values;
  const check = checkIdentity(text, country);
  const slips = check.status === 'mismatch' ? check.slips : [];
  const apply = (place: number, meant: string) => {
    const identity = normaliseIdentity(text);
    onChange({
      identityNumber: identity.slice(0, place - 1) + meant + identity.slice(place - 1 + meant.length),
    });
  };
  return (
    <fieldset className="space-y-3">
      <legend className="mb-2 text-lg font-bold">Identity number</legend>
      <Field
        id="identityNumber"
        label="As on the plate, 17 characters"
        error={error}
        hint={<Says check={check} />}
      >
        <input
          id="identityNumber"
          className={`${inputLook} max-w-md text-lg tracking-widest uppercase`}
          autoComplete="off"
          autoCapitalize="characters"
          spellCheck={false}
          aria-invalid={
            check.status === 'bad-characters' || (check.status === 'mismatch' && check.severity === 'error')
          }
          aria-describedby="identityNumber-says"
          value={text}
          onChange={(event) => onChange({ identityNumber: event.target.value })}
        />
      </Field>
      <Characters text={text} check={check} />
      {slips.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {slips.slice(0, 4).map(({ place, found, meant }) => (
            <Button key={`${place}${meant}`} onClick={() => apply(place, meant)}>
              Character {place}: {found} → {meant}
            </Button>
          ))}
        </div>
      )}
      {check.status === 'mismatch' && check.severity === 'error' && (
        <label className="flex min-h-12 items-center gap-3">
          <input
            type="checkbox"
            className="size-6 accent-accent"
            checked={values.identityAsRead}
            onChange={(event) => onChange({ identityAsRead: event.target.checked })}
          />
          As read from the plate: I have compared it
        </label>
      )}
    </fieldset>
  );
}

function Says({ check }: { check: IdentityCheck }) {
  const wrong = check.status === 'bad-characters' || check.status === 'mismatch' || check.status === 'long';
  return (
    <p role="status" className={wrong ? 'font-bold text-warn' : ''}>
      {identityMessage(check)}
    </p>
  );
}

/** The characters in a row, with the doubtful ones marked. */
function Characters({ text, check }: { text: string; check: IdentityCheck }) {
  const identity = normaliseIdentity(text);
  const doubtful = new Set(
    check.status === 'bad-characters'
      ? check.wrong.map((wrong) => wrong.place)
      : check.status === 'mismatch'
        ? check.slips.flatMap((slip) => [...slip.meant].map((_, i) => slip.place + i))
        : [],
  );
  if (doubtful.size === 0) return null;
  return (
    <p aria-hidden className="flex flex-wrap gap-0.5 text-center font-bold">
      {[...identity]
        .map((character, i) => ({ character, place: i + 1 }))
        .map(({ character, place }) => (
          <span
            key={place}
            className={`w-6 border-b-4 ${doubtful.has(place) ? 'border-warn bg-warn-fill' : 'border-line'}`}
          >
            {character}
            <span className="block text-xs font-normal text-soft">{place}</span>
          </span>
        ))}
    </p>
  );
}
