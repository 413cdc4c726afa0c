import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A built server of its own, on a data folder of its own. */
export class RunningServer {
  readonly dataDir = mkdtempSync(join(tmpdir(), 'zelk-e2e-'));
  #process: ChildProcess | undefined;
  #port = 0;

  get origin(): string {
    return `http://127.0.0.1:${this.#port}`;
  }

  get pid(): number {
    return this.#process?.pid ?? 0;
  }

  /** Starts, on the same port as before if it ran already. */
  async start(): Promise<void> {
    const child = spawn(process.execPath, ['dist/server/main.js'], {
      env: { ...process.env, PORT: String(this.#port), ZELK_DATA: this.dataDir },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.#process = child;
    this.#port = await new Promise<number>((resolve, reject) => {
      child.stdout?.on('data', (line: Buffer) => {
        const ready = /^ready http:\/\/127\.0\.0\.1:(\d+)$/m.exec(line.toString());
        if (ready) resolve(Number(ready[1]));
      });
      child.on('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    });
  }

  async end(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<void> {
    const child = this.#process;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const exited = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await exited;
  }

  async post(path: string, body: unknown): Promise<Response> {
    return fetch(this.origin + path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
  }

  remove(): void {
    rmSync(this.dataDir, { recursive: true, force: true });
  }
}
