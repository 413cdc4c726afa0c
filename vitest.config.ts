import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    globalSetup: ['tests/builders/buildAside.ts'],
    setupFiles: ['tests/builders/timeFiles.ts'],
    include: ['src/**/*.test.ts', 'tests/**/*.test.ts', 'demo/**/*.test.ts'],
    // Modules hold no state that one test could leave to the next: loading them once per worker saves a third of the time.
    isolate: false,
    maxWorkers: Number(process.env.ZELK_WORKERS ?? 2),
    // A guard against what hangs, no measure of speed: making the demo yard twice takes half a minute on a slow machine.
    testTimeout: 180_000,
    hookTimeout: 60_000,
  },
});
