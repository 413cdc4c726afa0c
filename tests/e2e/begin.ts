import { expect, type Page } from '@playwright/test';
import { type BodyStyleId, type Country, countries, type ExtraId } from '#core/car';
import { schools } from '#core/route';
import { details } from '../builders/car';
import type { RunningServer } from '../builders/runningServer';

export const NELL = '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1a01';

export interface CarWanted {
  country?: Country;
  style?: BodyStyleId;
  extras?: readonly ExtraId[];
}

export interface BegunWalk {
  car: string;
  walk: string;
}

/** Nell owns the yards of tests; she is signed in in this browser. */
export async function signIn(page: Page, server: RunningServer): Promise<void> {
  await page.context().addCookies(server.cookies);
  // Whoever looks after a yard comes to the morning first; that has a test of its own.
  await page.context().addInitScript(() => localStorage.setItem('zelk.off.opensWithMorning', 'off'));
}

/** A car nobody else's test knows, by its stock number too. */
export async function makeCar(
  server: RunningServer,
  { country = 'GB', style = 'hatch-5', extras = [] }: CarWanted = {},
): Promise<string> {
  const id = crypto.randomUUID();
  const answer = await server.post('/api/cars', {
    id,
    details: {
      ...details,
      stockNumber: `E-${id.slice(0, 8)}`,
      bodyStyle: style,
      extras,
      country,
      steering: countries[country].drivesOn === 'left' ? 'right' : 'left',
    },
  });
  if (!answer.ok) throw new Error(await answer.text());
  return id;
}

/** Begins a walk as the app does, without its forms: they have tests of their own. */
export async function beginWalk(page: Page, server: RunningServer, wanted?: CarWanted): Promise<BegunWalk> {
  await signIn(page, server);
  const car = await makeCar(server, wanted);
  const walk = crypto.randomUUID();
  const bodies = [
    {
      kind: 'walk-begun',
      body: { carId: car, bodyStyle: wanted?.style ?? 'hatch-5', extras: wanted?.extras ?? [] },
    },
    { kind: 'route-chosen', body: { rule: schools['nose-first'] } },
  ];
  const at = new Date().toISOString();
  const entries = bodies.map((fact) => ({ ...fact, id: crypto.randomUUID(), walk, who: NELL, at }));
  const answer = await server.post(`/api/walks/${walk}/entries`, { entries });
  if (!answer.ok) throw new Error(await answer.text());
  await page.goto(`${server.origin}/walks/${walk}`);
  await expect(page.getByText(/Stop 1 of/)).toBeVisible();
  return { car, walk };
}
