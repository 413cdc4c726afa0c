import type { Vocabulary } from '../../car';
import { BRAKE_CAUTION } from '../../wheels';
import type { ReportFinding } from '../reportDocument';
import type { ReportReadings } from '../reportReadingsShape';
import { generalCautions, tyreCaution } from '../wording';

/** What must be heeded, each once: first of this car, then of every report. */
export function cautionsOf(
  findings: readonly ReportFinding[],
  readings: ReportReadings,
  vocabulary: Vocabulary,
): string[] {
  const { tyres, functions, kit, wheels } = readings;
  const ofThisCar = new Set([
    ...findings.flatMap((finding) => finding.caution ?? []),
    ...(tyres?.rows.some(({ mayBeDriven }) => !mayBeDriven) ? [tyreCaution(vocabulary)] : []),
    ...(functions?.faulty.flatMap(({ caution }) => caution ?? []) ?? []),
    ...(functions?.lampsOn?.flatMap(({ caution }) => caution ?? []) ?? []),
    ...(kit?.cautions ?? []),
    ...(wheels?.rows.some(({ brake }) => brake !== '') ? [BRAKE_CAUTION] : []),
  ]);
  return [...ofThisCar, ...generalCautions];
}
