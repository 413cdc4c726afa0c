import { type Car, styleOf } from '#core/car';
import { countWalk } from '#core/judge';
import { asBuilt, type Entry, type FindingKind, replay } from '#core/walk';
import type { WalkedCar } from '#core/weakSpots';
import type { WalkFacts } from '../store/judgeStore';

/** What a walk says for what is usual and what is typical; undefined for one that was taken back to before its beginning. */
export function walkFacts(walk: string, entries: readonly Entry[], car: Car): WalkFacts | undefined {
  const state = replay(walk, entries);
  if (!state.begun) return undefined;
  const style = asBuilt(styleOf({ ...state.begun, steering: car.steering }), state);
  const counted = countWalk(state, style, car);
  const found = new Set<WalkedCar['found'][number]>();
  for (const { part, kind, standing } of state.findings) {
    const at = style.parts.get(part)?.kind;
    if (at && (standing.status === 'confirmed' || standing.status === 'put-right'))
      found.add(`${at} ${kind as FindingKind}`);
  }
  return {
    ...(counted.ok && { judged: counted.walk }),
    walked: { walk, make: car.make, model: car.model, bodyStyle: car.bodyStyle, found: [...found].sort() },
  };
}
