import { resolve } from 'node:path';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

const page = (name: string) => resolve(import.meta.dirname, 'src/web', name);

/** While developing: the pages that the server answers by itself, read from their sources. */
const pagesOfTheServer: Plugin = {
  name: 'pages-of-the-server',
  apply: 'serve',
  configureServer: ({ middlewares }) => {
    middlewares.use((request, _response, next) => {
      if (request.url?.startsWith('/r/')) request.url = '/buyer.html';
      else if (request.url === '/arrival-worker.js') request.url = '/buyer/arrival/worker.ts';
      next();
    });
  },
};

/**
 * The interface: one page for the yard, a small one of its own for buyers. They are built one after the other (`--mode buyer`), so that
 * what a page needs to open comes in one file and none of it is the other page's: a hundred small files cost a phone a second.
 */
export default defineConfig(({ mode }) => ({
  root: 'src/web',
  plugins: [react(), tailwindcss(), pagesOfTheServer],
  build: {
    outDir: '../../dist/web',
    emptyOutDir: mode !== 'buyer',
    // Fonts and pictures stay files: the content policy allows no data: fonts, and caches work better.
    assetsInlineLimit: 0,
    rolldownOptions: {
      input:
        mode === 'buyer'
          ? { buyer: page('buyer.html'), 'arrival-worker': page('buyer/arrival/worker.ts') }
          : { index: page('index.html') },
      output: {
        codeSplitting: {
          groups: [{ name: 'start', tags: ['$initial'], test: (id) => !id.includes('arrival/worker') }],
        },
        // A worker answers for the pages beside and below it, and is found again by its name.
        entryFileNames: ({ name }) => (name === 'arrival-worker' ? '[name].js' : 'assets/[name]-[hash].js'),
      },
    },
  },
  // The address one opens; behind it the server, which `npm run dev` starts on a port of its own.
  server: {
    host: '127.0.0.1',
    port: Number(process.env.PORT ?? 4310),
    strictPort: true,
    // Modules of src/web/api are the interface's own.
    proxy: { '^/api/(?!.*\\.tsx?(\\?|$))': `http://127.0.0.1:${process.env.ZELK_API_PORT ?? 4311}` },
  },
}));
