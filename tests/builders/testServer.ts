import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Express } from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../../src/server/http/createApp';
import { makeContext } from '../../src/server/makeContext';
import { details } from './car';
import { CAR, START, WHO } from './entries';

export interface TestServer {
  app: Express;
  dir: string;
  context: ReturnType<typeof makeContext>;
  close: () => Promise<void>;
}

/** An application on a real database file in a folder of its own, an hour after the test walks began. */
export async function startTestServer(withCar = true): Promise<TestServer> {
  const dir = mkdtempSync(join(tmpdir(), 'zelk-test-'));
  const context = makeContext(dir, pino({ level: 'silent' }), () => new Date(START + 3_600_000));
  const app = createApp(context, join(dir, 'no-interface'));
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
