import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { PracticeMark } from '#core/practice';
import {
  type FindingKind,
  findingKindName,
  noticeDistances,
  noticeWords,
  severities,
  severityWords,
} from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { Field, inputLook } from '../../../components/Field';
import { SelectField } from '../../../components/fields';

interface MarkFormProps {
  number: number;
  mark: PracticeMark;
  onChange: (more: Partial<PracticeMark>) => void;
  onTakeOut: () => void;
}

/** Kinds the pictures hold, and some they do not. */
const kinds: readonly FindingKind[] = [
  'scratch',
  'stone-chip',
  'dent',
  'scuff',
  'ripple',
  'paint-loss',
  'rust',
  'etching',
  'swirls',
  'peel',
  'respray-sign',
  'old-repair',
  'kerbing',
  'glass-chip',
  'haze',
  'film-lift',
];

/** What one mark is: fault or dirt, and of a fault its kind, size, how bad, and from where it is noticed. */
export function MarkForm({ number, mark, onChange, onTakeOut }: MarkFormProps) {
  const [size, setSize] = useState(mark.sizeMm === undefined ? '' : String(mark.sizeMm));
  const [error, setError] = useState<string>();
  const typed = (said: string) => {
    setSize(said);
    const sizeMm = Number(said.trim().replace(',', '.'));
    const isRight = said.trim() === '' || (sizeMm > 0 && sizeMm <= 3000);
    setError(isRight ? undefined : 'A size is a figure in millimetres, 1 to 3,000.');
    onChange({ sizeMm: said.trim() === '' || !isRight ? undefined : sizeMm });
  };
  return (
    <section aria-label={`Mark ${number}`} className="space-y-3 rounded-md border border-ink p-3">
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-lg">Mark {number}</h2>
        <Button onClick={onTakeOut} aria-label={`Take out mark ${number}`}>
          <Trash2 aria-hidden size={18} /> Take out
        </Button>
      </div>
      <Choice
        legend="What is it?"
        value={mark.is}
        options={[
          { value: 'fault', label: 'A fault' },
          { value: 'dirt', label: 'Only dirt' },
        ]}
        onChange={(is) => onChange({ is })}
      />
      {mark.is === 'fault' && (
        <>
          <SelectField
            id="practice-kind"
            label="Its kind"
            value={mark.kind ?? ''}
            onChange={({ target }) =>
              onChange({ kind: (target.value || undefined) as FindingKind | undefined })
            }
          >
            <option value="">Choose</option>
            {kinds.map((kind) => (
              <option key={kind} value={kind}>
                {findingKindName(kind, 'uk')}
              </option>
            ))}
          </SelectField>
          <Field id="practice-size" label="Longest side, mm" {...(error && { error })}>
            <input
              id="practice-size"
              className={inputLook}
              inputMode="decimal"
              autoComplete="off"
              value={size}
              aria-invalid={error !== undefined}
              aria-describedby="practice-size-says"
              onChange={({ target }) => typed(target.value)}
            />
          </Field>
          <Choice
            legend="How bad, or how far gone?"
            value={mark.severity}
            options={severities.map((value) => ({
              value,
              label: sentence(mark.kind ? severityWords(mark.kind, value, 'uk') : value),
            }))}
            onChange={(severity) => onChange({ severity })}
            onClear={() => onChange({ severity: undefined })}
          />
          <Choice
            legend="Noticed from"
            value={mark.notice}
            options={noticeDistances.map((value) => ({ value, label: noticeWords[value].name }))}
            onChange={(notice) => onChange({ notice })}
            onClear={() => onChange({ notice: undefined })}
          />
        </>
      )}
    </section>
  );
}
