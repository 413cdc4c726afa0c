import { createHash, randomUUID } from 'node:crypto';
import { details } from '../tests/builders/car';
import { begun, CAR, entriesOf, noted } from '../tests/builders/entries';
import { jpeg } from '../tests/builders/photos';
import { RunningServer } from '../tests/builders/runningServer';
import type { Row } from './row';

const KILLS = Number(process.env.ZELK_KILLS ?? 200);
/** Entries are posted one by one, photos two at a time, until the server is killed between these. */
const [SOONEST_MS, LATEST_MS] = [150, 900] as const;

/** Kills a server again and again while it is written to, and counts what it had acknowledged and does not have. */
export async function benchKills(): Promise<Row[]> {
  const server = new RunningServer();
  const photos = await Promise.all(
    Array.from({ length: 8 * KILLS }, (_, i) => jpeg(i + 1, 500 + (i >> 8), 400)),
  );
  let [entries, kept, lost, doubled, refused] = [0, 0, 0, 0, 0];
  await server.start();
  await server.post('/api/cars', { id: CAR, details });
  try {
    for (let round = 0; round < KILLS; round++) {
      const walk = randomUUID();
      const log = entriesOf(
        [begun, ...Array.from({ length: 400 }, (_, i) => noted(i + 1, 'roof'))],
        walk,
        round * 1000 + 0x100000,
      ).map((entry) => ({ ...entry, id: randomUUID() }));
      const acknowledged = new Set<string>();
      const photosHere = new Set<string>();
      let isDead = false;
      const put = async (n: number): Promise<void> => {
        const bytes = photos[n % photos.length] as Buffer;
        const sha256 = createHash('sha256').update(bytes).digest('hex');
        const answer = await server
          .fetch(`/api/photos/${sha256}`, {
            method: 'PUT',
            headers: { 'Content-Type': 'image/jpeg' },
            body: new Uint8Array(bytes),
          })
          .catch(() => undefined);
        if (answer?.ok) photosHere.add(sha256);
        else if (answer && answer.status < 500) refused++;
      };
      // The first photo after a start waits for the process that opens it: the killing begins when others follow it quickly.
      await put(round * 8);
      const writing = (async () => {
        for (const entry of log) {
          const answer = await server
            .post(`/api/walks/${walk}/entries`, { entries: [entry] })
            .catch(() => undefined);
          if (!answer?.ok || isDead) return;
          acknowledged.add(entry.id);
        }
      })();
      const sending = (async () => {
        for (let i = 1; !isDead && i < 8; i++) await put(round * 8 + i);
      })();
      await new Promise((later) => setTimeout(later, SOONEST_MS + ((round * 37) % (LATEST_MS - SOONEST_MS))));
      await server.end('SIGKILL');
      isDead = true;
      await Promise.all([writing, sending]);
      await server.start();
      const held: string[] =
        acknowledged.size === 0
          ? []
          : (await (await server.fetch(`/api/walks/${walk}`)).json()).entries.map(
              ({ id }: { id: string }) => id,
            );
      doubled += held.length - new Set(held).size;
      for (const id of acknowledged) if (!held.includes(id)) lost++;
      for (const sha256 of photosHere)
        if ((await server.fetch(`/api/photos/${sha256}/1600`)).status !== 200) lost++;
      entries += acknowledged.size;
      kept += photosHere.size;
    }
  } finally {
    await server.end();
    server.remove();
  }
  return [
    {
      what: `${KILLS} kills while written to: acknowledged entries and photos that were lost or doubled`,
      measured: `${lost} lost, ${doubled} doubled of ${entries} entries and ${kept} photos`,
      target: 'none',
    },
    {
      what: 'of them good photos that were refused, rather than asked for again',
      measured: String(refused),
      target: 'none',
    },
  ];
}
