import type { Vocabulary } from '../../car';
import { stopsDriving } from '../../walk';
import { BRAKE_CAUTION } from '../../wheels';
import { withinSentence } from '../../wording';
import type { ReportFinding } from '../reportDocument';
import type { ReportReadings } from '../reportReadingsShape';
import { generalCautions, tyreCaution } from '../wording';

/** Why the car is not to be driven as it stands, each in words with its place; empty when nothing that was found says so. */
export function reasonsNotToDrive(
  findings: readonly ReportFinding[],
  { tyres, functions, kit }: ReportReadings,
): string[] {
  const lamps = functions?.lampsOn ?? [];
  return [
    ...(tyres?.rows ?? [])
      .filter(({ mayBeDriven }) => !mayBeDriven)
      .map(({ name, says }) => `${withinSentence(name)}, ${says.split('; ')[0]}`),
    ...findings
      .filter(({ caution }) => caution && stopsDriving(caution))
      .map(({ line, partName, suspected }) =>
        [suspected && 'suspected', `${withinSentence(line)},`, partName].filter(Boolean).join(' '),
      ),
    ...(functions?.faulty ?? [])
      .filter(({ caution }) => caution && stopsDriving(caution))
      .map(({ name }) => withinSentence(name)),
    ...lamps
      .filter(({ caution }) => caution && stopsDriving(caution))
      .map(({ name }) => `warning for ${name.toLowerCase()} on`),
    ...(kit?.cautions ?? [])
      .filter(stopsDriving)
      .map((each) => withinSentence(each.split(/[:;]/)[0] ?? each)),
  ];
}

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
