import { defineConfig } from 'vite';

/** Bundles the server's own modules; packages stay in node_modules. */
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist/server',
    target: 'node20',
    emptyOutDir: true,
    rolldownOptions: {
      input: { main: 'src/server/main.ts', demo: 'demo/yard/main.ts' },
      output: { entryFileNames: '[name].js', chunkFileNames: 'shared-[hash].js' },
    },
  },
});
