import { lazy, Suspense, useState } from 'react';
import { countryOf } from '#core/car';
import type { Question } from '#core/questions';
import type { ReportChanges, ReportDocument } from '#core/report';
import { noticeDistances, noticeWords } from '#core/walk';
import { ChangesSection } from './ChangesSection';
import { FindingCard } from './FindingCard';
import { PartList } from './PartList';
import { PutRightSection } from './PutRightSection';
import type { ReportFiles } from './photoUrl';
import { QuestionsSection } from './QuestionsSection';
import { ReportPhotoFigure } from './ReportPhotoFigure';
import { Section } from './Section';
import { YardBand } from './YardBand';

// Words first: the map is drawn once they stand.
const ReportMap = lazy(() => import('./ReportMap'));
const Fingerprint = lazy(() => import('./Fingerprint').then((file) => ({ default: file.Fingerprint })));
const ReportReadings = lazy(() => import('./readings/ReportReadings'));

interface ReportViewProps {
  report: ReportDocument;
  /** Its fingerprint. */
  sha256: string;
  /** What it says that an earlier revision did not. */
  changes: ReportChanges | undefined;
  /** What was asked and answered. */
  questions: readonly Question[];
  files: ReportFiles;
}

/** The frozen report as a page, phone first, from the far view inwards. */
export function ReportView({ report, sha256, changes, questions, files }: ReportViewProps) {
  const [isOnlyNew, setOnlyNew] = useState(false);
  const told = new Set([...(changes?.added ?? []), ...(changes?.changed.map(({ number }) => number) ?? [])]);
  const { photoUrl } = files;
  const { car, yard } = report;
  const whole = report.photos.filter((photo) => photo.cover || photo.role === 'whole-car');
  const shown = new Set([
    ...[...report.findings, ...(report.functions?.faulty ?? [])].flatMap(({ photos = [] }) => photos),
    ...(report.putRight ?? []).flatMap(({ before, after }) => [...before, ...after]),
  ]);
  const others = report.photos.filter((photo) => !whole.includes(photo) && !shown.has(photo.number));
  const groups = [...[...noticeDistances].reverse(), undefined].map((distance) => ({
    distance,
    findings: report.findings.filter(
      ({ notice, number }) => notice === distance && (!isOnlyNew || told.has(number)),
    ),
  }));
  return (
    <main className="mx-auto max-w-3xl pb-16">
      <YardBand yard={yard} logoUrl={files.logoUrl} />
      <header className="px-4 pt-2">
        <h1 className="mt-1 text-3xl leading-tight">{report.title}</h1>
        <p className="text-soft">
          Condition report, revision {report.revision}, {day(report.frozenAt)}
        </p>
      </header>
      {whole.length > 0 && (
        <div className="mt-3 flex snap-x gap-2 overflow-x-auto px-4">
          {whole.map((photo, i) => (
            <div key={photo.number} className="w-[88%] shrink-0 snap-center sm:w-[70%]">
              <ReportPhotoFigure photo={photo} photoUrl={photoUrl} eager={i === 0} />
            </div>
          ))}
        </div>
      )}
      {report.paragraph && <p className="mx-4 mt-4 text-lg">{report.paragraph}</p>}
      <section className="mx-4 mt-4 border-l-8 border-tape pl-3 text-lg">
        {report.summary.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </section>
      <dl className="mx-4 mt-4 grid gap-x-6 sm:grid-cols-2">
        <Fact name="Odometer" value={report.odometer ?? 'not read'} />
        <Fact name="Body" value={`${report.bodyStyleName}, ${car.colour.toLowerCase()}`} />
        <Fact name="Fuel" value={car.fuel} />
        <Fact name="Number plate" value={car.plate} />
        <Fact name="Identity number" value={car.identityNumber} />
        <Fact
          name="Used in"
          value={`${countryOf(car.country).name}, steering wheel on the ${car.steering}`}
        />
      </dl>
      <QuestionsSection report={report} questions={questions} photoUrl={photoUrl} />
      {changes && <ChangesSection changes={changes} isOnlyNew={isOnlyNew} onOnlyNew={setOnlyNew} />}
      <Suspense fallback={<div className="mt-6 h-192" />}>
        <ReportMap report={report} />
      </Suspense>
      {groups.map(({ distance, findings }) =>
        findings.length === 0 ? null : (
          <section key={distance ?? 'unsaid'} className="mt-8 px-4">
            <h2 className="text-2xl">{distance ? noticeWords[distance].name : 'Distance not noted'}</h2>
            {distance && <p className="text-soft">{noticeWords[distance].hint}</p>}
            {findings.map((finding) => (
              <FindingCard
                key={finding.number}
                finding={finding}
                report={report}
                photoUrl={photoUrl}
                news={
                  changes?.added.includes(finding.number)
                    ? `New since revision ${changes.since}`
                    : told.has(finding.number)
                      ? `Changed since revision ${changes?.since}`
                      : undefined
                }
              />
            ))}
          </section>
        ),
      )}
      <Promised report={report} />
      <PutRightSection report={report} photoUrl={photoUrl} />
      <NotChecked report={report} />
      <SeenUnder report={report} />
      <PartList report={report} />
      <Suspense fallback={<div className="mt-8 h-96" />}>
        <ReportReadings report={report} files={files} />
      </Suspense>
      {others.length > 0 && (
        <Section title="More photos">
          <div className="grid grid-cols-2 gap-3">
            {others.map((photo) => (
              <ReportPhotoFigure key={photo.number} photo={photo} photoUrl={photoUrl} />
            ))}
          </div>
        </Section>
      )}
      {report.dismissed.length > 0 && (
        <Section title="Looks like a fault, but is not">
          <ul className="space-y-1">
            {report.dismissed.map((item) => (
              <li key={item.number}>
                <span className="font-bold">{item.number}</span> {item.partName}, {item.line.toLowerCase()}:{' '}
                {item.why}
              </li>
            ))}
          </ul>
        </Section>
      )}
      <Section title="How it was made">
        <p>
          Walked {moment(report.walkedFrom)} to {moment(report.walkedTo)}; signed by {report.signedBy},{' '}
          {moment(report.frozenAt)}.
        </p>
        {report.cautions.map((caution) => (
          <p key={caution} className="mt-2">
            {caution}
          </p>
        ))}
      </Section>
      <Suspense fallback={null}>
        <Fingerprint report={report} sha256={sha256} />
      </Suspense>
    </main>
  );
}

const day = (iso: string) => new Date(iso).toLocaleDateString([], { dateStyle: 'long' });
const moment = (iso: string) => new Date(iso).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });

