import { afterEach, beforeEach, expect, it } from 'vitest';
import { details } from './builders/car';
import { begun, CAR, entriesOf, noted, WALK } from './builders/entries';
import { jpeg, sha256Of } from './builders/photos';
import { RunningServer } from './builders/runningServer';

let server: RunningServer;
beforeEach(() => {
  server = new RunningServer();
});
afterEach(async () => {
  await server.end();
  server.remove();
});

it('loses nothing it acknowledged when it is killed in the middle of posting, and keeps it once', async () => {
  await server.start();
  await server.post('/api/cars', { id: CAR, details });
  const log = entriesOf([begun, ...Array.from({ length: 400 }, (_, i) => noted(i + 1, 'roof'))]);
  const photos = await Promise.all(Array.from({ length: 30 }, (_, i) => jpeg(i + 1, 900, 700)));
  const acknowledged = { entries: new Set<string>(), photos: new Set<string>() };

  const sendEntries = async () => {
    for (const entry of log) {
      const answer = await server
        .post(`/api/walks/${WALK}/entries`, { entries: [entry] })
        .catch(() => undefined);
      if (!answer?.ok) return;
      acknowledged.entries.add(entry.id);
      if (acknowledged.entries.size === 60) void server.end('SIGKILL');
    }
  };
  const sendPhotos = async () => {
    for (const bytes of photos) {
      const sha256 = sha256Of(bytes);
      const answer = await server
        .fetch(`/api/photos/${sha256}`, {
          method: 'PUT',
          headers: { 'Content-Type': 'image/jpeg' },
          body: new Uint8Array(bytes),
        })
        .catch(() => undefined);
      if (!answer?.ok) return;
      acknowledged.photos.add(sha256);
    }
  };
  await Promise.all([sendEntries(), sendPhotos()]);
  expect(acknowledged.entries.size).toBeGreaterThanOrEqual(60);
  expect(acknowledged.entries.size).toBeLessThan(log.length);

  await server.start();
  const kept: { entries: { id: string }[] } = await (await server.fetch(`/api/walks/${WALK}`)).json();
  const ids = kept.entries.map((entry) => entry.id);
  expect(new Set(ids).size).toBe(ids.length);
  for (const id of acknowledged.entries) expect(ids).toContain(id);
  for (const sha256 of acknowledged.photos) {
    expect((await server.fetch(`/api/photos/${sha256}/320`)).status).toBe(200);
  }

  // Sending all again, as an outbox in doubt does, completes it without repeating anything.
  expect((await server.post(`/api/walks/${WALK}/entries`, { entries: log })).status).toBe(200);
  const whole: { entries: { id: string }[] } = await (await server.fetch(`/api/walks/${WALK}`)).json();
  expect(whole.entries.map((entry) => entry.id).toSorted()).toEqual(log.map((entry) => entry.id).toSorted());
});
