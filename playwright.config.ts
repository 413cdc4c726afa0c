import { defineConfig } from '@playwright/test';

const launchOptions = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // A camera of its own making for the viewfinder.
    '--use-fake-device-for-media-stream',
  ],
};

/** Drives the built application in real Chromium, at the two widths it is designed for. */
export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results',
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 1,
  forbidOnly: true,
  reporter: [['line'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: { launchOptions, trace: 'off', locale: 'en-GB', timezoneId: 'Europe/London' },
  projects: [
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } },
    // Taps are counted, and fingers moved, where there is glass.
    { name: 'desk', testIgnore: /(taps|touch)\.spec/, use: { viewport: { width: 1280, height: 800 } } },
  ],
});
