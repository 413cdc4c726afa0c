import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';

/** All TypeScript files below these folders that are no tests. */
export function sourcesIn(...folders: string[]): string[] {
  return folders.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .map((name) => join(folder, name))
      .filter((path) => /\.tsx?$/.test(path) && !/\.test\.tsx?$/.test(path) && statSync(path).isFile()),
  );
}

const IMPORT =
  /(?:^|\n)\s*(?:import|export)\b[^;'"]*?\bfrom\s+'([^']+)'|\bimport\s*\(\s*'([^']+)'\s*\)|(?:^|\n)import\s+'([^']+)'/g;

/** The files of this repository that a file imports, types too. Packages are left out. */
export function importsOf(file: string): string[] {
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(IMPORT)].flatMap((match) => {
    const name = match[1] ?? match[2] ?? match[3] ?? '';
    const path = name.startsWith('#core/')
      ? `src/core/${name.slice('#core/'.length)}/index.ts`
      : name.startsWith('.')
        ? normalize(join(dirname(file), name))
        : undefined;
    if (path === undefined) return [];
    const found = [path, `${path}.ts`, `${path}.tsx`, `${path}/index.ts`].find(
      (candidate) => existsSync(candidate) && statSync(candidate).isFile(),
    );
    return found ? [found] : [];
  });
}

/** Who leads to whom, as a map of names. */
export type Graph = ReadonlyMap<string, ReadonlySet<string>>;

/** The graph of files, seen through a name for each: its folder, say. Nothing leads to itself. */
export function graphOf(files: readonly string[], nameOf: (file: string) => string = (file) => file): Graph {
  const known = new Set(files);
  const graph = new Map<string, Set<string>>();
  for (const file of files) {
    const from = nameOf(file);
    const to = graph.get(from) ?? new Set<string>();
    graph.set(from, to);
    for (const path of importsOf(file)) if (known.has(path) && nameOf(path) !== from) to.add(nameOf(path));
  }
  return graph;
}

/** Groups of names that reach each other, by Tarjan (1972); none in a graph without cycles. */
export function cyclesIn(graph: Graph): string[][] {
  const order = new Map<string, number>();
  const low = new Map<string, number>();
  const stack: string[] = [];
  const cycles: string[][] = [];
  const visit = (name: string): void => {
    order.set(name, order.size);
    low.set(name, order.size - 1);
    stack.push(name);
    for (const next of graph.get(name) ?? []) {
      if (!order.has(next)) visit(next);
      if (stack.includes(next)) low.set(name, Math.min(low.get(name) as number, low.get(next) as number));
    }
    if (low.get(name) !== order.get(name)) return;
    const group = stack.splice(stack.indexOf(name));
    if (group.length > 1) cycles.push(group.toSorted());
  };
  for (const name of graph.keys()) if (!order.has(name)) visit(name);
  return cycles;
}
