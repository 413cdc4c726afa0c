import { spawn } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { jpeg, sha256Of } from './builders/photos';
import { RunningServer, signInAt } from './builders/runningServer';

let server: RunningServer;
beforeEach(() => {
  server = new RunningServer();
});
afterEach(async () => {
  await server.end();
  server.remove();
});

/** A photo of some weight: noise does not compress. */
async function heavy(seed = 1): Promise<Buffer> {
  let state = seed;
  const noise = Buffer.alloc(900 * 700 * 3).map(() => {
    state = (state * 48271) % 2147483647;
    return state & 255;
  });
  return sharp(noise, { raw: { width: 900, height: 700, channels: 3 } })
    .jpeg({ quality: 95 })
    .toBuffer();
}

/** Waits until the server has written so many bytes of an upload to its disk. */
async function onDisk(bytes: number): Promise<void> {
  const incoming = join(server.dataDir, 'photos', 'incoming');
  const isThere = () =>
    existsSync(incoming) &&
    readdirSync(incoming).some(
      (name) => (statSync(join(incoming, name), { throwIfNoEntry: false })?.size ?? 0) >= bytes,
    );
  while (!isThere()) await new Promise((later) => setTimeout(later, 10));
}

/** Announces all of a photo, sends so many bytes of it and hangs up once they have arrived. */
function cutAt(sha256: string, bytes: Buffer, at: number, from = 0): Promise<void> {
  const { hostname, port } = new URL(server.origin);
  return new Promise((resolve, reject) => {
    const socket = connect(Number(port), hostname, () => {
      socket.write(
        `PUT /api/photos/${sha256}${from > 0 ? `?from=${from}` : ''} HTTP/1.1\r\nHost: ${hostname}:${port}\r\nCookie: ${server.signed.Cookie}\r\nContent-Type: image/jpeg\r\nContent-Length: ${bytes.length - from}\r\n\r\n`,
      );
      socket.write(bytes.subarray(from, at), () => {
        onDisk(at).then(() => socket.destroy(), reject);
      });
    });
    socket.on('close', () => resolve());
    socket.on('error', reject);
  });
}

const received = async (sha256: string): Promise<{ bytes: number; stored: boolean }> =>
  (await server.fetch(`/api/photos/${sha256}/received`)).json() as never;
