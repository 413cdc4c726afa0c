import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { isDeepStrictEqual } from 'node:util';
import type { Express } from 'express';
import { pino } from 'pino';
import request from 'supertest';
import type { z } from 'zod';
import type { ObjectStore } from '../../src/server/bucket/objectStore';
import { makeCaptionWriter } from '../../src/server/captions/writeCaptions';
import { createApp } from '../../src/server/http/createApp';
import type { Witness } from '../../src/server/http/route';
import { makeContext } from '../../src/server/makeContext';
import type { Identify } from '../../src/server/people/identity';
import { details } from './car';
import { CAR, START, WHO } from './entries';
import { putFreshDatabase } from './freshDatabase';

export interface TestServer {
  app: Express;
  dir: string;
  context: ReturnType<typeof makeContext>;
  close: () => Promise<void>;
}

/** Every answer in a test is one of the shape its route declares: the description of the API and the screens rest on it. */
const asDeclared: Witness = ({ method, path, gives }, answer) => {
  // As it arrives: JSON knows no undefined.
  const arrived = JSON.parse(JSON.stringify(answer));
  const parsed = (gives as z.ZodType).safeParse(arrived);
  if (!parsed.success)
    throw new Error(`${method} ${path} answers what it does not declare: ${parsed.error.message}`);
  // A field nobody declared is a field nobody decided to tell.
  if (!isDeepStrictEqual(parsed.data, arrived))
    throw new Error(`${method} ${path} answers more than it declares.`);
};

/** Whoever asks is Nell, the owner, on a device that speaks for everybody: for tests of something else than signing in. */
export const asNell: Identify = () => ({
  person: WHO,
  name: 'Nell Harrick',
  role: 'owner',
  device: 'd0000000-0000-4000-8000-000000000001',
  session: '',
  speaksFor: () => true,
});

/** An application on a real database file in a folder of its own, an hour after the test walks began. */
export async function startTestServer(
  withCar = true,
  {
    bucket,
    dir = mkdtempSync(join(tmpdir(), 'zelk-test-')),
    captions,
  }: { bucket?: ObjectStore; dir?: string; captions?: readonly string[] } = {},
): Promise<TestServer> {
  putFreshDatabase(dir);
  const context = {
    ...makeContext(dir, pino({ level: 'silent' }), () => new Date(START + 3_600_000), bucket),
    ...(captions && { writeCaptions: makeCaptionWriter(captions) }),
  };
  const app = createApp(context, join(dir, 'no-interface'), { witness: asDeclared, identify: asNell });
  if (withCar) {
    await request(app).post('/api/people').send({ id: WHO, name: 'Nell Harrick' }).expect(201);
    await request(app).post('/api/cars').send({ id: CAR, details }).expect(201);
  }
  return {
    app,
    dir,
    context,
    close: async () => {
      context.judge.stop();
      await context.judge.idle();
      context.stores.db.close();
      rmSync(dir, { recursive: true, force: true });
    },
  };
}
