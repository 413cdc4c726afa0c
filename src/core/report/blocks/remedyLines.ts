import { withinSentence } from '../../wording';
import type { ReportFinding, ReportRemedy } from '../reportDocument';

/** "3. Touch in: nearside rear door (left), Stone chip × 4; by 3 December 2026". */
export function promiseLine({ number, action, partName, line: says, by }: ReportFinding): string {
  return `${number}. ${action || 'To be put right'}: ${partName}, ${says}${by ? `; by ${by}` : ''}`;
}

/** "Replace: nearside front tyre (left); by 3 December 2026". */
export function otherPromiseLine({ what, action, by }: ReportRemedy): string {
  return `${action || 'To be put right'}: ${withinSentence(what)}${by ? `; by ${by}` : ''}`;
}

/** What would mend it and what was decided, a line each; a promise is the only thing told as work that will be done. */
export function remedyLines({
  checkedAgain,
  ...told
}: Pick<ReportFinding, 'action' | 'promised' | 'advice' | 'decision' | 'by' | 'checkedAgain'>): string[] {
  return [...decided(told), ...(checkedAgain ? [checkedAgain] : [])];
}

function decided({
  action,
  promised,
  advice,
  decision,
  by,
}: Pick<ReportFinding, 'action' | 'promised' | 'advice' | 'decision' | 'by'>): string[] {
  // Reports of an early Zelk have their decision in the work alone.
  if (promised && decision === undefined) return [`Will be done: ${action}`];
  // When it is due before collection stands once, over the list of promises.
  if (promised)
    return [`Promised: ${action ? withinSentence(action) : 'to be put right'}${by ? `, by ${by}` : ''}`];
  return [
    ...(advice ? [`Advice: ${advice}`] : []),
    ...(decision ? [decision] : []),
    ...(action ? [`Decision: ${action}`] : []),
  ];
}
