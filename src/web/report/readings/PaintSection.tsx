import { useMemo } from 'react';
import { faceName, styleOf } from '#core/car';
import type { ReportDocument } from '#core/report';
import { sentence } from '#core/wording';
import { FaceMap } from '../../map/FaceMap';
import { bareFigure, paintBacks, paintTints } from '../../map/paintTints';
import { Section } from '../Section';

const faces = [
  { face: 'front', look: 'h-44', isWide: false },
  { face: 'rear', look: 'h-44', isWide: false },
  { face: 'left', look: 'h-32 sm:h-44', isWide: true },
  { face: 'right', look: 'h-32 sm:h-44', isWide: true },
  { face: 'top', look: 'h-64', isWide: true },
] as const;

type Paint = NonNullable<ReportDocument['paint']>;
/** Of these there is nothing to say first. */
const usual: ReadonlySet<Paint['rows'][number]['class']> = new Set([
  'as-the-rest',
  'not-enough',
  'cannot-read',
]);

interface PaintSectionProps {
  report: ReportDocument;
  paint: Paint;
}

/** The map tinted by how far each panel is from the car's own level, and every panel with its readings. */
export function PaintSection({ report, paint }: PaintSectionProps) {
  const style = styleOf(report.car);
  const tints = useMemo(() => paintTints(paint), [paint]);
  const read = paint.rows.filter(({ um, class: found }) => um.length > 0 || found === 'cannot-read');
  const odd = read.filter((row) => !usual.has(row.class));
  const unread = paint.rows.filter((row) => !read.includes(row));
  return (
    <Section title="Paint depth" chapter="paint" folds>
      {paint.says.map((line) => (
        <p key={line} className="mb-1">
          {line}
        </p>
      ))}
      {/* What differs is told before it is drawn. */}
      <Panels rows={odd} unit={paint.unit} />
      <div className="mt-3 grid grid-cols-2 gap-2">
        {faces.map(({ face, look, isWide }) => (
          <figure key={face} className={`relative pt-5 ${isWide ? 'col-span-2' : ''}`}>
            <FaceMap
              style={style}
              face={face}
              speech={report.car}
              statusOf={() => 'not-looked-at'}
              findings={[]}
              tints={tints}
              className={`w-full overflow-visible ${look}`}
            />
            <figcaption className="absolute top-0 left-0 text-sm text-soft">
              {sentence(faceName(face, report.car))}
            </figcaption>
          </figure>
        ))}
      </div>
      <p className="mt-1 text-sm text-soft">
        Figures are what is typical of a panel’s readings, in {paint.unit === 'um' ? 'µm' : 'mil'}. Hatched
        parts are not metal and cannot be read.
      </p>
      <Panels rows={read.filter((row) => !odd.includes(row))} unit={paint.unit} />
      {unread.length > 0 && <p className="mt-2">Not read: {unread.map(({ name }) => name).join('; ')}.</p>}
    </Section>
  );
}

const Panels = ({ rows, unit }: { rows: Paint['rows']; unit: Paint['unit'] }) =>
  rows.length > 0 && (
    <ul className="mt-2">
      {rows.map((row) => (
        <li key={row.part} className="border-b border-line py-2">
          <div className="flex flex-wrap items-baseline gap-x-3">
            <p className="min-w-0 flex-1 font-bold">{row.name}</p>
            <p className={`rounded-sm px-2 font-bold ${paintBacks[row.class]}`}>{row.className}</p>
          </div>
          <p>{row.says}</p>
          {row.um.length > 0 && (
            <p className="text-sm text-soft tabular-nums">
              Readings: {row.um.map((um) => bareFigure(um, unit)).join(', ')}
            </p>
          )}
        </li>
      ))}
    </ul>
  );
