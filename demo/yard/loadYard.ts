import { createHash, randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { ReportDocument } from '#core/report';
import type { Truth } from '../picture-maker/truth';
import { cars } from './cars';
import { hatchScript } from './hatchScript';
import { afterwards, buyers, questionsOf } from './hatchTalk';
import { nell, tomas } from './people';
import { playScript } from './playScript';
import { picturesNamed } from './script';
import { engineTick } from './sounds';
import { walks } from './walks';

const BATCH = 200;
/** Pictures under way together. */
const AT_ONCE = 4;

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

  await send('PUT', `/api/recordings/${engineTick.sha256}`, new Uint8Array(engineTick.file), 'audio/wav');
  const hashes = await sendPictures(picturesDir, send);
  const hashOf = (file: string) => {
    const hash = hashes.get(file);
    if (!hash) throw new Error(`There is no picture ${file} in ${picturesDir}`);
    return hash;
  };
  const truthOf = (file: string) =>
    JSON.parse(readFileSync(join(picturesDir, `${file}.json`), 'utf8')) as Truth;
  for (const { script, car, who, isFrozen } of walks) {
    const { walk, entries } = playScript(script, car, who, now, hashOf, truthOf);
    for (let i = 0; i < entries.length; i += BATCH)
      await post(`/api/walks/${walk}/entries`, { entries: entries.slice(i, i + BATCH) });
    if (!isFrozen) continue;
    const report = (await post(`/api/walks/${walk}/reports`, {
      id: randomUUID(),
      signer: who.id,
    })) as ReportDocument;
    if (script === hatchScript) await talk(post, walk, who.id, report, now);
  }
}

/** Buyers ask about the flagship, the yard answers, and a second look makes the second revision. */
async function talk(
  post: (path: string, body: unknown) => Promise<unknown>,
  walk: string,
  who: string,
  report: ReportDocument,
  now: Date,
): Promise<void> {
  const tokens: string[] = [];
  for (const label of buyers) {
    const share = (await post(`/api/reports/${report.id}/shares`, { label, days: 90 })) as { token: string };
    tokens.push(share.token);
  }
  const questions = questionsOf(report);
  for (const { by, body } of questions) await post(`/api/shared/${tokens[by]}/questions`, body);
  await post(`/api/walks/${walk}/entries`, { entries: afterwards(walk, who, report, questions, now) });
  await post(`/api/walks/${walk}/reports`, { id: randomUUID(), signer: who });
}

type Send = (method: string, path: string, body: BodyInit, type?: string) => Promise<unknown>;

/** Sends the pictures the walks name, a few at a time, and tells each one's hash. */
async function sendPictures(picturesDir: string, send: Send): Promise<Map<string, string>> {
  const hashes = new Map<string, string>();
  const waiting = [...new Set(walks.flatMap(({ script }) => picturesNamed(script)))];
  const sendNext = async (): Promise<void> => {
    const file = waiting.pop();
    if (!file) return;
    const bytes = await readFile(join(picturesDir, `${file}.jpg`));
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    hashes.set(file, sha256);
    await send('PUT', `/api/photos/${sha256}`, new Uint8Array(bytes), 'image/jpeg');
    await sendNext();
  };
  await Promise.all(Array.from({ length: AT_ONCE }, sendNext));
  return hashes;
}
