import { type ChildProcess, spawn } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { WHO } from './entries';
import { putFreshDatabase } from './freshDatabase';

/** Whoever owns the yards of tests. */
export const OWNER_PASSWORD = 'salt marsh lantern';

/** Signs in by name on a server that has that person; what requests carry from then on. */
export async function signInAt(
  origin: string,
  name: string,
  password = OWNER_PASSWORD,
  device = 'Tests',
): Promise<{ Cookie: string }> {
  const answer = await fetch(`${origin}/api/sign-in`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ name, password, device }),
  });
  if (!answer.ok) throw new Error(await answer.text());
  return { Cookie: cookiesIn(answer) };
}

const cookiesIn = (answer: Response): string =>
  answer.headers
    .getSetCookie()
    .map((cookie) => cookie.split(';')[0])
    .join('; ');

/**
 * Ports below those the system hands out by itself: one that is free after a server went stays free until it is started again. Each process of tests has a
 * block of its own.
 */
const [LOWEST_PORT, PORTS, BLOCK] = [20_000, 12_000, 16];
let given = 0;
const nextPort = (): number => LOWEST_PORT + ((process.pid * BLOCK + given++) % PORTS);

/** What the server ends with where it cannot start: its port is taken, say. */
const CANNOT_START = 78;

/** A built server of its own, on a data folder of its own, with somebody signed in. */
export class RunningServer {
  readonly dataDir = mkdtempSync(join(tmpdir(), 'zelk-e2e-'));
  #process: ChildProcess | undefined;
  #port = 0;
  #cookie = '';
  #first = '';
  #web = 'dist/web';

  /** `owner` comes in by the address the server prints at its first start; null leaves it to the test. */
  constructor(private readonly owner: { id: string; name: string } | null = { id: WHO, name: 'Nell' }) {}

  get origin(): string {
    return `http://127.0.0.1:${this.#port}`;
  }

  /** What the server printed for the first owner. */
  get firstAddress(): string {
    return `${this.origin}/enter#${this.#first}`;
  }

  get pid(): number {
    return this.#process?.pid ?? 0;
  }

  /** Starts, on the same port as before if it ran already; `settings` as a yard sets them. */
  async start(settings: Record<string, string> = {}): Promise<void> {
    if (this.#port > 0 || settings.PORT) return this.#startAt(settings);
    putFreshDatabase(this.dataDir);
    for (let tries = 0; ; tries++) {
      this.#port = nextPort();
      try {
        return await this.#startAt(settings);
      } catch (error) {
        if (tries === BLOCK || !String(error).endsWith(String(CANNOT_START))) throw error;
      }
    }
  }

  async #startAt(settings: Record<string, string>): Promise<void> {
    const child = spawn(process.execPath, ['dist/server/main.js'], {
      env: {
        ...process.env,
        PORT: String(this.#port),
        ZELK_DATA: this.dataDir,
        ZELK_WEB: this.#web,
        ...settings,
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.#process = child;
    let said = '';
    this.#port = await new Promise<number>((resolve, reject) => {
      child.stdout?.on('data', (line: Buffer) => {
        said += line.toString();
        const ready = /^ready http:\/\/127\.0\.0\.1:(\d+)$/m.exec(said);
        if (ready) resolve(Number(ready[1]));
      });
      child.on('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    });
    const token = /\/enter#(\S+)/.exec(said)?.[1] ?? '';
    this.#first = token;
    if (token && this.owner) await this.#comeIn(token);
  }

  async end(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<void> {
    const child = this.#process;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const exited = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await exited;
  }

  async #comeIn(token: string): Promise<void> {
    const answer = await this.post('/api/first', {
      ...this.owner,
      token,
      password: OWNER_PASSWORD,
      device: 'Tests',
    });
    if (!answer.ok) throw new Error(await answer.text());
    this.#cookie = cookiesIn(answer);
  }

  /** What a browser holds where the owner is signed in, as Playwright takes it. */
  get cookies(): { name: string; value: string; url: string }[] {
    return this.#cookie.split('; ').map((cookie) => {
      const [name = '', value = ''] = cookie.split('=');
      return { name, value, url: this.origin };
    });
  }

  /** What the owner's requests carry. */
  get signed(): { Cookie: string } {
    return { Cookie: this.#cookie };
  }

  /** Asks as the owner. */
  async fetch(path: string, init: RequestInit = {}): Promise<Response> {
    return fetch(this.origin + path, { ...init, headers: { ...init.headers, ...this.signed } });
  }

  async post(path: string, body: unknown): Promise<Response> {
    return this.fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
  }

  /** From its next start it serves another build, whose page is changed. */
  changePage(change: (html: string) => string): void {
    const web = join(this.dataDir, 'web-of-test');
    cpSync('dist/web', web, { recursive: true });
    const edit = (name: string, how: (text: string) => string) =>
      writeFileSync(join(web, name), how(readFileSync(join(web, name), 'utf8')));
    edit('index.html', change);
    edit('yardWorker.js', (text) =>
      text.replace(/"revision":"[^"]*","url":"index.html"/, '"revision":"another","url":"index.html"'),
    );
    this.#web = web;
  }

  remove(): void {
    rmSync(this.dataDir, { recursive: true, force: true });
  }
}
