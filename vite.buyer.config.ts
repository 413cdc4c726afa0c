import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { leaner, readCatalogues } from './vite.catalogues';
import { inOneFile, intoDist, page } from './vite.pages';

/** The buyer’s page and its worker, built beside the yard’s. */
export default defineConfig({
  root: 'src/web',
  plugins: [readCatalogues, react(), tailwindcss()],
  resolve: { alias: leaner },
  worker: { plugins: () => [readCatalogues] },
  build: {
    ...intoDist,
    emptyOutDir: false,
    rolldownOptions: {
      input: { buyer: page('buyer.html'), 'arrival-worker': page('buyer/arrival/worker.ts') },
      output: inOneFile,
    },
  },
});
