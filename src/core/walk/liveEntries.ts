import type { Entry } from './entries';

const inOrder = (a: Entry, b: Entry) =>
  a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : a.id > b.id ? 1 : 0;

/** Repeats removed, then by time and id: the one order every device agrees on, however entries arrived. */
export function ordered(entries: Iterable<Entry>): Entry[] {
  const byId = new Map<string, Entry>();
  for (const entry of entries) if (!byId.has(entry.id)) byId.set(entry.id, entry);
  return [...byId.values()].sort(inOrder);
}

/**
 * Ids of the entries that something undoes. An undo may itself be undone, which brings its target back.
 * An undo counts whether its clock ran ahead of or behind its target's. Undos that chase each other in a
 * circle, which no screen makes, count for nothing.
 */
export function undoneIds(entries: readonly Entry[]): Set<string> {
  const ids = new Set(entries.map((entry) => entry.id));
  const targetOf = new Map<string, string>();
  const openUndos = new Map<string, number>();
  for (const entry of entries) {
    if (entry.kind !== 'undone' || !ids.has(entry.body.entry)) continue;
    targetOf.set(entry.id, entry.body.entry);
    openUndos.set(entry.body.entry, (openUndos.get(entry.body.entry) ?? 0) + 1);
  }
  const undone = new Set<string>();
  // Settle undos nobody undoes first, then those they point at, and so on down each chain.
  const settled = [...targetOf.keys()].filter((id) => !openUndos.has(id));
  for (let id = settled.pop(); id !== undefined; id = settled.pop()) {
    const target = targetOf.get(id) as string;
    if (!undone.has(id)) undone.add(target);
    const left = (openUndos.get(target) as number) - 1;
    openUndos.set(target, left);
    if (left === 0 && targetOf.has(target)) settled.push(target);
  }
  return undone;
}
