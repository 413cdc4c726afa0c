import { defineConfig } from '@playwright/test';
import { browserPath } from './tests/e2e/browser';

/**
 * Chromium's own window, drawn as a page in a process of its own for every context, took a fifth of the time. The switch replaces the runner's
 * list of features that tests are steadier without, so that list stands here too.
 */
const withoutFeatures = [
  'PreloadTopChromeWebUI',
  'InitialWebUI',
  'WebUIReloadButton',
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'WebUITabStrip',
  'TabSearch',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsUpgrades',
  'HttpsFirstBalancedModeAutoEnable',
  'LensOverlay',
  'MediaRouter',
  'PaintHolding',
  'ThirdPartyStoragePartitioning',
  'AvoidCorsURLLoaderRestartOnRedirect',
  'OptimizationHints',
  'NetworkTimeServiceQuerying',
  'AimEnabled',
  'PreconnectToSearch',
];

const launchOptions = {
  executablePath: browserPath,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    `--disable-features=${withoutFeatures.join(',')}`,
    // A camera of its own making for the viewfinder.
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
  ],
};

/** Drives the built application in real Chromium, at the two widths it is designed for. */
export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results',
  // Guards against what hangs, no measures of speed.
  timeout: 360_000,
  expect: { timeout: 60_000 },
  // Each worker has a server of its own, each test a car of its own.
  fullyParallel: true,
  // A browser waits for a third of the time: three fill two cores.
  workers: Number(process.env.ZELK_WORKERS ?? 3),
  forbidOnly: true,
  reporter: [['line'], ['json', { outputFile: 'test-results/e2e.json' }]],
  // Gliding maps take a tenth of the time to draw; the test of turning round the car has them move.
  use: {
    launchOptions,
    trace: 'off',
    // Pages come from the server that is tested; what opens without one has tests of its own.
    serviceWorkers: 'block',
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    contextOptions: { reducedMotion: 'reduce' },
  },
  projects: [
    {
      name: 'phone',
      grepInvert: /@desk/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
    },
    { name: 'desk', grepInvert: /@phone/, use: { viewport: { width: 1280, height: 800 } } },
  ],
});
