import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { ReportDocument } from '#core/report';
import type { Context } from '../../src/server/context';
import { firstAddress } from '../../src/server/people/firstAddress';
import type { Truth } from '../picture-maker/truth';
import { cars } from './cars';
import { comeIn } from './comeIn';
import { crew } from './crew';
import { arrival, collection, journeyPictures } from './hatchJourney';
import { hatchScript } from './hatchScript';
import { afterwards, buyers, questionsOf } from './hatchTalk';
import { mornings } from './mornings';
import { pastWalks } from './pastWalks';
import { nell, yard } from './people';
import { putPictures } from './pictureShelf';
import { playScript } from './playScript';
import { prices } from './prices';
import { putPastWalks } from './putPastWalks';
import { picturesNamed } from './script';
import { engineTick } from './sounds';
import { demoSpots } from './spots';
import { walks } from './walks';
import { workAt } from './workAt';
import { workCars, workWalks } from './workCars';
import { yardLogo } from './yardLogo';

const HOUR_MS = 3_600_000;
/** The flagship's walk is over after so long. */
const HOURS_OF_A_WALK = 4;
const BATCH = 200;

/**
 * Loads the invented yard: what is looked at through the public API, as any client would; the earlier months and the pictures, whose copies are
 * made once, straight into its stores.
 */
export async function loadYard(
  origin: string,
  picturesDir: string,
  now: Date,
  context: Context,
  /** Sets the clock of the server: cars came in, mornings passed and reports were frozen on earlier days. */
  setClock: (at: Date) => void,
): Promise<void> {
  const named = [...walks.flatMap(({ script }) => picturesNamed(script)), ...Object.values(journeyPictures)];
  // They are copied beside the rest.
  const pictures = putPictures(context, picturesDir, named, now);
  const signed = await comeIn(origin, firstAddress(context));
  let by = nell.id;
  const send = async (method: string, path: string, body: BodyInit | null, type = 'application/json') => {
    const headers = { 'Content-Type': type, Cookie: signed.get(by) ?? '' };
    const response = await fetch(origin + path, { method, body, headers });
    if (!response.ok) throw new Error(`${method} ${path}: ${await response.text()}`);
    return response.json();
  };
  const post = (path: string, body: unknown) => send('POST', path, JSON.stringify(body));

  const { sha256: logo } = (await send('PUT', '/api/yard/logo', await yardLogo(), 'image/png')) as {
    sha256: string;
  };
  await send('PUT', '/api/yard', JSON.stringify({ ...yard, logo }));
  await send('PUT', '/api/prices', JSON.stringify(prices));
  await send('PUT', '/api/crew', JSON.stringify(crew));
  const hoursAgo = (hours: number) => new Date(now.getTime() - hours * HOUR_MS);
  await send('PUT', '/api/weak-spots', JSON.stringify({ spots: demoSpots }));
  await putPastWalks(context.stores, pastWalks(now), now);
  // Oldest first: the list shows the newest on top.
  const inOrder = [...workCars, ...cars.toReversed()];
  const cameIn = (i: number) => hoursAgo(24 * (2 + (inOrder.length - i) * 2));
  for (const [i, car] of inOrder.entries()) {
    // A car came in some days before anybody walked it.
    setClock(cameIn(i));
    await post('/api/cars', car);
  }
  setClock(now);
  const looks = mornings(now, (car) => cameIn(inOrder.indexOf(car)));
  for (let i = 0; i < looks.length; i += BATCH / 2)
    await post('/api/mornings', { looks: looks.slice(i, i + BATCH / 2) });

  await send('PUT', `/api/recordings/${engineTick.sha256}`, new Uint8Array(engineTick.file), 'audio/wav');
  let hashes = new Map<string, string>();
  const hashOf = (file: string) => {
    const hash = hashes.get(file);
    if (!hash) throw new Error(`There is no picture ${file} in ${picturesDir}`);
    return hash;
  };
  const truthOf = (file: string) =>
    JSON.parse(readFileSync(join(picturesDir, `${file}.json`), 'utf8')) as Truth;
  const putPhoto = async (file: string, to: string) => {
    const bytes = await readFile(join(picturesDir, `${file}.jpg`));
    return send('PUT', `${to}/${hashOf(file)}`, new Uint8Array(bytes), 'image/jpeg');
  };
  for (const { script, car, who, isFrozen } of [...workWalks, ...walks]) {
    by = who.id;
    if (picturesNamed(script).length > 0) hashes = await pictures;
    const { walk, entries } = playScript(script, car, who, now, hashOf, truthOf);
    for (let i = 0; i < entries.length; i += BATCH)
      await post(`/api/walks/${walk}/entries`, { entries: entries.slice(i, i + BATCH) });
    // Every car that was walked round is worked on.
    if (!script.gaugeOnly) {
      const wish = { standard: 'not-one-step', isOn: true };
      await send('PUT', `/api/walks/${walk}/plan`, JSON.stringify(wish));
    }
    if (!isFrozen) continue;
    if (script === hatchScript) setClock(hoursAgo(script.hoursAgo - HOURS_OF_A_WALK));
    const report = (await post(`/api/walks/${walk}/reports`, {
      id: randomUUID(),
    })) as ReportDocument;
    if (script !== hatchScript) continue;
    await talk({ post, putPhoto, hashOf, setClock }, walk, who.id, report, hoursAgo);
    setClock(now);
  }
  await workAt({
    get: (path) => send('GET', path, null),
    post,
    send: (path, body) => send('PUT', path, JSON.stringify(body)),
  });
}

