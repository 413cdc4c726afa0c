import { noticedWords, type ReportFinding, remedyLines } from '#core/report';
import { sentence } from '#core/wording';
import { InFilm } from './InFilm';

/** All that is said of a finding beside its name, the same on its card and on the card over the drawing. */
export function FindingSays({ finding }: { finding: ReportFinding }) {
  const { noticeSource, suspected, tests, promised, note, caution, inFilm, line } = finding;
  return (
    <div className="mt-1 space-y-0.5">
      {noticedWords(finding) && (
        <p className={noticeSource === 'estimated' ? 'text-soft' : ''}>Noticed {noticedWords(finding)}.</p>
      )}
      {suspected && <p>Suspected only; a second look is wanted.</p>}
      {tests && <p>{sentence(tests)}.</p>}
      {remedyLines(finding).map((says) => (
        <p key={says} className={promised ? 'font-bold' : ''}>
          {says}.
        </p>
      ))}
      {note && <p className="whitespace-pre-line">{note}</p>}
      {inFilm && <InFilm inFilm={inFilm} line={line} />}
      {caution && <p className="font-bold text-warn">{caution}</p>}
    </div>
  );
}
