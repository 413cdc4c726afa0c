import { bodyStyle } from '#core/car';
import { planRoute, usualRoute } from '#core/route';
import type { Entry, Fact } from '#core/walk';
import { begun, entriesOf, idOf } from '../tests/builders/entries';

/** A long walk as people make them: stops, clear parts, findings with their details, an undo now and then; over so many parts of the route. */
export function longLog(length: number, parts = Number.POSITIVE_INFINITY): Entry[] {
  const route = planRoute(bodyStyle('hatch-5'), usualRoute)
    .slice(0, parts)
    .map((stop) => stop.part);
  const facts: Fact[] = [begun];
  for (let i = 1; facts.length < length; i++) {
    const part = route[i % route.length] as string;
    facts.push({ kind: 'stop-reached', body: { part } });
    if (i % 3 === 0) {
      const finding = idOf(0xf0000 + i);
      facts.push({
        kind: 'finding-noted',
        body: { finding, part, spot: { u: 0.4, v: 0.6 }, kind: 'other', suspected: i % 9 === 0, details: {} },
      });
      facts.push({
        kind: 'finding-amended',
        body: { finding, changes: { count: 2, lengthMm: 12, notice: 'one-step-back' } },
      });
    } else facts.push({ kind: 'part-cleared', body: { part } });
    if (i % 10 === 0) facts.push({ kind: 'undone', body: { entry: idOf(facts.length) } });
  }
  return entriesOf(facts.slice(0, length));
}
