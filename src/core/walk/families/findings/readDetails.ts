import type { Action, RustDepth } from '../../choices';
import type { Cure } from '../../cures';
import type { Decision } from '../../remedy';
import type { Cures } from '../../remedySchema';
import type { Severity } from '../../severity';
import type { FindingDetails, StoredDetails } from './bodies';

type Stored = { [K in keyof StoredDetails]?: StoredDetails[K] | null };
type Known = { [K in keyof FindingDetails]?: FindingDetails[K] | null };

const asSeverity: Record<RustDepth, Severity> = {
  'on-the-surface': 'slight',
  bubbling: 'plain',
  'right-through': 'heavy',
};

/**
 * Details of an entry as they are known. Early logs have one word for what would be done: it is a cure, and was printed as a promise, so that it
 * reads as both; "leave" is a decision alone. Their word for how far rust has gone is how bad it is. Null takes back what it stands for.
 */
export function readDetails({ action, rust, ...details }: Stored): Known {
  return {
    ...(action !== undefined && readAction(action)),
    ...(rust !== undefined && { severity: rust === null ? null : asSeverity[rust] }),
    ...details,
  };
}

function readAction(action: Action | null): Pick<Known, 'cures' | 'decision'> {
  if (action === null) return { cures: null, decision: null };
  if (action === 'leave') return { cures: null, decision: { is: 'left' } };
  const cures: Cures = [{ cure: action satisfies Cure }];
  const decision: Decision = { is: 'promised', asAction: true };
  return { cures, decision };
}

/** What is known, with changes on top; null takes back. */
export function withChanges(details: FindingDetails, changes: Known): FindingDetails {
  const merged: Record<string, unknown> = { ...details };
  for (const [key, value] of Object.entries(changes)) {
    if (value === null) delete merged[key];
    else if (value !== undefined) merged[key] = value;
  }
  return merged;
}
