import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { request as ask } from 'node:https';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { details } from './builders/car';
import { begun, CAR, entriesOf, noted, WALK } from './builders/entries';
import { jpeg, sha256Of } from './builders/photos';
import { OWNER_PASSWORD, RunningServer } from './builders/runningServer';

const NAME = 'zelk.yard.example';

/** Debian’s, installed or unpacked by bin/test. */
const binaryOf = (name: string, folder: string) =>
  [`/usr/${folder}/${name}`, `node_modules/.cache/${name}/usr/${folder}/${name}`].find((file) =>
    existsSync(file),
  );

/** What docs/running.md tells to write for a proxy, word for word; the port is this test’s. */
function asDocumented(proxy: string, port: number): string {
  const text = readFileSync('docs/running.md', 'utf8');
  const block = new RegExp(`^ {4}# ${proxy}\\n((?: {4}.*\\n)+)`, 'm').exec(text)?.[1];
  if (!block) throw new Error(`docs/running.md has no block for ${proxy}`);
  return block.replace('127.0.0.1:4310', `127.0.0.1:${port}`);
}

interface Proxy {
  name: string;
  binary: string | undefined;
  /** Writes its configuration into `dir`; gives back what it is started with. */
  set: (dir: string, from: number, to: number) => string[];
}

const nginx: Proxy = {
  name: 'nginx',
  binary: binaryOf('nginx', 'sbin'),
  set: (dir, from, to) => {
    writeFileSync(
      join(dir, 'nginx.conf'),
      `daemon off; master_process off; pid ${dir}/pid; error_log ${dir}/error.log;
       events {}
       http {
         access_log off; client_body_temp_path ${dir}/body; proxy_temp_path ${dir}/proxy;
         fastcgi_temp_path ${dir}/a; uwsgi_temp_path ${dir}/b; scgi_temp_path ${dir}/c;
         server {
           listen 127.0.0.1:${from} ssl;
           ssl_certificate ${dir}/cert.pem; ssl_certificate_key ${dir}/key.pem;
           ${asDocumented('nginx', to)}
         }
       }`,
    );
    return ['-c', join(dir, 'nginx.conf'), '-p', dir];
  },
};

const caddy: Proxy = {
  name: 'Caddy',
  binary: binaryOf('caddy', 'bin'),
  set: (dir, from, to) => {
    // Nobody outside can vouch for a name on loopback: it is given the certificate made here, and a port of its own.
    const block = asDocumented('Caddy', to)
      .replace(`${NAME} {`, `https://${NAME}:${from} {\n bind 127.0.0.1\n tls ${dir}/cert.pem ${dir}/key.pem`)
      .trim();
    writeFileSync(
      join(dir, 'Caddyfile'),
      `{\n admin off\n auto_https disable_redirects\n storage file_system ${dir}/caddy\n}\n${block}\n`,
    );
    return ['run', '--config', join(dir, 'Caddyfile'), '--adapter', 'caddyfile'];
  },
};

const freePort = () =>
  new Promise<number>((tell) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => tell(port));
    });
  });

let server: RunningServer;
let proxy: ChildProcess;
let dir: string;
let port: number;
let cert: Buffer;
async function begin({ binary, set }: Proxy): Promise<void> {
  dir = mkdtempSync(join(tmpdir(), 'zelk-proxy-'));
  execFileSync('bin/certificate', [dir, NAME]);
  cert = readFileSync(join(dir, 'cert.pem'));
  server = new RunningServer();
  await server.start();
  await server.post('/api/cars', { id: CAR, details });
  await server.end();
  await server.start({ ZELK_URL: `https://${NAME}`, ZELK_TRUST_PROXY: '127.0.0.1' });
  port = await freePort();
  const how = set(dir, port, Number(new URL(server.origin).port));
  proxy = spawn(binary as string, how, {
    stdio: ['ignore', 'ignore', 'pipe'],
    env: { ...process.env, HOME: dir },
  });
  let told = '';
  proxy.stderr?.on('data', (part: Buffer) => {
    told += part;
  });
  const isUp = () =>
    through('GET', '/api/health').then(
      () => true,
      () => false,
    );
  for (let tries = 0; !(await isUp()); tries++) {
    if (tries === 50) throw new Error(told);
    await new Promise((later) => setTimeout(later, 200));
  }
}

