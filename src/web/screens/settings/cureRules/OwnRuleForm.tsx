import { Plus, X } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { type CureRule, ownRule, ownRuleSchema } from '#core/cures';
import {
  type Cure,
  cureName,
  cures,
  type FindingKind,
  findingKindIds,
  findingKindName,
  severities,
  surenesses,
} from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { Fold } from '../../../components/Fold';
import { SelectField } from '../../../components/fields';
import { useTyped } from '../../../components/useTyped';
import { sureWords } from '../../cars/plan/planWords';

interface OwnRuleFormProps {
  taken: readonly string[];
  isSaving: boolean;
  onRule: (rule: CureRule) => Promise<unknown>;
}

const empty = {
  cure: 'touch-in' as Cure,
  kinds: [] as FindingKind[],
  severities: [] as (typeof severities)[number][],
  sure: 'should' as (typeof surenesses)[number],
  why: '',
  longest: '',
};
const kinds = findingKindIds
  .map((id) => [id, findingKindName(id, 'uk')] as const)
  .toSorted(([, a], [, b]) => a.localeCompare(b));

/** A rule of one's own: what is mended how, how sure, why, and up to what length. */
export function OwnRuleForm({ taken, isSaving, onRule }: OwnRuleFormProps) {
  const { value, setValue, drop, isRestored } = useTyped('own-rule', empty);
  const [errors, setErrors] = useState<Record<string, string>>({});
  const change = (more: Partial<typeof empty>) => {
    setValue((now) => ({ ...now, ...more }));
    setErrors({});
  };
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const { longest, ...rest } = value;
    const read = ownRuleSchema.safeParse({
      ...rest,
      ...(longest.trim() !== '' && { longestMm: Number(longest.replace(',', '.')) }),
    });
    if (!read.success) {
      setErrors(Object.fromEntries(read.error.issues.map(({ path, message }) => [String(path[0]), message])));
      return;
    }
    await onRule(ownRule(read.data, taken));
    setValue(empty);
    drop();
  };
  return (
    <Fold title="Add a rule" isOpen={isRestored}>
      <form onSubmit={submit} noValidate className="space-y-4 border-l-8 border-accent pl-3">
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            id="own-cure"
            label="What is done"
            value={value.cure}
            onChange={({ target }) => change({ cure: target.value as Cure })}
          >
            {cures.map((cure) => (
              <option key={cure} value={cure}>
                {cureName(cure, 'uk')}
              </option>
            ))}
          </SelectField>
          <SelectField
            id="own-sure"
            label="How sure"
            value={value.sure}
            onChange={({ target }) => change({ sure: target.value as typeof value.sure })}
          >
            {surenesses.map((sure) => (
              <option key={sure} value={sure}>
                {sureWords[sure]}
              </option>
            ))}
          </SelectField>
        </div>
        <Field id="own-kind" label="For which kinds of fault" {...(errors.kinds && { error: errors.kinds })}>
          <select
            id="own-kind"
            className={inputLook}
            value=""
            aria-describedby="own-kind-says"
            onChange={({ target }) =>
              change({ kinds: [...new Set([...value.kinds, target.value as FindingKind])] })
            }
          >
            <option value="">Choose a kind</option>
            {kinds.map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </Field>
        {value.kinds.length > 0 && (
          <ul className="flex flex-wrap gap-2">
            {value.kinds.map((kind) => (
              <li key={kind}>
                <Button
                  aria-label={`Take out ${findingKindName(kind, 'uk')}`}
                  onClick={() => change({ kinds: value.kinds.filter((each) => each !== kind) })}
                >
                  {findingKindName(kind, 'uk')} <X aria-hidden size={16} />
                </Button>
              </li>
            ))}
          </ul>
        )}
        <fieldset>
          <legend className="mb-1 text-sm font-bold text-soft">
            How bad it may be; any where none is ticked
          </legend>
          <div className="flex flex-wrap gap-x-6">
            {severities.map((severity) => (
              <label key={severity} className="flex min-h-12 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-6 accent-accent"
                  checked={value.severities.includes(severity)}
                  onChange={({ target }) =>
                    change({
                      severities: target.checked
                        ? [...value.severities, severity]
                        : value.severities.filter((each) => each !== severity),
                    })
                  }
                />
                {sentence(severity)}
              </label>
            ))}
          </div>
        </fieldset>
        <div className="grid gap-3 sm:grid-cols-[1fr_12rem]">
          <Field id="own-why" label="Why it works" {...(errors.why && { error: errors.why })}>
            <input
              id="own-why"
              className={inputLook}
              maxLength={160}
              autoComplete="off"
              value={value.why}
              aria-describedby="own-why-says"
              onChange={({ target }) => change({ why: target.value })}
            />
          </Field>
          <Field
            id="own-longest"
            label="Not longer than, mm"
            {...(errors.longestMm && { error: errors.longestMm })}
          >
            <input
              id="own-longest"
              className={inputLook}
              inputMode="decimal"
              autoComplete="off"
              value={value.longest}
              aria-describedby="own-longest-says"
              onChange={({ target }) => change({ longest: target.value })}
            />
          </Field>
        </div>
        <Button type="submit" look="tape" disabled={isSaving}>
          <Plus aria-hidden size={18} /> Add the rule
        </Button>
      </form>
    </Fold>
  );
}
