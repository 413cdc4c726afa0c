import { X } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { v4 as newId } from 'uuid';
import { countryOf } from '#core/car';
import { speakDistance } from '#core/measure';
import { proofWords, type ServiceEntry as Service } from '#core/papers';
import type { PapersTable } from '#core/readings';
import { shortDay } from '#core/wording';
import { Button } from '../../../components/Button';
import { Field, inputLook } from '../../../components/Field';
import { Notice } from '../../../components/Notice';
import { useTyped } from '../../../components/useTyped';
import type { OpenWalk } from '../../../sync/useWalk';
import { type LinesRead, readServiceLines } from './serviceLines';
import { todayIs } from './today';

/** The service record, typed as one would read it out: an entry a line. */
export function ServiceEntry({ walk, table }: { walk: OpenWalk; table: PapersTable }) {
  const { page, record } = walk;
  const { distance, vocabulary } = countryOf(page.car.country);
  const { value: text, setValue: setText } = useTyped(`services.${page.walk}`, '');
  const [read, setRead] = useState<LinesRead>();
  const keep = (...entries: Service[]) =>
    record(
      ...entries.map((entry) => ({ kind: 'service-noted' as const, body: { service: newId(), entry } })),
    );
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() === '') {
      setRead({
        sure: [],
        figures: [],
        doubtful: [],
        refused: [{ line: '', says: 'Type at least one line.' }],
      });
      return;
    }
    const lines = readServiceLines(text, distance, todayIs(), vocabulary === 'us');
    keep(...lines.sure);
    record(
      ...lines.figures.map((figure) => ({
        kind: 'figure-noted' as const,
        body: { figure: newId(), ...figure },
      })),
    );
    setRead(lines);
    // What was not understood stays, to be mended.
    setText(lines.refused.map(({ line }) => line).join('\n'));
  };
  const settle = (line: string) =>
    setRead((now) => now && { ...now, doubtful: now.doubtful.filter((each) => each.line !== line) });
  return (
    <section aria-label="Service record" className="space-y-3">
      <form onSubmit={submit}>
        <Field
          id="service-lines"
          label="Service record, a line each"
          hint="Like: 31.2k 04/2023 stamp main dealer oil, belt. Odometer figures of certificates and photos too: 29k 02/03/2023 certificate. Rows of a table will do."
          {...(read && read.refused.length > 0 && { error: read.refused.map(({ says }) => says).join(' ') })}
        >
          <textarea
            id="service-lines"
            rows={4}
            className={`${inputLook} py-2`}
            value={text}
            aria-describedby="service-lines-says"
            onChange={(event) => setText(event.target.value)}
          />
        </Field>
        <Button type="submit" look="tape" className="mt-2 w-full">
          Enter these lines
        </Button>
      </form>
      {read?.doubtful.map(({ line, entry, doubts }) => (
        <Notice key={line}>
          <p className="font-bold">{line}</p>
          <p>{doubts.join(' ')}</p>
          <div className="mt-2 flex gap-2">
            <Button
              onClick={() => {
                keep(entry);
                settle(line);
              }}
            >
              Enter it so
            </Button>
            <Button
              onClick={() => {
                setText((now) => [now, line].filter(Boolean).join('\n'));
                settle(line);
              }}
            >
              Change it
            </Button>
          </div>
        </Notice>
      ))}
      <ul>
        {table.services.map(({ id, entry }) => (
          <li key={id} className="flex items-center gap-2 border-b border-line">
            <span className="min-w-0 flex-1 py-2 leading-tight">
              <span className="font-bold tabular-nums">{headOf(entry, distance)}</span>
              <span className="block text-soft">
                {[entry.works.join(', '), entry.who, proofWords[entry.proof], entry.note]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </span>
            <button
              type="button"
              aria-label={`Take off ${headOf(entry, distance)}`}
              onClick={() => record({ kind: 'service-removed', body: { service: id } })}
              className="grid size-12 shrink-0 place-items-center"
            >
              <X aria-hidden size={20} />
            </button>
          </li>
        ))}
        {table.figures.map(({ id, day, value, source }) => (
          <li key={id} className="flex items-center gap-2 border-b border-line">
            <span className="min-w-0 flex-1 py-2 leading-tight">
              <span className="font-bold tabular-nums">{headOf({ day, distance: value }, distance)}</span>
              <span className="block text-soft">{sourceWords[source]}</span>
            </span>
            <button
              type="button"
              aria-label={`Take off ${headOf({ day, distance: value }, distance)}`}
              onClick={() => record({ kind: 'figure-removed', body: { figure: id } })}
              className="grid size-12 shrink-0 place-items-center"
            >
              <X aria-hidden size={20} />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

const sourceWords = {
  certificate: 'odometer on a certificate',
  photo: 'odometer on a photo',
  other: 'odometer, written elsewhere',
} as const;

const headOf = (
  { day, isMonthOnly, distance }: Pick<Service, 'day' | 'isMonthOnly' | 'distance'>,
  unit: 'mi' | 'km',
): string =>
  [
    ...(day ? [isMonthOnly ? shortDay(day).replace(/^\d+ /, '') : shortDay(day)] : []),
    ...(distance === undefined ? [] : [speakDistance(distance, unit)]),
  ].join(', ');