async function end(): Promise<void> {
  const ended = new Promise((done) => proxy.once('exit', done));
  proxy.kill('SIGTERM');
  await ended;
  await server.end();
  server.remove();
  rmSync(dir, { recursive: true, force: true });
}

interface Answer {
  status: number;
  headers: Record<string, string | string[] | undefined>;
  body: string;
}

/** Asks the proxy, by the name of the yard, over TLS as its certificate says. */
function through(
  method: string,
  path: string,
  {
    body,
    headers = {},
    host = NAME,
  }: { body?: string | Buffer; headers?: Record<string, string>; host?: string } = {},
): Promise<Answer> {
  return new Promise((tell, fail) => {
    const request = ask(
      {
        host: '127.0.0.1',
        port,
        servername: NAME,
        ca: cert,
        method,
        path,
        headers: { Host: host, ...headers },
      },
      (answer) => {
        const parts: Buffer[] = [];
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('end', () =>
          tell({
            status: answer.statusCode ?? 0,
            headers: answer.headers,
            body: Buffer.concat(parts).toString(),
          }),
        );
      },
    );
    request.on('error', fail);
    request.end(body);
  });
}
const json = { 'Content-Type': 'application/json', Origin: `https://${NAME}` };

describe.each([nginx, caddy])('behind $name, set up as the documents say', (tried) => {
  const isAbsent = tried.binary === undefined;
  let cookie = '';
  beforeAll(async () => {
    if (!isAbsent) await begin(tried);
  });
  afterAll(async () => {
    if (!isAbsent) await end();
  });

  it.skipIf(isAbsent)('a person signs in by the yard’s name; the cookie is for TLS alone', async () => {
    const { status, headers } = await through('POST', '/api/sign-in', {
      headers: json,
      body: JSON.stringify({ name: 'Nell', password: OWNER_PASSWORD, device: 'Phone' }),
    });
    expect(status).toBe(201);
    const set = [headers['set-cookie'] ?? []].flat();
    expect(set.length).toBeGreaterThan(0);
    for (const each of set) expect(each).toMatch(/; Secure(;|$)/);
    cookie = set.map((each) => each.split(';')[0]).join('; ');
    expect((await through('GET', '/api/cars', { headers: { Cookie: cookie } })).status).toBe(200);
  });

  it.skipIf(isAbsent)('another name is refused, and so is a page of another origin', async () => {
    const other = await through('GET', '/api/health', { host: 'elsewhere.example' });
    // Caddy does not pass it on, and answers with nothing.
    expect(other.status === 421 || other.body === '').toBe(true);
    const foreign = { ...json, Origin: 'https://elsewhere.example', Cookie: cookie };
    expect((await through('POST', '/api/sign-out', { headers: foreign, body: '{}' })).status).toBe(403);
  });

  it.skipIf(isAbsent)('measures stay on the machine', async () => {
    expect((await through('GET', '/api/metrics')).status).toBe(404);
  });

  it.skipIf(isAbsent)('a large photo passes, and news come through as they happen', async () => {
    // More than a proxy takes by itself: one megabyte for nginx.
    const bytes = Buffer.concat([await jpeg(3), Buffer.alloc(3_000_000)]);
    const photo = await through('PUT', `/api/photos/${sha256Of(bytes)}`, {
      headers: { 'Content-Type': 'image/jpeg', Origin: `https://${NAME}`, Cookie: cookie },
      body: bytes,
    });
    expect(photo.status).toBe(200);
    const post = (entries: object[]) =>
      through('POST', `/api/walks/${WALK}/entries`, {
        headers: { ...json, Cookie: cookie },
        body: JSON.stringify({ entries }),
      });
    const log = entriesOf([begun, noted(1)]);
    expect((await post(log.slice(0, 1))).status).toBe(200);
    const news = new Promise<string>((tell, fail) => {
      const stream = ask(
        {
          host: '127.0.0.1',
          port,
          servername: NAME,
          ca: cert,
          path: `/api/walks/${WALK}/live`,
          headers: { Host: NAME, Cookie: cookie },
        },
        (answer) => {
          post(log.slice(1)).catch(fail);
          answer.on('data', (part: Buffer) => {
            // What it is told at first is how it stood.
            if (!part.toString().includes('data: 2')) return;
            tell(part.toString());
            stream.destroy();
          });
        },
      );
      stream.on('error', fail);
      stream.end();
    });
    expect(await news).toContain('event: log');
  });
});
