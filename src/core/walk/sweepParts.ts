import type { BodyStyle, FaceId, Part, PartId } from '../car';
import { partStatus, routeOf } from './coverage';
import { isStanding, type WalkState } from './walkState';

/** What one gesture would go over: a side or place, or all that was not said yet. */
export type SweepOver = { of: 'side'; face: FaceId } | { of: 'rest' };

export interface SweepPlan {
  /** What it would clear, in walking order. */
  parts: readonly Part[];
  /** What it leaves alone, and why. */
  left: readonly { part: PartId; why: 'in doubt' | 'not seen' | 'has findings' }[];
}

/**
 * What a sweep would clear from where one stands. It leaves alone what is in doubt, what could not be seen, and what has findings: those are
 * cleared one by one. Parts cleared by themselves may be swept too; they stay looked at by themselves.
 */
export function sweepPlan(state: WalkState, style: BodyStyle, over: SweepOver): SweepPlan {
  const parts: Part[] = [];
  const left: SweepPlan['left'][number][] = [];
  for (const { part: id, face } of routeOf(state, style)) {
    const part = style.parts.get(id);
    const isHere = over.of === 'side' ? face === over.face : partStatus(state, id) === 'not-looked-at';
    if (!part || !isHere) continue;
    const status = partStatus(state, id);
    const hasFindings = state.findings.some((finding) => finding.part === id && isStanding(finding));
    if (status === 'second-look') left.push({ part: id, why: 'in doubt' });
    else if (state.looks.get(id)?.status === 'not-seen') left.push({ part: id, why: 'not seen' });
    else if (hasFindings) left.push({ part: id, why: 'has findings' });
    else parts.push(part);
  }
  return { parts, left };
}
