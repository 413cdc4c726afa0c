import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import type { IncomingMessage } from 'node:http';
import { request as httpsRequest } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { cars } from '../demo/yard/cars';
import { pastWalks } from '../demo/yard/pastWalks';
import { nell, PASSWORD } from '../demo/yard/people';
import { workCars } from '../demo/yard/workCars';
import { makeDemoYard, putDemoYard } from './builders/demoYard';
import { signInAt } from './builders/runningServer';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'zelk-run-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

const env = (more: object = {}) => ({ ...process.env, ZELK_DATA: dir, PORT: '0', ...more });

/** Runs the built server until `then` has what it wants; gives what it wrote and how it ended. */
async function serve<T>(then: (origin: string) => Promise<T>, more: object = {}) {
  const child = spawn(process.execPath, ['dist/server/main.js'], {
    env: env(more),
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let out = '';
  let log = '';
  child.stderr.on('data', (chunk: Buffer) => {
    log += chunk;
  });
  const ready = new Promise<string>((resolve, reject) => {
    child.stdout.on('data', (chunk: Buffer) => {
      out += chunk;
      const origin = /^ready (https?:\/\/127\.0\.0\.1:\d+)$/m.exec(out)?.[1];
      if (origin) resolve(origin);
    });
    child.on('exit', () => reject(new Error(log)));
  });
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  const value = await then(await ready);
  child.kill('SIGTERM');
  return { value, code: await ended, out, log };
}
/** The first page of the stock list, and how many cars there are in all. */
async function carsAt(origin: string): Promise<{ first: { car: { createdAt: string } }[]; all: number }> {
  const headers = await signInAt(origin, nell.name, PASSWORD);
  const json = async (path: string) => (await fetch(origin + path, { headers })).json();
  const counts = (await json('/api/cars/counts')) as Record<string, number>;
  return {
    first: ((await json('/api/cars')) as { cars: { car: { createdAt: string } }[] }).cars,
    all: Object.values(counts).reduce((sum, each) => sum + each, 0),
  };
}
const past = new Set(pastWalks(new Date()).map(({ car }) => car.id)).size;

describe('the built server', () => {
  it('prints one line, stops gracefully, and keeps the demo yard over a second start', async () => {
    putDemoYard(dir);
    expect(existsSync(join(dir, 'making'))).toBe(false);
    const first = await serve(carsAt);
    expect(first.value.all).toBe(cars.length + workCars.length + past);
    expect(first.out).toMatch(/^ready http:\/\/127\.0\.0\.1:\d+\n$/);
    expect(first.code).toBe(0);
    expect(makeDemoYard(dir)).toBe('');
    const second = await serve(carsAt);
    expect(second.value).toEqual(first.value);
    makeDemoYard(dir, '--fresh');
    const third = await serve(carsAt);
    expect(third.value.all).toBe(first.value.all);
    expect(third.value.first[0]?.car.createdAt).not.toBe(first.value.first[0]?.car.createdAt);
  });

  it('serves pages under a strict content policy and never logs a token', async () => {
    const token = 'A'.repeat(27);
    const { value, log } = await serve(
      async (origin) => {
        const answer = await fetch(`${origin}/r/${token}`);
        await fetch(`${origin}/api/shared/${token}`);
        await fetch(`${origin}/t/${token}`);
        await fetch(`${origin}/api/trade/${token}`);
        return { headers: answer.headers, html: await answer.text() };
      },
      { ZELK_LOG: 'info' },
    );
    const policy = value.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("script-src 'self'");
    expect(policy).toContain("default-src 'self'");
    expect(value.headers.get('x-content-type-options')).toBe('nosniff');
    expect(value.headers.get('referrer-policy')).toBe('no-referrer');
    expect(value.html).not.toMatch(/<script(?![^>]*\bsrc=)|https?:\/\//);
    expect(log).toContain('/api/shared/');
    expect(log).toContain('/api/trade/');
    expect(log).not.toContain(token);
  });

  it('says plainly when its port is taken', async () => {
    const { value } = await serve(async (origin) => {
      const port = new URL(origin).port;
      try {
        execFileSync(process.execPath, ['dist/server/main.js'], {
          env: env({ PORT: port, ZELK_DATA: join(dir, 'other') }),
          stdio: 'pipe',
        });
        return '';
      } catch (error) {
        return String((error as { stderr: Buffer }).stderr);
      }
    });
    expect(value).toMatch(/Port \d+ is taken\. Set ZELK_PORT to a free one\./);
  });

  it('finishes and leaves when something fails that nobody foresaw; bin/serve starts it again', async () => {
    // A fault put in from outside, as soon as it says that it is ready.
    const fault = (what: string) => {
      const wait = `if (process.argv[1]?.endsWith('main.js')) {
        const write = process.stdout.write.bind(process.stdout);
        process.stdout.write = (text, ...more) => {
          if (String(text).startsWith('ready')) setTimeout(() => { ${what} }, 200);
          return write(text, ...more);
        };
      }`;
      return { NODE_OPTIONS: `--import=data:text/javascript,${encodeURIComponent(wait)}` };
    };
    for (const what of ["throw new Error('unforeseen')", "Promise.reject(new Error('unforeseen'))"]) {
      const child = spawn(process.execPath, ['dist/server/main.js'], {
        env: env({ ...fault(what), ZELK_LOG: 'fatal' }),
        stdio: ['ignore', 'ignore', 'pipe'],
      });
      let log = '';
      child.stderr.on('data', (chunk: Buffer) => {
        log += chunk;
      });
      expect(await new Promise((ended) => child.on('exit', ended))).toBe(70);
      expect(log).toContain('unforeseen failure, stopping');
    }
    const serving = spawn(join('bin', 'serve'), {
      env: env(fault("throw new Error('unforeseen')")),
      stdio: ['ignore', 'pipe', 'ignore'],
    });
    let out = '';
    const twice = new Promise<void>((resolve) => {
      serving.stdout.on('data', (chunk: Buffer) => {
        out += chunk;
        if ((out.match(/^ready /gm)?.length ?? 0) >= 2) resolve();
      });
    });
    const ended = new Promise((resolve) => serving.on('exit', resolve));
    await twice;
    serving.kill('SIGTERM');
    expect(await ended).toBe(0);
  });

  it.each<[string, (dir: string) => void, RegExp]>([
    [
      'a damaged database',
      (at) =>
        writeFileSync(join(at, 'zelk.db'), 'no database, but long enough to be opened as one'.repeat(40)),
      /is damaged.*bin\/restore/,
    ],
    [
      'no folder',
      (at) => {
        rmSync(at, { recursive: true });
        writeFileSync(at, '');
      },
      /is not a folder/,
    ],
    [
      'a newer database',
      (at) => {
        const db = new Database(join(at, 'zelk.db'));
        db.pragma('user_version = 999');
        db.close();
      },
      /newer Zelk/,
    ],
  ])('says in one line why it cannot start with %s, and does not try again', (_name, spoil, says) => {
    spoil(dir);
    const run = spawnSync(process.execPath, ['dist/server/main.js'], { env: env(), encoding: 'utf8' });
    expect(run.status).toBe(78);
    expect(run.stderr).toMatch(says);
    expect(run.stderr.trim().split('\n')).toHaveLength(1);
  });

  it('is one in its folder', async () => {
    const { value } = await serve(async () =>
      spawnSync(process.execPath, ['dist/server/main.js'], { env: env(), encoding: 'utf8' }),
    );
    expect(value.status).toBe(78);
    expect(value.stderr).toMatch(/^Another Zelk works in .*Stop it first/);
  });

  it('is opened by others of the network only with an owner, a closed folder and TLS, and says what is missing', () => {
    const start = (more: object) =>
      spawnSync(process.execPath, ['dist/server/main.js'], {
        env: env(more),
        encoding: 'utf8',
        timeout: 60_000,
      });
    const office = { ZELK_HOST: '0.0.0.0' };
    const nobody = start(office);
    expect([nobody.status, nobody.stderr]).toEqual([
      78,
      expect.stringMatching(/^Nobody belongs to this yard yet\./),
    ]);
    putDemoYard(dir);
    const clear = start(office);
    expect([clear.status, clear.stderr]).toEqual([
      78,
      expect.stringMatching(/^Passwords would travel in the clear\./),
    ]);
    const half = start({ ...office, ZELK_TLS_CERT: '/nowhere.pem' });
    expect([half.status, half.stderr]).toEqual([78, expect.stringMatching(/belong together/)]);
    const named = start({ ZELK_HOST: 'the-office' });
    expect([named.status, named.stderr]).toEqual([78, expect.stringMatching(/ZELK_HOST must be an address/)]);
  });

  it('speaks TLS with a certificate made on the spot, and keeps its cookies to it', async () => {
    putDemoYard(dir);
    const made = join(dir, 'tls');
    execFileSync('bash', ['bin/certificate', made, 'localhost', '127.0.0.1'], { stdio: 'pipe' });
    const tls = { ZELK_TLS_CERT: join(made, 'cert.pem'), ZELK_TLS_KEY: join(made, 'key.pem') };
    const ca = readFileSync(tls.ZELK_TLS_CERT);
    const { value } = await serve(async (origin) => {
      expect(origin).toMatch(/^https:/);
      const body = JSON.stringify({ name: nell.name, password: PASSWORD });
      const asked = httpsRequest(`${origin}/api/sign-in`, {
        ca,
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(body) },
      });
      asked.end(body);
      const [response] = (await once(asked, 'response')) as [IncomingMessage];
      return { status: response.statusCode, cookies: response.headers['set-cookie'] ?? [] };
    }, tls);
    expect(value.status).toBe(201);
    for (const cookie of value.cookies)
      expect(cookie).toMatch(/^__Host-zelk-\w+-\d+=.*; Path=\/; .*HttpOnly; Secure/);
    expect(value.cookies).toHaveLength(2);
  });

  it('lets readers in by a port of their own', async () => {
    const more = { ZELK_URL: 'https://reports.yard.example', ZELK_READERS_PORT: '0' };
    const { value } = await serve(async (origin) => (await fetch(`${origin}/api/health`)).status, more);
    expect(value).toBe(200);
  });
});
