import { type FormEvent, useState } from 'react';
import type { ExpectationsPage } from '#core/api';
import {
  ageBandWords,
  type Band,
  type Expectation,
  type ExpectationTable,
  gridOf,
  type MeasureId,
  measureIds,
  measureName,
  milesBandWords,
} from '#core/judge';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { SelectField } from '../../../components/fields';
import { RestoredNote } from '../../../components/RestoredNote';
import { useTyped } from '../../../components/useTyped';
import { readUsual } from './readUsual';

interface TableFormProps {
  page: ExpectationsPage;
  mayChange: boolean;
  isSaving: boolean;
  onSave: (table: ExpectationTable) => void;
}

/** Under this name what is typed of how many are heavy, for one thing counted. */
const heavyKey = (measure: MeasureId) => `heavy ${measure}`;
const keyOf = ({ measure, ageFrom, milesFrom }: Expectation) => `${measure} ${ageFrom} ${milesFrom}`;

/** One thing counted at a time: bands of age down, of distance across, with what the yard's own cars say below each figure. */
export function TableForm({ page, mayChange, isSaving, onSave }: TableFormProps) {
  const [measure, setMeasure] = useState<MeasureId>('front-chips');
  const [error, setError] = useState<string>();
  const { value: typed, setValue, drop, isRestored } = useTyped<Record<string, string>>('expectations', {});
  const read = gridOf(page.table.rows);
  if (!read.ok) return null;
  const { ages, miles, rows } = read.grid;
  const cells = page.learned.find((each) => each.measure === measure)?.cells ?? [];
  const isTyped = Object.keys(typed).length > 0;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const changed: Expectation[] = [];
    for (const row of page.table.rows) {
      const said = typed[keyOf(row)];
      const number = said === undefined ? undefined : readUsual(said);
      if (number && !number.ok) {
        setMeasure(row.measure);
        setError(`${measureName(row.measure, 'uk')}, ${bandOf(row)}: ${number.says}`);
        return;
      }
      const heavySaid = typed[heavyKey(row.measure)];
      const heavy = heavySaid === undefined ? row.heavyPercent : Number(heavySaid.replace(',', '.'));
      if (!(heavy >= 0 && heavy <= 100) || heavySaid?.trim() === '') {
        setMeasure(row.measure);
        setError(`${measureName(row.measure, 'uk')}: how many are heavy is 0 to 100 of a hundred.`);
        return;
      }
      const expected = number?.usual ?? row.expected;
      changed.push(
        expected === row.expected && heavy === row.heavyPercent
          ? row
          : { ...row, expected, heavyPercent: heavy, setBy: 'yard' },
      );
    }
    setError(undefined);
    setValue({});
    drop();
    onSave({ rows: changed });
  };
  return (
    <form onSubmit={submit} noValidate className="space-y-3">
      <div className="max-w-md">
        <SelectField
          id="measure"
          label="What is counted"
          value={measure}
          onChange={({ target }) => setMeasure(target.value as MeasureId)}
        >
          {measureIds.map((id) => (
            <option key={id} value={id}>
              {measureName(id, 'uk')}
            </option>
          ))}
        </SelectField>
      </div>
      {isRestored && isTyped && (
        <RestoredNote
          onAnew={() => {
            setValue({});
            drop();
          }}
        />
      )}
      <div className="overflow-x-auto">
        <table className="w-full min-w-160 border-collapse text-left">
          <caption className="sr-only">{measureName(measure, 'uk')}: how many are usual</caption>
          <thead>
            <tr className="border-b border-ink align-bottom text-sm text-soft">
              <th scope="col" className="w-36 py-1 pr-2 font-normal">
                Age
              </th>
              {miles.map((band) => (
                <th key={band.from} scope="col" className="px-1 py-1 font-normal">
                  {milesBandWords(band)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ages.map((age, a) => (
              <tr key={age.from} className="border-b border-line align-top">
                <th scope="row" className="py-2 pr-2">
                  {ageBandWords(age)}
                </th>
                {miles.map((far, m) => {
                  const at = a * miles.length + m;
                  const row = rows.get(measure)?.[at];
                  return (
                    row && (
                      <Cell
                        key={far.from}
                        row={row}
                        said={typed[keyOf(row)]}
                        learned={cells[at]}
                        mayChange={mayChange}
                        onType={(said) => {
                          setError(undefined);
                          setValue((now) => ({ ...now, [keyOf(row)]: said }));
                        }}
                      />
                    )
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="text-sm text-soft">
        The figure to fill in is where the table begins; “house” marks those nobody here has set. Below stands
        what your own cars say by now, with the range eight of ten such tables would lie in.
      </p>
      <div className="max-w-md">
        <Field id="heavy" label="Of a hundred of them so many are heavy">
          <input
            id="heavy"
            className={`${inputLook} max-w-24 tabular-nums`}
            inputMode="decimal"
            autoComplete="off"
            readOnly={!mayChange}
            value={typed[heavyKey(measure)] ?? String(rows.get(measure)?.[0]?.heavyPercent ?? '')}
            aria-describedby="heavy-says"
            onChange={({ target }) => {
              setError(undefined);
              setValue((now) => ({ ...now, [heavyKey(measure)]: target.value }));
            }}
          />
        </Field>
      </div>
      {error && (
        <p role="alert" className="font-bold text-warn">
          {error}
        </p>
      )}
      {mayChange && (
        <Button type="submit" look="main" disabled={isSaving || !isTyped}>
          Save the table
        </Button>
      )}
    </form>
  );
}

const bandOf = ({ ageFrom, ageTo, milesFrom, milesTo }: Expectation): string =>
  `${ageBandWords(asBand(ageFrom, ageTo))}, ${milesBandWords(asBand(milesFrom, milesTo))}`;
const asBand = (from: number, to: number | undefined): Band => (to === undefined ? { from } : { from, to });

interface CellProps {
  row: Expectation;
  said: string | undefined;
  learned: ExpectationsPage['learned'][number]['cells'][number] | undefined;
  mayChange: boolean;
  onType: (said: string) => void;
}

const plain = (value: number) => (value >= 10 ? value.toFixed(0) : value.toFixed(1));

function Cell({ row, said, learned, mayChange, onType }: CellProps) {
  return (
    <td className="px-1 py-2">
      <input
        aria-label={`Usual, ${bandOf(row)}`}
        className={`${inputLook} max-w-24 px-2! tabular-nums`}
        inputMode="decimal"
        autoComplete="off"
        readOnly={!mayChange}
        value={said ?? String(row.expected)}
        onChange={({ target }) => onType(target.value)}
      />
      {learned && (
        <span className="mt-1 block text-sm leading-tight tabular-nums">
          <b>{plain(learned.usual)}</b> ({plain(learned.low)} to {plain(learned.high)})
          <span className="block text-soft">
            {learned.cars === 0 ? 'no car' : learned.cars === 1 ? '1 car' : `${learned.cars} cars`}
            {row.setBy === 'house' && ', house'}
          </span>
        </span>
      )}
    </td>
  );
}
