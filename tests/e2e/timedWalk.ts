import { readdirSync, readFileSync } from 'node:fs';
import exifr from 'exifr';
import type { Entry, Fact } from '#core/walk';
import type { Truth } from '../../demo/picture-maker/truth';
import { noted } from '../builders/entries';
import type { RunningServer } from '../builders/runningServer';
import { makeCar, NELL } from './begin';

export interface TimedPicture {
  path: string;
  takenMs: number;
  /** The part it is of, by the scene it was taken in; null for the whole car. */
  part: string | null;
}

/** The pictures of the demo’s blue hatch, in the order they were taken, with what they truly show. */
export async function hatchPictures(): Promise<TimedPicture[]> {
  const names = readdirSync('demo/pictures').filter((name) => /^hatch-(?!3-).*\.jpg$/.test(name));
  const pictures = await Promise.all(
    names.map(async (name) => {
      const path = `demo/pictures/${name}`;
      const truth = JSON.parse(readFileSync(path.replace(/jpg$/, 'json'), 'utf8')) as Truth;
      const exif = await exifr.parse(path, { pick: ['DateTimeOriginal'], reviveValues: false });
      const [day, time] = String(exif.DateTimeOriginal).split(' ') as [string, string];
      return { path, takenMs: Date.parse(`${day.replaceAll(':', '-')}T${time}Z`), part: truth.part };
    }),
  );
  return pictures.sort((a, b) => a.takenMs - b.takenMs);
}

/** A walk that stood at every part while its pictures were taken, each stop reached some seconds before. Returns its id. */
export async function walkTimedBy(server: RunningServer, pictures: readonly TimedPicture[]): Promise<string> {
  const carId = await makeCar(server);
  const walk = crypto.randomUUID();
  const closeUps = pictures.filter(({ part }) => part !== null);
  const start = (closeUps[0] as TimedPicture).takenMs - 4000;
  const timed: { atMs: number; fact: Fact }[] = [
    { atMs: start - 1000, fact: { kind: 'walk-begun', body: { carId, bodyStyle: 'hatch-5' } } },
  ];
  closeUps.forEach(({ part, takenMs }, i) => {
    if (closeUps[i - 1]?.part !== part)
      timed.push({ atMs: takenMs - 3000, fact: { kind: 'stop-reached', body: { part: part as string } } });
  });
  // The dent and the edge nick of the door are noted as their close-ups are taken.
  for (const [i, name] of ['dent-what', 'edge-nick-2-what'].entries()) {
    const shot = closeUps.find(({ path }) => path.includes(`hatch-door-fl-${name}`));
    if (shot) timed.push({ atMs: shot.takenMs - 1000, fact: noted(i + 1, 'door-fl') });
  }
  const last = (closeUps.at(-1) as TimedPicture).takenMs;
  timed.push({ atMs: last + 20_000, fact: { kind: 'stop-reached', body: { part: 'smell' } } });
  const entries = timed
    .sort((a, b) => a.atMs - b.atMs)
    .map(
      ({ atMs, fact }) =>
        ({ ...fact, id: crypto.randomUUID(), walk, who: NELL, at: new Date(atMs).toISOString() }) as Entry,
    );
  const answer = await server.post(`/api/walks/${walk}/entries`, { entries });
  if (!answer.ok) throw new Error(await answer.text());
  return walk;
}
