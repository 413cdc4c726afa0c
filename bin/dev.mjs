// Development mode: the interface with hot reload, the server started again on every change, one address, a demo yard of its own.
//   npm run dev     PORT (default 4310) is the address one opens, ZELK_DATA (default .data-dev) where its data lies.
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { createServer } from 'vite';

const data = process.env.ZELK_DATA ?? '.data-dev';
const port = Number(process.env.PORT ?? 4310);
const apiPort = String(port + 1);
const env = {
  ...process.env,
  PORT: apiPort,
  ZELK_DATA: data,
  ZELK_URL: `http://127.0.0.1:${port}`,
  // Pages come from Vite, not from an earlier build.
  ZELK_WEB: '.no-built-interface',
};
const children = new Set();

/** Runs TypeScript as it stands; what it prints goes to the terminal. */
function run(...args) {
  const child = spawn('npx', ['tsx', ...args], {
    env,
    stdio: ['ignore', 'inherit', 'inherit'],
    detached: true,
  });
  children.add(child);
  child.once('exit', () => children.delete(child));
  return new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 1)));
}

function stop(code) {
  // The whole group: npx, tsx and the server under it.
  for (const { pid } of children) if (pid) process.kill(-pid, 'SIGTERM');
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => stop(0));

if (!existsSync(`${data}/zelk.db`)) {
  console.log(`Making a demo yard in ${data}: some ten seconds.`);
  const code = await run('demo/yard/main.ts');
  if (code !== 0) stop(code);
}
run('watch', '--clear-screen=false', 'src/server/main.ts').then(stop);
process.env.ZELK_API_PORT = apiPort;
process.env.PORT = String(port);
const vite = await createServer();
await vite.listen();
console.log(`\nOpen http://127.0.0.1:${port}   (the server behind it: ${apiPort})`);
