import { noticedWords, type ReportFinding } from '#core/report';
import { sentence } from '#core/wording';

/** All that is said of a finding beside its name, the same on its card and on the card over the drawing. */
export function FindingSays({ finding }: { finding: ReportFinding }) {
  const { noticeSource, suspected, tests, action, promised, note, caution } = finding;
  return (
    <div className="mt-1 space-y-0.5">
      {noticedWords(finding) && (
        <p className={noticeSource === 'estimated' ? 'text-soft' : ''}>Noticed {noticedWords(finding)}.</p>
      )}
      {suspected && <p>Suspected only; a second look is wanted.</p>}
      {tests && <p>{sentence(tests)}.</p>}
      {action && (
        <p>
          {promised ? 'Will be done: ' : ''}
          <span className={promised ? 'font-bold' : ''}>{action}</span>.
        </p>
      )}
      {note && <p className="whitespace-pre-line">{note}</p>}
      {caution && <p className="font-bold text-warn">{caution}</p>}
    </div>
  );
}