const put = (sha256: string, bytes: Buffer, from = 0) =>
  server.fetch(`/api/photos/${sha256}${from > 0 ? `?from=${from}` : ''}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'image/jpeg' },
    body: new Uint8Array(bytes.subarray(from)),
  });
/** The server notices a broken connection a little after. */
async function settled(sha256: string, least: number): Promise<number> {
  for (let i = 0; i < 600; i++) {
    const { bytes } = await received(sha256);
    if (bytes >= least) return bytes;
    await new Promise((later) => setTimeout(later, 20));
  }
  return (await received(sha256)).bytes;
}

describe('an upload cut on the way', () => {
  it('is gone on with where it broke, wherever that was, and shows nothing before it is whole', async () => {
    await server.start();
    for (const [i, share] of [0.0001, 0.2, 0.5, 0.93, 0.99999].entries()) {
      const bytes = await heavy(i + 3);
      const sha256 = sha256Of(bytes);
      const at = Math.max(1, Math.floor(bytes.length * share));
      await cutAt(sha256, bytes, at);
      const here = await settled(sha256, at);
      expect(here).toBe(at);
      expect((await server.fetch(`/api/photos/${sha256}/320`)).status).toBe(404);
      const answer = await put(sha256, bytes, here);
      expect(answer.status, await answer.clone().text()).toBe(200);
      expect(await received(sha256)).toEqual({ bytes: bytes.length, stored: true });
      expect((await server.fetch(`/api/photos/${sha256}/320`)).status).toBe(200);
    }
  });

  it('survives a second cut and a killed server', async () => {
    await server.start();
    const bytes = await heavy();
    const sha256 = sha256Of(bytes);
    await cutAt(sha256, bytes, 50_000);
    await settled(sha256, 50_000);
    await cutAt(sha256, bytes, 120_000, 50_000);
    expect(await settled(sha256, 120_000)).toBe(120_000);
    await server.end('SIGKILL');
    await server.start();
    expect((await received(sha256)).bytes).toBe(120_000);
    expect((await put(sha256, bytes, 120_000)).status).toBe(200);
  });

  it('says where it stands when a sender is wrong about that, and takes the whole instead', async () => {
    await server.start();
    const bytes = await heavy();
    const sha256 = sha256Of(bytes);
    await cutAt(sha256, bytes, 50_000);
    await settled(sha256, 50_000);
    const wrong = await put(sha256, bytes, 40_000);
    expect(wrong.status).toBe(409);
    expect(((await wrong.json()) as { detail: string }).detail).toMatch(
      /^50000 bytes of this photo are here, not 40000/,
    );
    expect((await put(sha256, bytes)).status).toBe(200);
    // Two who go on with one beginning at once: one of them may, and the photo is right.
    const other = await heavy(9);
    const name = sha256Of(other);
    await cutAt(name, other, 50_000);
    await settled(name, 50_000);
    const answers = await Promise.all([put(name, other, 50_000), put(name, other, 50_000)]);
    expect(answers.map(({ status }) => status).toSorted()[0]).toBe(200);
    expect(answers.every(({ status }) => status === 200 || status === 409)).toBe(true);
  });

  it('whose beginning is of something else is refused, and forgotten', async () => {
    await server.start();
    const [one, two] = [await heavy(1), await heavy(2)];
    const sha256 = sha256Of(one);
    await cutAt(sha256, two, 50_000);
    await settled(sha256, 50_000);
    expect((await put(sha256, one, 50_000)).status).toBe(422);
    expect((await received(sha256)).bytes).toBe(0);
    expect((await put(sha256, one)).status).toBe(200);
  });
});

describe('at the start', () => {
  it('files that no row names are put aside, those of photos are kept', async () => {
    await server.start();
    const bytes = await jpeg(4);
    const kept = sha256Of(bytes);
    expect((await put(kept, bytes)).status).toBe(200);
    await server.end('SIGKILL');
    // As a server killed between file and row leaves them.
    const orphan = 'ab'.repeat(32);
    const photos = join(server.dataDir, 'photos');
    for (const kind of ['originals', '320', '1600']) {
      mkdirSync(join(photos, kind, 'ab'), { recursive: true });
      const file = join(photos, kind, 'ab', kind === 'originals' ? orphan : `${orphan}.jpg`);
      writeFileSync(file, bytes);
      // Other things were written down since.
      utimesSync(file, new Date('2026-03-14'), new Date('2026-03-14'));
    }
    writeFileSync(join(photos, 'incoming', 'half'), bytes);
    await server.start();
    // The yard is open while its files are looked through.
    for (const kind of ['originals', '320', '1600'])
      await expect.poll(() => readdirSync(join(photos, kind, 'ab'))).toEqual([]);
    const { aside } = await (await server.fetch(`/api/yard/files`)).json();
    expect(aside).toEqual([
      { since: expect.stringMatching(/^\d{4}-\d{2}-\d{2}$/), files: 3, bytes: 3 * bytes.length },
    ]);
    expect(readdirSync(join(photos, 'incoming'))).toEqual([]);
    expect((await server.fetch(`/api/photos/${kept}/1600`)).status).toBe(200);
    expect(readFileSync(join(photos, 'originals', kept.slice(0, 2), kept))).toEqual(bytes);
  });
});

describe('a server without room', () => {
  it('says so in plain words, keeps nothing half, and takes the photo once there is room', async () => {
    // The database is there, with somebody who signs in.
    await server.start();
    await server.end();
    // A limit on file size stands for a full disk: writing fails in the middle of the photo.
    const child = spawn('bash', ['-c', "trap '' XFSZ; ulimit -f 256; exec node dist/server/main.js"], {
      env: { ...process.env, PORT: '0', ZELK_DATA: server.dataDir, ZELK_LOG: 'silent' },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    try {
      const origin = await new Promise<string>((resolve) =>
        child.stdout.on('data', (line: Buffer) => {
          const ready = /ready (http\S+)/.exec(line.toString());
          if (ready?.[1]) resolve(ready[1]);
        }),
      );
      const bytes = await heavy();
      expect(bytes.length).toBeGreaterThan(256 * 1024);
      const sha256 = sha256Of(bytes);
      const answer = await fetch(`${origin}/api/photos/${sha256}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'image/jpeg', ...(await signInAt(origin, 'Nell')) },
        body: new Uint8Array(bytes),
      });
      expect(answer.status).toBe(507);
      expect(((await answer.json()) as { detail: string }).detail).toMatch(/disk of Zelk’s server is full/);
      expect(readdirSync(join(server.dataDir, 'photos', 'incoming'))).toEqual([]);
      child.kill('SIGTERM');
      await new Promise((resolve) => child.once('exit', resolve));
      await server.start();
      expect((await put(sha256, bytes)).status).toBe(200);
    } finally {
      child.kill('SIGKILL');
    }
  });
});
