import { isDeepStrictEqual } from 'node:util';
import { carDetailsSchema } from '#core/car';
import type { WalkFile } from '#core/exchange';
import { COMPOSED_BY, composeReport, type ReportDocument, type ReportInputs } from '#core/report';
import { unprocessable } from '../problems';
import { fingerprintOf } from '../store/reportStore';

/**
 * A frozen report must say what its own log says: a file that was edited is refused. One composed by today's words and rules is composed again and must
 * be the same; of others the facts must follow from the log, and where the file tells their fingerprint, they must have it. `frozen` is the
 * report as it stands in the file.
 */
export function proveReport(file: WalkFile, report: ReportDocument, frozen: object): void {
  const again = composedAgain(file, report);
  const fingerprint = file.fingerprints?.[report.id];
  // Those whose fingerprint was worked out before it was kept had later fields filled in.
  const hasIt =
    fingerprint === undefined ||
    fingerprintOf(frozen) === fingerprint ||
    fingerprintOf(report) === fingerprint;
  const isOfToday = (report.composedBy ?? 1) === COMPOSED_BY;
  const follows = isOfToday
    ? isDeepStrictEqual(again, report)
    : isDeepStrictEqual(factsOf(again), factsOf(report));
  if (report.walk !== file.walk || !hasIt || !follows)
    throw unprocessable(
      'report-differs',
      `Report revision ${report.revision} in the file does not follow from the file’s own log. Export it again from the Zelk it came from.`,
    );
}

function composedAgain(file: WalkFile, report: ReportDocument): ReportDocument {
  return composeReport({
    id: report.id,
    revision: report.revision,
    frozenAt: report.frozenAt,
    signedBy: report.signedBy,
    yard: report.yard,
    car: carDetailsSchema.parse({ ...report.car, identityAsRead: false }),
    ...(report.identity && { identity: report.identity }),
    walk: file.walk,
    entries: file.entries.slice(0, report.position),
    otherWalks: report.otherWalks ?? [],
    // What is usual, and the mornings, are the yard's own: a report rests on them as they stood when it was frozen.
    ...usualIn(report),
    ...(report.stood && { mornings: report.stood.looks }),
    // As known when it was frozen: pixels that came later do not change a frozen report.
    photos: new Map(
      report.photos.flatMap(({ sha256, width, height }) =>
        width && height ? [[sha256, { width, height }]] : [],
      ),
    ),
  });
}

function usualIn({ forItsAge }: ReportDocument): Pick<ReportInputs, 'usual'> {
  if (!forItsAge) return {};
  const { rows, cabinLikeMiles } = forItsAge;
  return {
    usual: {
      bands: rows.map(({ name: _, standing: _s, count: _c, heavy: _h, says: _w, ...band }) => band),
      ...(cabinLikeMiles && { cabinLikeMiles }),
    },
  };
}

/** What a report rests on, whatever words it is told in. */
const factsOf = ({ walk, position, findings, dismissed, putRight = [], photos, parts }: ReportDocument) => ({
  walk,
  position,
  findings: findings.map(({ number, part, kind, spot }) => ({ number, part, kind, spot })),
  dismissed: dismissed.map(({ number }) => number),
  putRight: putRight.map(({ id, part, kind }) => ({ id, part, kind })),
  photos: photos.map(({ sha256 }) => sha256).toSorted(),
  parts: parts.map(({ part }) => part).toSorted(),
});
