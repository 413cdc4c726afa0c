import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { createServer } from 'vite';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The page that renders, in headless Chromium with software GL. */
export async function openStage() {
  const server = await createServer({
    root: here('./stage'),
    configFile: false,
    logLevel: 'error',
    server: { port: 0, host: '127.0.0.1', hmr: false, watch: null, fs: { allow: [here('../..')] } },
  });
  await server.listen();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--use-angle=swiftshader',
      '--enable-unsafe-swiftshader',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--no-first-run',
    ],
  });
  const page = await browser.newPage();
  page.on('pageerror', (error) => process.stderr.write(`${error.message}\n`));
  await page.goto(server.resolvedUrls?.local[0] ?? '');
  await page.waitForFunction(() => 'takePicture' in window);
  return {
    page,
    close: async () => {
      await browser.close();
      await server.close();
    },
  };
}
