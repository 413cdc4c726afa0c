import { describe, expect, it } from 'vitest';
import { cyclesIn, graphOf, sourcesIn } from './builders/imports';

/** `src/server/photos/burn.ts` lives in `photos`, `src/server/main.ts` on the ground floor. */
const folderIn = (root: string) => (file: string) =>
  file
    .slice(root.length + 1)
    .split('/')
    .slice(0, -1)[0] ?? file;

describe('the arrows between the rooms', () => {
  it('never run in a circle between files, types included', () => {
    expect(cyclesIn(graphOf(sourcesIn('src', 'demo', 'bench')))).toEqual([]);
  });

  it.each(['src/core', 'src/server'])('never run in a circle between the folders of %s', (root) => {
    const graph = graphOf(sourcesIn(root), folderIn(root));
    expect(graph.size).toBeGreaterThan(8);
    expect(cyclesIn(graph)).toEqual([]);
  });

  it('and a circle would be seen', () => {
    const graph = new Map([
      ['a', new Set(['b'])],
      ['b', new Set(['c', 'd'])],
      ['c', new Set(['a'])],
      ['d', new Set<string>()],
    ]);
    expect(cyclesIn(graph)).toEqual([['a', 'b', 'c']]);
  });
});
