import { type FormEvent, useState } from 'react';
import { ukScreenRule } from '#core/glass';
import type { Tell } from '#core/told';
import type { Fact, ScreenPlanned } from '#core/walk';
import { Button } from '../../../../components/Button';
import { SelectField, TextField } from '../../../../components/fields';

const lengths = [
  { key: 'widthMm', label: 'Width, mm', least: 600, most: 3000 },
  { key: 'heightMm', label: 'Height, mm', least: 300, most: 1800 },
  { key: 'bandMiddleMm', label: 'Driver’s band, middle, mm', least: 0, most: 3000 },
  { key: 'bandWidthMm', label: 'Driver’s band, width, mm', least: 50, most: 1000 },
] as const;
const owns = [
  { key: 'ownBandMm', label: 'Largest in the band, mm', least: 0, most: 1000 },
  { key: 'ownSweptMm', label: 'Largest elsewhere swept, mm', least: 0, most: 1000 },
] as const;
type Key = (typeof lengths)[number]['key'] | (typeof owns)[number]['key'];

interface PlanFormProps {
  planned: ScreenPlanned;
  tell: Tell;
  say: (fact: Fact) => void;
}

/** The screen's size and zones, and the rule it is held against. */
export function ScreenPlanForm({ planned, tell, say }: PlanFormProps) {
  const [values, setValues] = useState<Record<Key, string>>({
    widthMm: String(planned.widthMm),
    heightMm: String(planned.heightMm),
    bandMiddleMm: String(planned.bandMiddleMm),
    bandWidthMm: String(planned.bandWidthMm),
    ownBandMm: String(planned.ownBandMm ?? 10),
    ownSweptMm: String(planned.ownSweptMm ?? 40),
  });
  const [rule, setRule] = useState(planned.rule);
  const [errors, setErrors] = useState<Partial<Record<Key, string>>>({});
  const asked = rule === 'own' ? [...lengths, ...owns] : lengths;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const found: typeof errors = {};
    for (const { key, least, most } of asked) {
      const value = Number(values[key].replace(',', '.'));
      if (values[key].trim() === '' || Number.isNaN(value) || value < least || value > most)
        found[key] = `Type ${least} to ${most}.`;
    }
    setErrors(found);
    if (Object.keys(found).length > 0) return;
    const of = (key: Key) => Number(values[key].replace(',', '.'));
    say({
      kind: 'screen-planned',
      body: {
        widthMm: of('widthMm'),
        heightMm: of('heightMm'),
        bandMiddleMm: of('bandMiddleMm'),
        bandWidthMm: of('bandWidthMm'),
        rule,
        ...(rule === 'own' && { ownBandMm: of('ownBandMm'), ownSweptMm: of('ownSweptMm') }),
      },
    });
  };
  return (
    <form onSubmit={submit} className="space-y-3">
      <SelectField
        id="screen-rule"
        label="Rule"
        hint="Local law rules; the one used is printed in the report."
        value={rule}
        onChange={(event) =>
          setRule((['uk', 'own', 'none'] as const).find((id) => id === event.target.value) ?? 'none')
        }
      >
        <option value="uk">{tell(ukScreenRule.says)}</option>
        <option value="own">A limit of our own</option>
        <option value="none">None: local law decides</option>
      </SelectField>
      <div className="grid grid-cols-2 gap-3">
        {asked.map(({ key, label }) => (
          <TextField
            key={key}
            id={key}
            label={label}
            error={errors[key]}
            inputMode="decimal"
            value={values[key]}
            aria-invalid={errors[key] !== undefined}
            aria-describedby={`${key}-says`}
            onChange={(event) => setValues((now) => ({ ...now, [key]: event.target.value }))}
          />
        ))}
      </div>
      <p className="text-sm text-soft">Lengths are taken from the left edge, as seen from outside.</p>
      <Button type="submit" look="tape" className="w-full">
        Save for this car
      </Button>
    </form>
  );
}
