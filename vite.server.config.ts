import { defineConfig } from 'vite';

/** Bundles the server's own modules; packages stay in node_modules. */
export default defineConfig({
  build: {
    ssr: 'src/server/main.ts',
    outDir: 'dist/server',
    target: 'node20',
    emptyOutDir: true,
    rolldownOptions: { output: { entryFileNames: 'main.js' } },
  },
});
