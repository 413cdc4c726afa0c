import { type FormEvent, useState } from 'react';
import { kindName } from '#core/car';
import { parseTread, speakTread, treadProblemMessage } from '#core/measure';
import { type TyreTable, tellAtStop } from '#core/readings';
import { starting } from '#core/told';
import { lawNameTold, type TyreLawId, tyreLawIds } from '#core/tyres';
import { type Fact, mostTreadMm } from '#core/walk';
import { Button } from '../../../../components/Button';
import { SelectField, TextField } from '../../../../components/fields';
import type { OpenWalk } from '../../../../sync/useWalk';

/** The limit tyres are held against, and what they had when new. */
export function TyreLaw({
  walk,
  table,
  say,
}: {
  walk: OpenWalk;
  table: TyreTable;
  say: (fact: Fact) => void;
}) {
  const chosen = walk.state.tyreLaw;
  const { unit } = table;
  const tell = tellAtStop(walk.page.car);
  const spoken = (mm: number) => speakTread({ lowMm: mm, highMm: mm }, unit).replace(/ (mm|in)$/, '');
  const [law, setLaw] = useState<TyreLawId>(table.law);
  const [own, setOwn] = useState(chosen?.ownMm ? spoken(chosen.ownMm) : '');
  const [fresh, setFresh] = useState(spoken(table.newMm));
  const [isAllDriven, setAllDriven] = useState(chosen?.isAllDriven ?? false);
  const [errors, setErrors] = useState<{ own?: string; fresh?: string }>({});
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const most = mostTreadMm(walk.style.id);
    const limit = law === 'own' ? parseTread(own, unit, most) : undefined;
    const when = parseTread(fresh, unit, most);
    const found = {
      ...(limit && !limit.ok && { own: treadProblemMessage(limit) }),
      ...(limit?.ok && limit.depth.lowMm === 0 && { own: 'A limit must be more than 0.' }),
      ...(!when.ok && { fresh: treadProblemMessage(when) }),
      ...(when.ok &&
        when.depth.lowMm < 3 && {
          fresh: `A new ${kindName('tyre', walk.page.car)} has at least 3 mm of tread.`,
        }),
    };
    setErrors(found);
    if (Object.keys(found).length > 0 || !when.ok) return;
    say({
      kind: 'tyre-law-chosen',
      body: { law, newMm: when.depth.lowMm, isAllDriven, ...(limit?.ok && { ownMm: limit.depth.lowMm }) },
    });
  };
  return (
    <form onSubmit={submit} className="space-y-3">
      <SelectField
        id="tyre-law"
        label="Limit"
        hint={`Local law rules; the limit used is printed in the report. Used now: ${tell(table.lawSays)}.`}
        value={law}
        onChange={(event) => setLaw(tyreLawIds.find((id) => id === event.target.value) ?? law)}
      >
        {tyreLawIds.map((id) => (
          <option key={id} value={id}>
            {tell(starting(lawNameTold(id, unit)))}
          </option>
        ))}
      </SelectField>
      <div className="grid grid-cols-2 gap-3">
        {law === 'own' && (
          <TextField
            id="own-limit"
            label={`Our limit, ${unit}`}
            error={errors.own}
            value={own}
            aria-invalid={errors.own !== undefined}
            aria-describedby="own-limit-says"
            onChange={(event) => setOwn(event.target.value)}
          />
        )}
        <TextField
          id="new-tread"
          label={`When new, ${unit}`}
          error={errors.fresh}
          value={fresh}
          aria-invalid={errors.fresh !== undefined}
          aria-describedby="new-tread-says"
          onChange={(event) => setFresh(event.target.value)}
        />
      </div>
      <button
        type="button"
        aria-pressed={isAllDriven}
        onClick={() => setAllDriven(!isAllDriven)}
        className="min-h-12 w-full rounded-md border border-line bg-sheet px-3 text-left aria-pressed:border-ink aria-pressed:bg-tape"
      >
        All wheels driven: all four should match
      </button>
      <Button type="submit" look="tape" className="w-full">
        Save for this car
      </Button>
    </form>
  );
}
