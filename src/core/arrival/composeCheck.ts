import { KM_PER_MILE, speakDistance, speakDistanceBothWays } from '../measure';
import type { ReportDocument } from '../report';
import {
  ARRIVAL_CHECK_VERSION,
  type ArrivalCheck,
  type CheckedPart,
  type FilledCheck,
} from './arrivalCheckSchema';
import { checkSummary, occasionWords } from './words';

export type ComposedCheck =
  | { ok: true; check: ArrivalCheck }
  /** Answers about parts that revision does not have. */
  | { ok: false; code: 'unknown-parts'; parts: string[] };

/**
 * The statement of what a person found who held a car against a frozen report. The same inputs give the same document; parts without an answer
 * stand in it as not looked at. `fingerprint`: SHA-256 of the report's canonical form.
 */
export function composeCheck(
  filled: FilledCheck,
  report: ReportDocument,
  fingerprint: string,
): ComposedCheck {
  const known = new Set(report.parts.map(({ part }) => part));
  const strangers = filled.answers.flatMap(({ part }) => (known.has(part) ? [] : [part]));
  if (strangers.length > 0) return { ok: false, code: 'unknown-parts', parts: strangers };
  const answers = new Map(filled.answers.map((answer) => [answer.part, answer]));
  const parts = report.parts.map(({ part, name, face, says }): CheckedPart => {
    const answer = answers.get(part);
    return {
      part,
      name,
      ...(face && { face }),
      described: describedOf(part, says, report),
      verdict: answer?.verdict ?? 'not-looked-at',
      note: answer?.note ?? '',
      photos: answer?.photos ?? [],
    };
  });
  const { id, occasion, name, role, place, begunAt, signedAt, odometer, remarks, signature } = filled;
  const check: ArrivalCheck = {
    format: 'zelk-arrival-check',
    version: ARRIVAL_CHECK_VERSION,
    id,
    occasion,
    walk: report.walk,
    report: { id: report.id, revision: report.revision, sha256: fingerprint },
    title: report.title,
    stockNumber: report.car.stockNumber,
    yard: report.yard.name,
    name,
    role,
    place,
    begunAt,
    signedAt,
    ...(odometer && { odometer }),
    ...(report.odometer && { odometerDescribed: report.odometer }),
    odometerSays: odometer ? odometerSays(odometer, report) : 'Odometer not read.',
    parts,
    remarks,
    statement: statementOf(filled, report, parts),
    signature,
  };
  return { ok: true, check };
}

/** What the report says of a part, its findings in words. */
const describedOf = (part: string, says: string, { findings }: ReportDocument): string => {
  const here = findings.filter((finding) => finding.part === part);
  return here.length > 0 ? here.map(({ number, line }) => `${number}. ${line}`).join('; ') : says;
};

function odometerSays(now: NonNullable<FilledCheck['odometer']>, { odometerRead, odometer }: ReportDocument) {
  const reads = `Odometer ${speakDistanceBothWays(now.value, now.unit)}`;
  if (!odometerRead)
    return `${reads}${odometer ? `; the report says ${odometer}` : '; the report has no figure'}.`;
  const before = odometerRead.unit === now.unit ? odometerRead.value : converted(odometerRead);
  const more = now.value - before;
  // A figure turned into the other unit is off by up to one.
  const isSame = Math.abs(more) <= (odometerRead.unit === now.unit ? 0 : 1);
  if (isSame) return `${reads}: as in the report.`;
  const by = speakDistance(Math.abs(more), now.unit);
  return more > 0
    ? `${reads}: ${by} more than in the report.`
    : `${reads}: ${by} less than in the report. An odometer does not run back: read both again, and ask the yard.`;
}

const converted = ({ value, unit }: { value: number; unit: 'mi' | 'km' }): number =>
  Math.round(unit === 'mi' ? value * KM_PER_MILE : value / KM_PER_MILE);

function statementOf(
  { occasion, name, role, place }: FilledCheck,
  report: ReportDocument,
  parts: CheckedPart[],
) {
  const who = role ? `${name} (${role})` : name;
  return [
    `${who} held ${report.title}, stock number ${report.car.stockNumber}, against revision ${report.revision} of its condition report ${occasionWords[occasion].when}, at ${place}.`,
    ...checkSummary(parts),
    'It says what was seen there and then; it is no safety inspection.',
  ].join(' ');
}
