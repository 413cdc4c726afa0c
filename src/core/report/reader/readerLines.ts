import { withinSentence } from '../../wording';
import type { ReportDocument } from '../reportDocument';
import { mustKnow, safetySays, saidNothingOf } from './mustKnow';
import { verdictLine, verdictsOf } from './verdicts';

/** What stands first on the page, as lines for paper and archive: what decides, six verdicts, that it is no inspection, and what nothing is said of. */
export function readerLines(report: ReportDocument): {
  must: string[];
  verdicts: string[];
  limits: string[];
} {
  const silent = saidNothingOf(report);
  return {
    must: mustKnow(report).map(({ says }) => (/[.?!]”?$/.test(says) ? says : `${says}.`)),
    verdicts: verdictsOf(report).map(verdictLine),
    limits: [
      safetySays(report),
      ...(silent.length > 0 ? [`Not in this report: ${silent.map(withinSentence).join('; ')}.`] : []),
    ],
  };
}
