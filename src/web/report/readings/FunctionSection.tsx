import type { ReportDocument } from '#core/report';
import { Player } from '../../recordings/Player';
import { PhotoRow } from '../PhotoRow';
import type { ReportFiles } from '../photoUrl';
import { Section } from '../Section';

type Functions = NonNullable<ReportDocument['functions']>;

interface FunctionSectionProps {
  report: ReportDocument;
  functions: Functions;
  files: ReportFiles;
}

/** What works, what does not, and what nobody tried: the faulty first, seen and heard. */
export function FunctionSection({ report, functions, files }: FunctionSectionProps) {
  const {
    summary,
    faulty,
    notTried,
    works,
    notFitted,
    left,
    lampsOn = [],
    lampsSay,
    drive,
    recordings = [],
  } = functions;
  const faultyNames = new Set(faulty.map(({ name }) => name));
  return (
    <Section title="Does it work" chapter="works" folds>
      <p className="mb-2 border-l-8 border-tape pl-3 text-lg">{summary}.</p>
      {lampsSay && <p className={`mb-2 ${lampsOn.length > 0 ? 'font-bold text-warn' : ''}`}>{lampsSay}.</p>}
      {faulty.length > 0 && (
        <ul className="mb-2">
          {faulty.map(({ name, says, caution, photos = [] }) => (
            <li key={name} className="space-y-2 border-b border-line py-2">
              <p>
                <span className="font-bold text-warn">Faulty: {name}</span>
                {says && `, ${says}`}
                {caution && <span className="block">{caution}</span>}
              </p>
              <PhotoRow
                photos={report.photos.filter(({ number }) => photos.includes(number))}
                photoUrl={files.photoUrl}
              />
              <Recordings all={recordings.filter((each) => each.name === name)} files={files} />
            </li>
          ))}
        </ul>
      )}
      <Recordings all={recordings.filter(({ name }) => !faultyNames.has(name))} files={files} isNamed />
      {works.map(({ group, names }) => (
        <p key={group} className="mt-1">
          <span className="font-bold">{group}, in order: </span>
          {names.join(', ')}.
        </p>
      ))}
      {drive && <p className="mt-2">{drive}.</p>}
      {notTried.length > 0 && (
        <p className="mt-2">Not tried: {notTried.map(({ name, says }) => `${name} (${says})`).join('; ')}.</p>
      )}
      {left.length > 0 && <p className="mt-2">Not tried either: {left.join('; ')}.</p>}
      {notFitted.length > 0 && <p className="mt-2">Not fitted: {notFitted.join('; ')}.</p>}
    </Section>
  );
}

interface RecordingsProps {
  all: NonNullable<Functions['recordings']>;
  files: ReportFiles;
  isNamed?: boolean;
}

const Recordings = ({ all, files, isNamed = false }: RecordingsProps) =>
  all.map(({ sha256, of, seconds, name, says }) => {
    const label = `${name}: ${of}, ${Math.round(seconds)} s`;
    return (
      <figure key={sha256}>
        <Player of={of} url={files.recordingUrl(sha256)} label={label} />
        <figcaption className="text-sm text-soft">
          {[isNamed ? label : `${of === 'sound' ? 'Sound' : 'Video'}, ${Math.round(seconds)} s`, says]
            .filter(Boolean)
            .join(': ')}
        </figcaption>
      </figure>
    );
  });
