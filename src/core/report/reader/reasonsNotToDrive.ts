import { stopsDriving } from '../../walk';
import { withinSentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';

/** `judged` is kept from this version on. */
const JUDGED_SINCE = 7;

/** Why the car is not to be driven as it stands, each with its place; empty when nothing that was found says so. */
export function reasonsNotToDrive(report: ReportDocument): string[] {
  const { judged = [], composedBy = 1 } = report;
  if (composedBy < JUDGED_SINCE) return reasonsOfRows(report);
  return [...new Set(judged.flatMap(({ weight, says }) => (weight === 'stop' ? [says] : [])))];
}

/** Of reports frozen before judgements were kept: as they told it, out of their rows. */
function reasonsOfRows({ findings, tyres, functions, kit }: ReportDocument): string[] {
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