function Fact({ name, value }: { name: string; value: string }) {
  if (!value) return null;
  return (
    <div className="grid grid-cols-[8.5rem_1fr] gap-2 border-b border-line py-1.5">
      <dt className="text-soft">{name}</dt>
      <dd className="min-w-0 break-words tabular-nums">{value}</dd>
    </div>
  );
}

function Promised({ report }: { report: ReportDocument }) {
  const promised = report.findings.filter((finding) => finding.promised);
  if (promised.length === 0) return null;
  return (
    <Section title="Will be put right before collection">
      <ul className="space-y-1">
        {promised.map((finding) => (
          <li key={finding.number}>
            <a href={`#finding-${finding.number}`} className="underline underline-offset-4">
              <span className="font-bold">{finding.number}</span> {finding.action}
            </a>
            : {finding.partName}, {finding.line.toLowerCase()}
          </li>
        ))}
      </ul>
    </Section>
  );
}

/** Light, wet and dirt as noted, and what they may have hidden. */
function SeenUnder({ report }: { report: ReportDocument }) {
  if (report.conditions.length === 0) return null;
  return (
    <Section title="In what light, and what that may have hidden">
      {report.conditions.map((line) => (
        <p key={line}>{line}.</p>
      ))}
      {report.mayHide.map((line) => (
        <p key={line} className="mt-1">
          {line}
        </p>
      ))}
    </Section>
  );
}

function NotChecked({ report }: { report: ReportDocument }) {
  const complete = report.notLookedAt.length + report.notSeen.length + report.readingsMissing.length === 0;
  return (
    <Section title="What was not looked at">
      <p>{report.outOfScope}</p>
      {report.notSeen.map(({ name, why }) => (
        <p key={name} className="mt-1">
          {name}: could not be seen, {why}.
        </p>
      ))}
      {report.notLookedAt.length > 0 && (
        <p className="mt-2">Not looked at: {report.notLookedAt.join('; ')}.</p>
      )}
      {report.readingsMissing.length > 0 && (
        <p className="mt-2">Not read: {report.readingsMissing.join('; ')}.</p>
      )}
      {complete && (
        <p className="mt-2">Otherwise every part on the route was looked at and every reading taken.</p>
      )}
    </Section>
  );
}
