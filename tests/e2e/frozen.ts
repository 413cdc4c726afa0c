import type { Page } from '@playwright/test';
import type { ReportDocument } from '#core/report';
import type { Entry, Fact } from '#core/walk';
import { CAR, entriesOf } from '../builders/entries';
import { sha256Of } from '../builders/photos';
import type { RunningServer } from '../builders/runningServer';
import { makeCar, NELL, signIn } from './begin';
import { expect } from './server';

/** Sends a photo to the yard; its name. */
export async function sendPhoto(server: RunningServer, photo: Buffer): Promise<string> {
  const sha256 = sha256Of(photo);
  const sent = await server.fetch(`/api/photos/${sha256}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'image/jpeg' },
    body: new Uint8Array(photo),
  });
  expect(sent.ok).toBe(true);
  return sha256;
}

/** A walk of the builders' facts under ids of its own, so that many tests may tell theirs to one server. */
export interface SaidWalk {
  car: string;
  walk: string;
  /** Says more of the same walk, a second apart from here on. */
  say: (...facts: Fact[]) => Promise<void>;
  /** Freezes what was said so far. */
  freeze: () => Promise<ReportDocument>;
}

/** The builders' entries as another walk, of another car, said by Nell so much later. */
function ofAnother(walk: string, car: string, entries: readonly Entry[], laterMs: number): Entry[] {
  return entries.map(
    (entry) =>
      ({
        ...entry,
        id: crypto.randomUUID(),
        walk,
        who: NELL,
        at: new Date(Date.parse(entry.at) + laterMs).toISOString(),
        body: JSON.parse(JSON.stringify(entry.body).replaceAll(CAR, car)),
      }) as Entry,
  );
}

/** Says a walk of a new car, or a further walk, days later, of one there is. */
export async function sayWalk(
  page: Page,
  server: RunningServer,
  facts: readonly Fact[],
  { car: known, daysLater = 0 }: { car?: string; daysLater?: number } = {},
): Promise<SaidWalk> {
  await signIn(page, server);
  const car = known ?? (await makeCar(server));
  const walk = crypto.randomUUID();
  let laterMs = daysLater * 86_400_000;
  const say = async (...more: Fact[]) => {
    const entries = ofAnother(walk, car, entriesOf(more), laterMs);
    laterMs += more.length * 1000;
    const answer = await server.post(`/api/walks/${walk}/entries`, { entries });
    expect(answer.ok, await answer.text()).toBe(true);
  };
  await say(...facts);
  return {
    car,
    walk,
    say,
    freeze: async () => {
      const frozen = await server.post(`/api/walks/${walk}/reports`, {
        id: crypto.randomUUID(),
      });
      expect(frozen.ok).toBe(true);
      return (await frozen.json()) as ReportDocument;
    },
  };
}

/** The report of a car that Nell walked and froze with these facts. */
export async function freezeWalk(
  page: Page,
  server: RunningServer,
  facts: readonly Fact[],
): Promise<ReportDocument> {
  return (await sayWalk(page, server, facts)).freeze();
}

/** A new link to that report. */
export async function linkTo(
  server: RunningServer,
  { id }: Pick<ReportDocument, 'id'>,
  label = '',
): Promise<{ url: string; token: string }> {
  const share = await server.post(`/api/reports/${id}/shares`, { label });
  const { path, token } = (await share.json()) as { path: string; token: string };
  return { url: server.origin + path, token };
}

/** Freezes the walk at this address, as the yard would, and reads what a reader is told. */
export async function reportOfWalk(server: RunningServer, walkUrl: string): Promise<ReportDocument> {
  const walk = new URL(walkUrl).pathname.split('/').at(2);
  const frozen = await server.post(`/api/walks/${walk}/reports`, { id: crypto.randomUUID() });
  expect(frozen.ok).toBe(true);
  return (await frozen.json()) as ReportDocument;
}
