// Builds the interface (the yard's pages, then the buyer's beside them) and, at the same time, the server.
import { spawn } from 'node:child_process';

const vite = (...args) =>
  new Promise((resolve, reject) => {
    const child = spawn(process.execPath, ['node_modules/vite/bin/vite.js', 'build', ...args], {
      stdio: 'inherit',
      // Whoever asks for it, a test among them, gets what a phone gets.
      env: { ...process.env, NODE_ENV: 'production' },
    });
    child.on('error', reject);
    child.on('close', (code) =>
      code === 0 ? resolve() : reject(new Error(`vite build ${args.join(' ')} failed`)),
    );
  });

await Promise.all([
  vite().then(() => vite('--config', 'vite.buyer.config.ts')),
  vite('--config', 'vite.server.config.ts'),
]);
