import {
  type Chapter,
  chapterOfArea,
  firstLinesOf,
  type MustKnow,
  type ReportDocument,
  type ReportPhoto,
  safetySays,
  saidNothingOf,
  verdictsOf,
} from '#core/report';
import { longDay, sentence, shortDay, withinSentence } from '#core/wording';
import type { PhotoUrl } from './photoUrl';
import { VerdictMark } from './VerdictMark';

interface ReaderHeadProps {
  report: ReportDocument;
  chapters: readonly Chapter[];
  cover: ReportPhoto | undefined;
  photoUrl: PhotoUrl;
}

/**
 * What a reader has to know in the first minute, before any scroll: which car, what decides, six verdicts with a figure and a way in, and what the report says
 * nothing of. The server draws the same for the first answer (`firstWords`).
 */
export function ReaderHead({ report, chapters, cover, photoUrl }: ReaderHeadProps) {
  const { top, more, moreSays } = firstLinesOf(report);
  const silent = saidNothingOf(report);
  const toOf = ({ to }: MustKnow) =>
    to && ('finding' in to ? `#finding-${to.finding}` : `#${chapterOfArea(to.area, chapters)}`);
  return (
    <>
      <header className="flex items-start gap-3 px-4 pt-3">
        {cover && (
          <img
            src={photoUrl(cover.sha256, 320)}
            alt={cover.caption}
            width={160}
            height={120}
            className="h-24 w-32 shrink-0 bg-fill object-cover sm:h-36 sm:w-48"
          />
        )}
        <div className="min-w-0">
          <h1 className="text-2xl leading-tight sm:text-3xl">{report.title}</h1>
          <p>{report.odometer ?? 'Odometer not read'}</p>
          <p className="text-sm text-soft">
            {`Walked ${shortDay(report.walkedFrom)}. Revision ${report.revision}, signed ${longDay(report.frozenAt)}`}
          </p>
        </div>
      </header>
      {top.length > 0 && (
        <div className="mx-4 mt-3 border-l-8 border-warn pl-3">
          <FirstLines label="Know this first" lines={top} toOf={toOf} />
          {more.length > 0 && (
            <details>
              <summary className="py-1 font-bold">{moreSays}</summary>
              <FirstLines label="And this" lines={more} toOf={toOf} />
            </details>
          )}
        </div>
      )}
      <ul aria-label="In short" className="mx-4 mt-3 border-t border-ink">
        {verdictsOf(report).map(({ area, weight, name, figure, says }) => (
          <li key={area} className="border-b border-line">
            <a
              href={`#${chapterOfArea(area, chapters)}`}
              className="grid min-h-12 grid-cols-[1.25rem_minmax(0,1fr)] gap-x-2 py-1.5 hover:bg-fill"
            >
              <VerdictMark weight={weight} />
              <span className="min-w-0">
                <span className="flex flex-wrap justify-between gap-x-3 leading-tight">
                  <span className="font-bold">{name}</span>
                  <span className="font-bold tabular-nums">{figure}</span>
                </span>
                <span className="block text-sm leading-snug">{sentence(says)}</span>
              </span>
            </a>
          </li>
        ))}
      </ul>
      <p className="mx-4 mt-2 text-sm">{safetySays(report)}</p>
      {silent.length > 0 && (
        <p className="mx-4 mt-1 text-sm">
          <span className="font-bold">Not in this report:</span> {silent.map(withinSentence).join('; ')}.
        </p>
      )}
    </>
  );
}

/** Lines to know first, each with a way to where it is told in full; the seller's own stand apart from what the rules choose. */
function FirstLines({
  label,
  lines,
  toOf,
}: {
  label: string;
  lines: readonly MustKnow[];
  toOf: (line: MustKnow) => string | undefined;
}) {
  return (
    <ul aria-label={label}>
      {lines.map((each) => {
        const look = `inline-block py-1 font-bold ${each.bySeller ? '' : 'text-warn'}`;
        const to = toOf(each);
        return (
          <li key={each.says}>
            {to ? (
              <a href={to} className={`${look} underline underline-offset-4`}>
                {each.says}
              </a>
            ) : (
              <span className={look}>{each.says}</span>
            )}
          </li>
        );
      })}
    </ul>
  );
}
