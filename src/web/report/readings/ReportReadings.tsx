import { vocabularyOf } from '#core/car';
import type { ReportDocument } from '#core/report';
import { ScreenMap } from '../../map/ScreenMap';
import type { ReportFiles } from '../photoUrl';
import { Section } from '../Section';
import { FunctionSection } from './FunctionSection';
import { KitSection } from './KitSection';
import { PaintSection } from './PaintSection';
import { TyreSection } from './TyreSection';

/** What was read of the car: tyres and wheels, paint depth, the screen. */
export default function ReportReadings({ report, files }: { report: ReportDocument; files: ReportFiles }) {
  const { wheels, screen, paint, functions, kit, papers } = report;
  const tyre = vocabularyOf(report.car) === 'us' ? 'Tires' : 'Tyres';
  return (
    <>
      <TyreSection report={report} title={tyre} />
      {wheels && (
        <Section title="Wheels and what shows of the brakes" chapter="wheels" folds>
          <ul>
            {wheels.rows.map((row) => (
              <li key={row.part} className="border-b border-line py-2">
                <p>
                  <span className="font-bold">{row.name}</span>
                  {row.rim && `, ${row.rim}`}
                  {row.damage && `: ${row.damage}`}
                </p>
                <p>{row.says}</p>
                {row.brake && <p className="text-soft">Brake as seen: {row.brake}.</p>}
              </li>
            ))}
          </ul>
          {wheels.set && <p className="mt-2">{wheels.set}</p>}
        </Section>
      )}
      {paint && <PaintSection report={report} paint={paint} />}
      {screen && (
        <Section title="The screen, from outside" chapter="screen" folds>
          <ScreenMap
            plan={{
              width: screen.widthMm,
              height: screen.heightMm,
              swept: screen.swept,
              band: {
                middle: (screen.bandMm[0] + screen.bandMm[1]) / 2,
                width: screen.bandMm[1] - screen.bandMm[0],
              },
            }}
            marks={screen.rows}
          />
          {screen.summary && <p className="mt-2 font-bold">{screen.summary}.</p>}
          <ul className="mt-2">
            {screen.rows.map((row) => (
              <li key={row.number}>
                <a href={`#finding-${row.number}`} className="underline underline-offset-4">
                  <span className="font-bold">{row.number}</span>
                </a>{' '}
                {row.says}; {row.repair}.
              </li>
            ))}
          </ul>
          <p className="mt-2 text-soft">Rule used: {screen.rule}.</p>
        </Section>
      )}
      {functions && <FunctionSection report={report} functions={functions} files={files} />}
      {kit && <KitSection kit={kit} />}
      {papers && (
        <Section title="Papers" chapter="papers" folds>
          {papers.asks.map((line) => (
            <p key={line} className="mb-1 font-bold text-warn">
              {line}
            </p>
          ))}
          {papers.says.map((line) => (
            <p key={line} className="mb-1">
              {line}
            </p>
          ))}
          <ul className="mt-2">
            {papers.services.map((line) => (
              <li key={line} className="border-b border-line py-1.5">
                {line}
              </li>
            ))}
          </ul>
          {papers.left.length > 0 && <p className="mt-2">Not noted: {papers.left.join(', ')}.</p>}
        </Section>
      )}
    </>
  );
}
