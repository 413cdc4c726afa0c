import { describe, expect, it } from 'vitest';
import { cyclesIn, graphOf, sourcesIn } from './builders/imports';
import { roofs } from './rooms';

/** `src/server/photos/burn.ts` lives in `photos`, `src/server/main.ts` on the ground floor. */
const folderIn = (root: string) => (file: string) =>
  file
    .slice(root.length + 1)
    .split('/')
    .slice(0, -1)[0] ?? file;

const groundOr = (root: string) => (file: string) => {
  const folder = folderIn(root)(file);
  return folder === file ? '.' : folder;
};
const roomOfHouse = (file: string) =>
  file
    .split('/')
    .slice(0, file.startsWith('src/') ? 2 : 1)
    .join('/');

describe('the arrows between the rooms', () => {
  it('never run in a circle between files, types included', () => {
    expect(cyclesIn(graphOf(sourcesIn('src', 'demo', 'bench')))).toEqual([]);
  });

  it.each(['src/core', 'src/server', 'src/web'])(
    'never run in a circle between the folders of %s',
    (root) => {
      const graph = graphOf(sourcesIn(root), folderIn(root));
      expect(graph.size).toBeGreaterThan(8);
      expect(cyclesIn(graph)).toEqual([]);
    },
  );

  it.each(Object.keys(roofs))('are those that the list of rooms allows under %s', (root) => {
    const rooms = roofs[root] ?? [];
    const sources = root === '.' ? sourcesIn('src', 'demo', 'bench', 'tests') : sourcesIn(root);
    // The ground floor puts the rooms together: it may go everywhere.
    const graph = graphOf(sources, root === '.' ? roomOfHouse : groundOr(root));
    expect([...graph.keys()].filter((name) => name !== '.').toSorted()).toEqual(
      rooms.map(({ name }) => name).toSorted(),
    );
    for (const { name, may } of rooms) {
      const goes = [...(graph.get(name) ?? [])].filter((to) => to !== '.');
      // None that is allowed and not gone either: the list tells how it is.
      expect([name, ...goes.toSorted()]).toEqual([name, ...may.toSorted()]);
    }
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
