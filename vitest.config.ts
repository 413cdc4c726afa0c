import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['src/**/*.test.ts', 'tests/**/*.test.ts', 'demo/**/*.test.ts'],
    // A guard against what hangs, no measure of speed: making the demo yard twice takes half a minute on a slow machine.
    testTimeout: 180_000,
    hookTimeout: 60_000,
  },
});
