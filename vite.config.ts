import { resolve } from 'node:path';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const page = (name: string) => resolve(import.meta.dirname, 'src/web', name);

/** The interface: one page for the yard, a small one of its own for buyers. */
export default defineConfig({
  root: 'src/web',
  plugins: [react(), tailwindcss()],
  build: {
    outDir: '../../dist/web',
    emptyOutDir: true,
    // Fonts and pictures stay files: the content policy allows no data: fonts, and caches work better.
    assetsInlineLimit: 0,
    rolldownOptions: {
      input: {
        index: page('index.html'),
        buyer: page('buyer.html'),
        'arrival-worker': page('buyer/arrival/worker.ts'),
      },
      output: {
        // A worker answers for the pages beside and below it, and is found again by its name.
        entryFileNames: ({ name }) => (name === 'arrival-worker' ? '[name].js' : 'assets/[name]-[hash].js'),
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
