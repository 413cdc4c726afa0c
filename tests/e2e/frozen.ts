import type { Page } from '@playwright/test';
import type { ReportDocument } from '#core/report';
import type { Fact } from '#core/walk';
import { details } from '../builders/car';
import { CAR, entriesOf, idOf, WALK } from '../builders/entries';
import { sha256Of } from '../builders/photos';
import type { RunningServer } from '../builders/runningServer';
import { expect } from './server';
import { NELL, openYard } from './steps';

export const REPORT = idOf(0xd01);

/** Sends a photo to the yard; its name. */
export async function sendPhoto(server: RunningServer, photo: Buffer): Promise<string> {
  const sha256 = sha256Of(photo);
  const sent = await fetch(`${server.origin}/api/photos/${sha256}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'image/jpeg' },
    body: new Uint8Array(photo),
  });
  expect(sent.ok).toBe(true);
  return sha256;
}

/** Opens the yard with a car that Nell walked and froze with these facts. */
export async function freezeWalk(
  page: Page,
  server: RunningServer,
  facts: readonly Fact[],
): Promise<ReportDocument> {
  await openYard(page, server);
  await server.post('/api/cars', { id: CAR, details });
  const entries = entriesOf(facts).map((entry) => ({ ...entry, who: NELL }));
  expect((await server.post(`/api/walks/${WALK}/entries`, { entries })).ok).toBe(true);
  const frozen = await server.post(`/api/walks/${WALK}/reports`, { id: REPORT, signer: NELL });
  return (await frozen.json()) as ReportDocument;
}

/** A new link to that report. */
export async function linkTo(server: RunningServer, label = ''): Promise<{ url: string; token: string }> {
  const share = await server.post(`/api/reports/${REPORT}/shares`, { label });
  const { path, token } = (await share.json()) as { path: string; token: string };
  return { url: server.origin + path, token };
}
