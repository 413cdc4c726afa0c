import { entriesOf, idOf, noted, WALK } from '../../tests/builders/entries';
import type { RunningServer } from '../../tests/builders/runningServer';

/** So many revisions, each a PDF on either paper and an archive. */
const REVISIONS = 10;

/** Freezes a walk again and again; gives the addresses of twenty PDFs and ten archives, none of which was made before. */
export async function manyPapers(server: RunningServer): Promise<string[]> {
  const paths: string[] = [];
  for (let i = 0; i < REVISIONS; i++) {
    const id = idOf(0xe000 + i);
    await server.post(`/api/walks/${WALK}/entries`, {
      entries: entriesOf([noted(100 + i, 'bonnet')], WALK, 0xc000 + i),
    });
    await server.post(`/api/walks/${WALK}/reports`, { id });
    paths.push(
      `/api/reports/${id}/pdf?paper=a4`,
      `/api/reports/${id}/pdf?paper=letter`,
      `/api/reports/${id}/archive`,
    );
  }
  return paths;
}

/** Fetches all at once, to their ends. Gives how many came whole. */
export async function fetchAll(server: RunningServer, paths: readonly string[]): Promise<number> {
  const came = await Promise.all(
    paths.map(async (path) => {
      const answer = await server.fetch(path);
      return answer.ok && (await answer.arrayBuffer()).byteLength > 10_000;
    }),
  );
  return came.filter(Boolean).length;
}
