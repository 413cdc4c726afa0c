import { Footprints } from 'lucide-react';
import { lazy, type ReactNode, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { countryOf, fuelName, plateName, vocabularyOf } from '#core/car';
import type { Question } from '#core/questions';
import {
  buildFacts,
  type ChapterId,
  chaptersOf,
  coverOf,
  foldLines,
  NOT_TOLD,
  type ReportChanges,
  type ReportDocument,
  type ReportPhoto,
  stopsTheDrive,
} from '#core/report';
import { sentence } from '#core/wording';
import { Button } from '../components/Button';
import { Notice } from '../components/Notice';
import { localMoment, zoneHere } from '../words/times';
import { ChangesSection } from './ChangesSection';
import { Contents } from './Contents';
import { FarTiles } from './FarTiles';
import { FindingGroups, WORTH_CHOOSING } from './FindingGroups';
import { Foldable } from './FoldContext';
import { Gallery, WalkWithMe } from './later';
import { OnArrival } from './OnArrival';
import { PhotoRow } from './PhotoRow';
import { PutRightSection } from './PutRightSection';
import type { ReportFiles } from './photoUrl';
import { QuestionsSection } from './QuestionsSection';
import { ReaderHead } from './ReaderHead';
import { RecordingUrls } from './RecordingUrls';
import { NotChecked, Promised, SeenUnder } from './ReportLimits';
import { ReportPhotoFigure } from './ReportPhotoFigure';
import { Section } from './Section';
import { OtherRemedies, ToldSections } from './ToldSections';
import { type View, ViewContext } from './ViewContext';
import { WithdrawnContext } from './WithdrawnContext';
import { YardBand } from './YardBand';

// Words first: the map is drawn once they stand.
const ReportMap = lazy(() => import('./ReportMap'));
const Fingerprint = lazy(() => import('./Fingerprint').then((file) => ({ default: file.Fingerprint })));
// It needs the parts of the car, and stands far below.
const PartList = lazy(() => import('./PartList').then((file) => ({ default: file.PartList })));
const ReportReadings = lazy(() => import('./readings/ReportReadings'));

const none: NonNullable<ReportFiles['covered']> = [];

interface ReportViewProps {
  report: ReportDocument;
  /** Its fingerprint; absent while it is not frozen. */
  sha256: string | undefined;
  /** What it says that an earlier revision did not. */
  changes: ReportChanges | undefined;
  /** What was asked and answered. */
  questions: readonly Question[];
  files: ReportFiles;
  /** What a reader may do about it, below what must be known. */
  actions?: ReactNode;
  /** What a reader may choose to have put right. */
  offers?: ReactNode;
  /** What a reader may set, beside the contents. */
  settings?: ReactNode;
  /** The report as it was frozen, where it is shown in other units. */
  frozen?: ReportDocument;
  /** Where a reader holds the car against it. */
  check?: string;
}

/** The frozen report as a page, phone first, from the far view inwards. */
export function ReportView(props: ReportViewProps) {
  const {
    report,
    sha256,
    changes,
    questions,
    files,
    actions,
    offers,
    check,
    settings,
    frozen = report,
  } = props;
  const [isOnlyNew, setOnlyNew] = useState(false);
  const { photoUrl, covered = none } = files;
  const { car, yard } = report;
  const withdrawn = useMemo(
    () => new Set(covered.flatMap(({ sha256: photo, isWithdrawn }) => (isWithdrawn ? [photo] : []))),
    [covered],
  );
  const notTold = report.identity === 'left-out' ? NOT_TOLD : '';
  const whole = report.photos.filter((photo) => photo.cover || photo.role === 'whole-car');
  const shown = new Set([
    ...[...report.findings, ...(report.functions?.faulty ?? [])].flatMap(({ photos = [] }) => photos),
    ...(report.putRight ?? []).flatMap(({ before, after }) => [...before, ...after]),
    ...(report.othersPutRight ?? []).flatMap(({ after }) => after),
  ]);
  const others = report.photos.filter((photo) => !whole.includes(photo) && !shown.has(photo.number));
  const chapters = useMemo(() => chaptersOf(report), [report]);
  const lineOf = useMemo(() => {
    const lines = foldLines(report);
    return (chapter: ChapterId) => lines.get(chapter);
  }, [report]);
  const chosen = coverOf(report);
  const cover = chosen && !withdrawn.has(chosen.sha256) ? chosen : undefined;
  // Many findings are told by those that are seen from afar; all of them are a chapter.
  const isLong = report.findings.length >= WORTH_CHOOSING;
  const findings = (
    <FindingGroups report={report} changes={changes} isOnlyNew={isOnlyNew} photoUrl={photoUrl} />
  );
  const [viewing, setViewing] = useState<{ photo: ReportPhoto; leave: (() => void) | undefined }>();
  const [isWalking, setWalking] = useState(false);
  const view = useCallback<View>((photo, leave) => setViewing({ photo, leave }), []);
  useEffect(() => {
    const open = () => {
      const number = /^#photo-(\d+)$/.exec(location.hash)?.[1];
      const photo = number && report.photos.find((each) => each.number === Number(number));
      if (photo) view(photo);
    };
    open();
    addEventListener('hashchange', open);
    return () => removeEventListener('hashchange', open);
  }, [report, view]);
  return (
    <Foldable lineOf={lineOf}>
      <ViewContext value={view}>
        <RecordingUrls value={files.recordingUrl}>
          <WithdrawnContext value={withdrawn}>
            <main className="report mx-auto max-w-3xl pb-16 xl:mr-0 xl:ml-[max(240px,calc(50%-24rem))] xl:grid xl:max-w-248 xl:grid-cols-[minmax(0,34rem)_minmax(0,26rem)] xl:gap-x-8">
              <Contents
                settings={settings}
                chapters={[
                  ...chapters,
                  ...(questions.length > 0
                    ? [{ id: 'questions' as const, title: 'Questions and answers' }]
                    : []),
                  ...(changes ? [{ id: 'changes' as const, title: 'What changed' }] : []),
                ]}
              />
              <div className="xl:col-start-1">
                <YardBand yard={yard} logoUrl={files.logoUrl} />
                <ReaderHead report={report} chapters={chapters} cover={cover} photoUrl={photoUrl} />
                {actions}
                {covered.length > 0 && (
                  <Notice className="mx-4 mt-4">
                    {covered.map(({ number, says }) => (
                      <p key={number}>{says}</p>
                    ))}
                  </Notice>
                )}
                <Promised report={report} />
                {offers}
                {isLong && <FarTiles report={report} photoUrl={photoUrl} />}
              </div>
              <aside
                aria-label="The car"
                className="xl:sticky xl:top-0 xl:col-start-2 xl:row-span-2 xl:row-start-1 xl:max-h-dvh xl:self-start xl:overflow-y-auto xl:pb-4"
              >
                <Suspense fallback={<div className="mt-6 h-160" />}>
                  <div id="map" className="scroll-mt-4">
                    <ReportMap report={report} photoUrl={photoUrl} />
                  </div>
                </Suspense>
                <p className="mx-4 mt-3 print:hidden">
                  <Button onClick={() => setWalking(true)}>
                    <Footprints aria-hidden size={20} /> Walk with me
                  </Button>
                  <span className="mt-1 block text-sm text-soft">
                    The walk stop by stop, as it was walked: where, what it looks like, what is said of it.
                  </span>
                </p>
                {whole.length > 0 && (
                  <div className="mt-3 flex snap-x gap-2 overflow-x-auto px-4">
                    {whole.map((photo, i) => (
                      <div key={photo.number} className="w-[88%] shrink-0 snap-center sm:w-[70%]">
                        <ReportPhotoFigure photo={photo} photoUrl={photoUrl} eager={i === 0} />
                      </div>
                    ))}
                  </div>
                )}
              </aside>
              <div className="xl:col-start-1">
                <OnArrival report={report} check={check} />
                {isLong ? (
                  <Section title="Every finding" chapter="findings" folds={!isOnlyNew}>
                    <div className="-mx-4">{findings}</div>
                  </Section>
                ) : (
                  <div id="findings" className="scroll-mt-4">
                    {findings}
                  </div>
                )}
                <OtherRemedies report={report} />
                <PutRightSection report={report} photoUrl={photoUrl} />
                <div id="questions" className="scroll-mt-4">
                  <QuestionsSection report={report} questions={questions} photoUrl={photoUrl} />
                </div>
                <div id="changes" className="scroll-mt-4">
                  {changes && (
                    <ChangesSection changes={changes} isOnlyNew={isOnlyNew} onOnlyNew={setOnlyNew} />
                  )}
                </div>
                <NotChecked report={report} />
                <SeenUnder report={report} />
                <ToldSections report={report} />
                <Suspense fallback={<div className="h-14" />}>
                  <PartList report={report} />
                </Suspense>
                <Suspense fallback={<div className="h-14" />}>
                  <ReportReadings report={report} files={files} />
                </Suspense>
                {others.length > 0 && (
                  <Section title="More photos" chapter="photos" folds>
                    <PhotoRow photos={others} photoUrl={photoUrl} />
                  </Section>
                )}
                {report.dismissed.length > 0 && (
                  <Section title="Looks like a fault, but is not" chapter="no-faults" folds>
                    <ul className="space-y-1">
                      {report.dismissed.map((item) => (
                        <li key={item.number}>
                          <span className="font-bold">{item.number}</span> {item.partName},{' '}
                          {item.line.toLowerCase()}: {item.why}
                        </li>
                      ))}
                    </ul>
                  </Section>
                )}
                <Section title="The car in words" folds>
                  {report.paragraph && <p className="text-lg">{report.paragraph}</p>}
                  <div className="mt-4 border-l-8 border-tape pl-3">
                    {report.summary.map((line) => (
                      <p key={line} className={stopsTheDrive(line, report) ? 'font-bold text-warn' : ''}>
                        {line}
                      </p>
                    ))}
                  </div>
                </Section>
                <Section title="The car in figures" folds>
                  <dl className="grid gap-x-6 sm:grid-cols-2">
                    <Fact name="Odometer" value={report.odometer ?? 'not read'} />
                    <Fact name="Body" value={`${report.bodyStyleName}, ${car.colour.toLowerCase()}`} />
                    <Fact name="Fuel" value={fuelName(car.fuel, vocabularyOf(car))} />
                    {buildFacts(car).map(([name, value]) => (
                      <Fact key={name} name={name} value={value} />
                    ))}
                    <Fact name={sentence(plateName(car))} value={car.plate || notTold} />
                    <Fact name="Identity number" value={car.identityNumber || notTold} />
                    <Fact
                      name="Used in"
                      value={`${countryOf(car.country).name}, steering wheel on the ${car.steering}`}
                    />
                  </dl>
                </Section>
                <Section title="How it was made" chapter="made" folds>
                  <p>
                    Walked {localMoment(report.walkedFrom)} to {localMoment(report.walkedTo)}; signed by{' '}
                    {report.signedBy}, {localMoment(report.frozenAt)}. Times on this page are in your zone,{' '}
                    {zoneHere()}.
                  </p>
                  {report.cautions.map((caution) => (
                    <p key={caution} className="mt-2">
                      {caution}
                    </p>
                  ))}
                </Section>
                {sha256 && (
                  <Suspense fallback={null}>
                    <Fingerprint report={frozen} sha256={sha256} />
                  </Suspense>
                )}
              </div>
            </main>
            {isWalking && (
              <Suspense fallback={null}>
                <WalkWithMe report={report} photoUrl={photoUrl} onClose={() => setWalking(false)} />
              </Suspense>
            )}
            {viewing && (
              <Gallery
                report={report}
                first={viewing.photo}
                photoUrl={photoUrl}
                onClose={() => setViewing(undefined)}
                onLeave={() => {
                  setViewing(undefined);
                  viewing.leave?.();
                }}
              />
            )}
          </WithdrawnContext>
        </RecordingUrls>
      </ViewContext>
    </Foldable>
  );
}

function Fact({ name, value }: { name: string; value: string }) {
  if (!value) return null;
  return (
    <div className="grid grid-cols-[8.5rem_1fr] gap-2 border-b border-line py-1.5">
      <dt className="text-soft">{name}</dt>
      <dd className="min-w-0 break-words tabular-nums">{value}</dd>
    </div>
  );
}
