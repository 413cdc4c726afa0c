import { type FormEvent, useMemo, useState } from 'react';
import { type PartId, sentence } from '#core/car';
import { NEW_CAR_TREAD_MM, parseTread, treadProblemMessage } from '#core/measure';
import { type TyreRow, tyreTable } from '#core/readings';
import { type Fact, isHeavy, mostTreadMm, treadThirds } from '#core/walk';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { Notice } from '../../../components/Notice';
import type { OpenWalk } from '../../../sync/useWalk';

/** Depth of one tyre, as it is spoken: one figure or a range. */
export function TreadEntry({ walk, part, say }: { walk: OpenWalk; part: PartId; say: (fact: Fact) => void }) {
  const { state, style, page } = walk;
  const table = useMemo(() => tyreTable(state, style, page.car, new Date()), [state, style, page.car]);
  const { unit } = table;
  const row = table.rows.find((each) => each.part === part);
  const read = state.treads.get(part);
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const reading = parseTread(text, unit, mostTreadMm(style.id));
    if (!reading.ok) {
      setError(treadProblemMessage(reading));
      return;
    }
    setError(undefined);
    setText('');
    say({ kind: 'tread-read', body: { part, depth: reading.depth, unit: reading.unit } });
  };
  return (
    <form onSubmit={submit} className="space-y-2">
      <Field
        id="tread"
        label={unit === 'mm' ? 'Tread depth, mm' : 'Tread depth, 32nds of an inch'}
        error={error}
        hint={row && read ? `Read: ${depthWords(row.depths)}` : 'One figure or a range, like 4-5'}
      >
        <div className="flex gap-2">
          <input
            id="tread"
            className={inputLook}
            inputMode="text"
            enterKeyHint="done"
            autoComplete="off"
            value={text}
            aria-invalid={error !== undefined}
            aria-describedby="tread-says"
            onChange={(event) => setText(event.target.value)}
          />
          <Button type="submit" look="tape">
            Read
          </Button>
        </div>
      </Field>
      {read && !isHeavy(style.id) && read.depth.highMm > NEW_CAR_TREAD_MM && (
        <Notice>
          That is more than a new car tyre has. Is it {unit === 'mm' ? 'in mm' : 'in 32nds'}? Read it again if
          not.
        </Notice>
      )}
      {row?.verdict && !row.verdict.mayBeDriven && (
        <Notice look="warn">
          {sentence(row.verdict.reasons[0] ?? '')}. Limit: {table.lawSays}; local law rules. Do not drive
          until a qualified person has checked it.
        </Notice>
      )}
    </form>
  );
}

/** "4 to 5 mm", or each third by its name. */
const depthWords = (depths: TyreRow['depths']): string =>
  depths.whole ??
  treadThirds.flatMap((third) => (depths[third] ? [`${third} ${depths[third]}`] : [])).join(', ');
