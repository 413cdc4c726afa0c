import { isDeepStrictEqual } from 'node:util';
import type { WalkFile } from '#core/exchange';
import { composeReport, type ReportDocument } from '#core/report';
import { unprocessable } from '../problems';

/** A frozen report must say what its own log says: a file that was edited is refused. */
export function proveReport(file: WalkFile, report: ReportDocument): void {
  const again = composeReport({
    id: report.id,
    revision: report.revision,
    frozenAt: report.frozenAt,
    signedBy: report.signedBy,
    yard: report.yard,
    car: { ...report.car, identityAsRead: false },
    walk: file.walk,
    entries: file.entries.slice(0, report.position),
    otherWalks: report.otherWalks ?? [],
    // As known when it was frozen: pixels that came later do not change a frozen report.
    photos: new Map(
      report.photos.flatMap(({ sha256, width, height }) =>
        width && height ? [[sha256, { width, height }]] : [],
      ),
    ),
  });
  // A report frozen before these fields came is whole without them.
  if (report.odometerRead === undefined) delete again.odometerRead;
  if (!report.photos.some(({ mmAcross }) => mmAcross))
    for (const photo of again.photos) delete photo.mmAcross;
  const isItsOwn = isDeepStrictEqual(again, report) || isDeepStrictEqual(inEarlierWords(again), report);
  if (report.walk !== file.walk || !isItsOwn) {
    throw unprocessable(
      'report-differs',
      `Report revision ${report.revision} in the file does not follow from the file’s own log. Export it again from the Zelk it came from.`,
    );
  }
}

/** The same in the words that earlier versions froze reports in: their files stay as good as they were. */
function inEarlierWords(report: ReportDocument): ReportDocument {
  return JSON.parse(
    retiredWords.reduce((text, [now, before]) => text.replaceAll(now, before), JSON.stringify(report)),
  ) as ReportDocument;
}

const retiredWords: readonly (readonly [now: string, before: string])[] = [
  // American reports, before these cautions were told in American.
  ['A tire under the limit, with a bulge', 'A tyre under the limit, with a bulge'],
  ['Some makers’ colors and pillars', 'Some makers’ colours and pillars'],
  // The paragraph took the first letter of an abbreviation small.
  ['Not in order: USB', 'Not in order: uSB'],
];