/**
 * Buyers ask about the flagship, the yard answers, a second look and a repair make the second revision, a driver fetches the car and it arrives
 * with one scratch more.
 */
async function talk(
  { post, putPhoto, hashOf, setClock }: Yard,
  walk: string,
  who: string,
  report: ReportDocument,
  hoursAgo: (hours: number) => Date,
): Promise<void> {
  const tokens: string[] = [];
  for (const buyer of buyers) {
    const sent = await post(`/api/reports/${report.id}/messages`, { ...buyer, id: randomUUID(), days: 90 });
    tokens.push((sent as { share: { token: string } }).share.token);
  }
  setClock(hoursAgo(20));
  const questions = questionsOf(report);
  for (const { by, body } of questions) await post(`/api/shared/${tokens[by]}/questions`, body);
  setClock(hoursAgo(17));
  const entries = afterwards(walk, who, report, questions, hoursAgo(17), hashOf(journeyPictures.pressedOut));
  await post(`/api/walks/${walk}/entries`, { entries });
  const revised = (await post(`/api/walks/${walk}/reports`, {
    id: randomUUID(),
  })) as ReportDocument;
  setClock(hoursAgo(9));
  // One thing is left to the buyer, who wants it; the yard has not answered.
  const offered = revised.findings.find(({ decision }) => decision?.startsWith('The buyer may choose'));
  if (offered)
    await post(`/api/shared/${tokens[0]}/choices`, { fault: `finding ${offered.id}`, isWanted: true });
  setClock(hoursAgo(7));
  await post(`/api/shared/${tokens[2]}/checks`, collection(revised, hoursAgo(7)));
  setClock(hoursAgo(1));
  const scratch = [journeyPictures.scratchedWhere, journeyPictures.scratchedWhat];
  for (const picture of scratch) await putPhoto(picture, `/api/shared/${tokens[0]}/photos`);
  await post(`/api/shared/${tokens[0]}/checks`, arrival(revised, hoursAgo(1), scratch.map(hashOf)));
}

/** What loading works with. */
interface Yard {
  post: (path: string, body: unknown) => Promise<unknown>;
  /** Sends a picture to a place named by its content. */
  putPhoto: (file: string, to: string) => Promise<unknown>;
  hashOf: (file: string) => string;
  setClock: (at: Date) => void;
}
