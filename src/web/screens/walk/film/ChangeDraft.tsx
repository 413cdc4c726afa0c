import { type FormEvent, useId, useState } from 'react';
import { type Part, partNameForAnyone, vocabularyOf } from '#core/car';
import { answered, type Draft } from '#core/speech';
import { type FindingKind, findingKindName, kindsFor } from '#core/walk';
import { sentence } from '#core/wording';
import { Button } from '../../../components/Button';
import { Choice } from '../../../components/Choice';
import { Field, inputLook } from '../../../components/Field';
import { SelectField } from '../../../components/fields';
import type { OpenWalk } from '../../../sync/useWalk';

interface ChangeDraftProps {
  walk: OpenWalk;
  draft: Draft;
  onChange: (draft: Draft) => void;
  onClose: () => void;
}

/** Sets right what was misheard of a statement, before it is taken. */
export function ChangeDraft({ walk, draft, onChange, onClose }: ChangeDraftProps) {
  const set = (next: Draft) => {
    onChange({
      ...next,
      ...('questions' in next && next.questions.length > 0 ? {} : { sure: 'said', why: [] }),
    });
    onClose();
  };
  return (
    <div className="space-y-2 px-2 pb-2">
      {(draft.is === 'finding' || draft.is === 'clear') && (
        <PartAndKind walk={walk} draft={draft} onSet={set} />
      )}
      {draft.is === 'figure' && (
        <Numbers
          labels={['What it should say']}
          values={[draft.value]}
          step={1}
          onSet={([value = 0]) => set({ ...draft, value: Math.round(value) })}
        />
      )}
      {draft.is === 'tread' && (
        <Numbers
          labels={[`Least, ${draft.unit === 'mm' ? 'mm' : '32nds'}`, 'Most']}
          values={[draft.low, draft.high]}
          step={draft.unit === 'mm' ? 0.1 : 1}
          onSet={([low = 0, high = low]) =>
            set({ ...draft, low: Math.min(low, high), high: Math.max(low, high) })
          }
        />
      )}
      {draft.is === 'function' && (
        <Choice
          legend="Does it work?"
          value={draft.works ? 'works' : 'faulty'}
          options={[
            { value: 'works', label: 'Works' },
            { value: 'faulty', label: 'Faulty' },
          ]}
          onChange={(value) => set({ ...draft, works: value === 'works' })}
        />
      )}
      <Button onClick={onClose}>Leave it as it was</Button>
    </div>
  );
}

function PartAndKind({
  walk,
  draft,
  onSet,
}: {
  walk: OpenWalk;
  draft: Extract<Draft, { is: 'finding' | 'clear' }>;
  onSet: (draft: Draft) => void;
}) {
  const { style, page } = walk;
  const id = useId();
  const [partId, setPart] = useState(draft.part ?? '');
  const [kind, setKind] = useState<FindingKind | ''>((draft.is === 'finding' && draft.kind) || '');
  const part = style.parts.get(partId);
  const kinds = part ? kindsFor(part) : [];
  const name = (each: Part) => sentence(partNameForAnyone(each, page.car));
  const parts = [...style.parts.values()].toSorted((a, b) => name(a).localeCompare(name(b)));
  return (
    <>
      <SelectField
        id={`${id}-part`}
        label="Part"
        value={partId}
        onChange={({ target }) => setPart(target.value)}
      >
        <option value="">Choose a part</option>
        {parts.map((each) => (
          <option key={each.id} value={each.id}>
            {name(each)}
          </option>
        ))}
      </SelectField>
      {draft.is === 'finding' && (
        <SelectField
          id={`${id}-kind`}
          label="What is wrong"
          value={kinds.includes(kind as FindingKind) ? kind : ''}
          onChange={({ target }) => setKind(target.value as FindingKind)}
        >
          <option value="">Choose a fault</option>
          {kinds.map((each) => (
            <option key={each} value={each}>
              {findingKindName(each, vocabularyOf(page.car))}
            </option>
          ))}
        </SelectField>
      )}
      <Button
        look="main"
        disabled={!part || (draft.is === 'finding' && !kinds.includes(kind as FindingKind))}
        onClick={() => part && onSet(answered(draft, { part: part.id, ...(kind && { kind }) }, style))}
      >
        That is right
      </Button>
    </>
  );
}

function Numbers({
  labels,
  values,
  step,
  onSet,
}: {
  labels: readonly string[];
  values: readonly number[];
  step: number;
  onSet: (values: readonly number[]) => void;
}) {
  const id = useId();
  const [typed, setTyped] = useState(values.map(String));
  const read = typed.map((text) => Number(text.replace(',', '.')));
  const isRight =
    typed.every((text) => text.trim() !== '') && read.every((value) => Number.isFinite(value) && value >= 0);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (isRight) onSet(read);
  };
  return (
    <form onSubmit={submit} className="flex flex-wrap items-end gap-2">
      {labels.map((label, i) => (
        <Field key={label} id={`${id}-${i}`} label={label}>
          <input
            id={`${id}-${i}`}
            className={`${inputLook} w-32`}
            inputMode={step < 1 ? 'decimal' : 'numeric'}
            value={typed[i]}
            onChange={({ target }) => setTyped(typed.map((each, k) => (k === i ? target.value : each)))}
          />
        </Field>
      ))}
      <Button type="submit" look="main" disabled={!isRight}>
        That is right
      </Button>
    </form>
  );
}
