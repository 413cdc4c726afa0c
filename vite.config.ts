import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { leaner, readCatalogues } from './vite.catalogues';
import { inOneFile, intoDist, page } from './vite.pages';

/** A built Zelk was opened at this address before, and is kept there: what is being developed would not be seen behind it. */
const LETS_GO = `self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', async () => {
  await self.registration.unregister();
  for (const page of await self.clients.matchAll()) page.navigate(page.url);
});`;

/** While developing: the pages that the server answers by itself, read from their sources. */
const pagesOfTheServer: Plugin = {
  name: 'pages-of-the-server',
  apply: 'serve',
  configureServer: ({ middlewares }) => {
    middlewares.use((request, response, next) => {
      if (request.url === '/yardWorker.js') {
        response.setHeader('Content-Type', 'text/javascript').end(LETS_GO);
        return;
      }
      if (request.url?.startsWith('/r/')) request.url = '/buyer.html';
      else if (request.url === '/arrival-worker.js') request.url = '/buyer/arrival/worker.ts';
      next();
    });
  },
};

/** What a phone keeps to open Zelk without signal, and what it calls it among its own programs. */
const kept = VitePWA({
  strategies: 'injectManifest',
  srcDir: 'offline',
  filename: 'yardWorker.ts',
  // The page registers it itself, once it has come to rest.
  injectRegister: false,
  injectManifest: { globPatterns: ['**/*.{html,js,css,svg,woff2}'] },
  manifest: {
    id: '/',
    name: 'Zelk',
    short_name: 'Zelk',
    description: 'Walk a used car panel by panel.',
    start_url: '/',
    display: 'standalone',
    background_color: '#fbfaf6',
    theme_color: '#fbfaf6',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  },
});

/** The yard’s pages; while developing those of buyers too. */
export default defineConfig({
  root: 'src/web',
  plugins: [readCatalogues, react(), tailwindcss(), pagesOfTheServer, kept],
  resolve: { alias: leaner },
  worker: { plugins: () => [readCatalogues] },
  build: {
    ...intoDist,
    emptyOutDir: true,
    rolldownOptions: { input: { index: page('index.html') }, output: inOneFile },
  },
  // The address one opens; behind it the server, which `npm run dev` starts on a port of its own.
  server: {
    host: '127.0.0.1',
    port: Number(process.env.PORT ?? 4310),
    strictPort: true,
    // Modules of src/web/api are the interface's own.
    proxy: { '^/api/(?!.*\\.tsx?(\\?|$))': `http://127.0.0.1:${process.env.ZELK_API_PORT ?? 4311}` },
  },
});
