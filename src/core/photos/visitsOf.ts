import { type Entry, type EntryKind, ordered } from '../walk';
import type { Visit } from './alignPhotos';

/** What is done at a desk, after the walk: it keeps nobody at a part. */
const atTheDesk: ReadonlySet<EntryKind> = new Set([
  'photo-attached',
  'photo-brought',
  'photo-set-aside',
  'photo-withdrawn',
  'camera-clock-set',
  'spot-on-photo',
  'photo-marked',
  'photo-hidden',
  'photo-captioned',
  'cover-chosen',
  'picture-measured',
  'undone',
]);

/** The stays of a walk, in order of time, from its log; the last one ends with the last word said at the car. */
export function visitsOf(entries: Iterable<Entry>): Visit[] {
  const log = ordered(entries);
  const stops = log.flatMap((entry) =>
    entry.kind === 'stop-reached' ? [{ part: entry.body.part, fromMs: Date.parse(entry.at) }] : [],
  );
  const end = Date.parse(log.findLast(({ kind }) => !atTheDesk.has(kind))?.at ?? '');
  return stops.map(({ part, fromMs }, i) => {
    const untilMs = stops[i + 1]?.fromMs ?? Math.max(fromMs, end);
    const findings = log.flatMap((entry) => {
      const atMs = Date.parse(entry.at);
      return entry.kind === 'finding-noted' && entry.body.part === part && atMs >= fromMs && atMs <= untilMs
        ? [{ id: entry.body.finding, atMs }]
        : [];
    });
    return { part, fromMs, untilMs, findings };
  });
}
