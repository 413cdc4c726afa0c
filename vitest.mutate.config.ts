import { defineConfig } from 'vitest/config';

/**
 * Tests that judge readings, for `npm run mutate`. Those that look at whole pictures are left out: with every line counted they take minutes,
 * and `refineCard`, which they alone hold, with them.
 */
export default defineConfig({
  test: {
    include: ['src/core/{tyres,paint,papers,glass,wheels,picture,readings}/**/*.test.ts'],
    testTimeout: 60_000,
  },
});
