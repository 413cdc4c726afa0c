import { createHash, randomUUID } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { cars, hatch, saloon } from './cars';
import { nell, tomas } from './people';
import { playScript } from './playScript';
import { hatchScript, saloonScript } from './script';

const BATCH = 200;

/** Loads the invented yard through the public API, as any client would. */
export async function loadYard(origin: string, picturesDir: string, now: Date): Promise<void> {
  const send = async (method: string, path: string, body: BodyInit, type = 'application/json') => {
    const response = await fetch(origin + path, { method, body, headers: { 'Content-Type': type } });
    if (!response.ok) throw new Error(`${method} ${path}: ${await response.text()}`);
    return response.json();
  };
  const post = (path: string, body: unknown) => send('POST', path, JSON.stringify(body));

  for (const person of [nell, tomas]) await post('/api/people', person);
  // Oldest first: the list shows the newest on top.
  for (const car of cars.toReversed()) await post('/api/cars', car);

  const hashes = new Map<string, string>();
  for (const file of await readdir(picturesDir)) {
    if (!file.endsWith('.jpg')) continue;
    const bytes = await readFile(join(picturesDir, file));
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    hashes.set(basename(file, '.jpg'), sha256);
    await send('PUT', `/api/photos/${sha256}`, new Uint8Array(bytes), 'image/jpeg');
  }
  const hashOf = (file: string) => {
    const hash = hashes.get(file);
    if (!hash) throw new Error(`There is no picture ${file} in ${picturesDir}`);
    return hash;
  };

  const done = playScript(hatchScript, hatch, nell, now, hashOf);
  const half = playScript(saloonScript, saloon, tomas, now, hashOf);
  for (const { walk, entries } of [done, half]) {
    for (let i = 0; i < entries.length; i += BATCH)
      await post(`/api/walks/${walk}/entries`, { entries: entries.slice(i, i + BATCH) });
  }
  await post(`/api/walks/${done.walk}/reports`, { id: randomUUID(), signer: nell.id });
}
