import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { inOneFile, intoDist, page } from './vite.pages';

/** The buyer’s page and its worker, built beside the yard’s. */
export default defineConfig({
  root: 'src/web',
  plugins: [react(), tailwindcss()],
  build: {
    ...intoDist,
    emptyOutDir: false,
    rolldownOptions: {
      input: { buyer: page('buyer.html'), 'arrival-worker': page('buyer/arrival/worker.ts') },
      output: inOneFile,
    },
  },
});
