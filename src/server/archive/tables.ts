import { stringify } from 'csv-stringify/sync';
import type { ArchivedPicture } from '#core/archive';
import { noticedWords, type ReportDocument } from '#core/report';

type Cell = string | number | undefined;

/**
 * A table as RFC 4180 says. A cell that a spreadsheet would take for a formula is kept from being one, and one with any line end in it is
 * quoted: a line of a note must not become a row of its own.
 */
const csv = (head: readonly string[], rows: readonly (readonly Cell[])[]): string =>
  stringify([head, ...rows], {
    record_delimiter: 'windows',
    escape_formulas: true,
    quoted_match: /[\r\n\u0085\u2028\u2029]/,
  });

/** The report's tables by file name; those of which nothing was read are left out. */
export function archiveTables(
  report: ReportDocument,
  pictures: readonly ArchivedPicture[],
): readonly (readonly [name: string, text: string])[] {
  const { tyres, paint, functions } = report;
  return [
    ['findings.csv', findingsCsv(report, pictures)],
    ...(tyres ? [['tyres.csv', tyresCsv(tyres)] as const] : []),
    ...(paint ? [['paint.csv', paintCsv(paint)] as const] : []),
    ...(functions ? [['functions.csv', functionsCsv(functions)] as const] : []),
  ];
}

function findingsCsv(report: ReportDocument, pictures: readonly ArchivedPicture[]): string {
  return csv(
    [
      'number',
      'part',
      'finding',
      'standing',
      'noticed from',
      'tests',
      'advice',
      'decision',
      'promised work',
      'note',
      'pictures',
    ],
    report.findings.map((finding) => [
      finding.number,
      finding.partName,
      finding.line,
      finding.suspected ? 'suspected' : 'confirmed',
      noticedWords(finding),
      finding.tests,
      finding.advice ?? '',
      finding.decision ?? '',
      finding.action,
      finding.note,
      finding.photos.flatMap((n) => pictures[n - 1]?.path ?? []).join('; '),
    ]),
  );
}

const tyresCsv = ({ rows }: NonNullable<ReportDocument['tyres']>): string =>
  csv(
    ['tyre', 'make and size', 'made', 'whole', 'outer', 'centre', 'inner', 'replace', '% left', 'why'],
    rows.map(({ name, make, made, whole, outer, centre, inner, when, left, says }) => [
      name,
      make,
      made,
      whole,
      outer,
      centre,
      inner,
      when ?? '',
      left,
      says,
    ]),
  );

const paintCsv = ({ rows }: NonNullable<ReportDocument['paint']>): string =>
  csv(
    ['panel', 'compared with this car', 'typical µm', 'ratio', 'readings µm', 'why'],
    rows.map(({ name, className, medianUm, ratio, um, says }) => [
      name,
      className,
      medianUm,
      ratio,
      um.join(' '),
      says,
    ]),
  );

const functionsCsv = ({
  faulty,
  works,
  notTried,
  notFitted,
  left,
}: NonNullable<ReportDocument['functions']>) =>
  csv(
    ['function', 'state', 'says'],
    [
      ...faulty.map(({ name, says }) => [name, 'faulty', says]),
      ...works.flatMap(({ names }) => names.map((name) => [name, 'works', ''])),
      ...notTried.map(({ name, says }) => [name, 'not tried', says]),
      ...left.map((name) => [name, 'not tried', '']),
      ...notFitted.map((name) => [name, 'not fitted', '']),
    ],
  );
