import { defineConfig } from 'vite';

/** Bundles the server's own modules; packages stay in node_modules. */
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist/server',
    target: 'node20',
    emptyOutDir: true,
    rolldownOptions: {
      // `aside` is the child process in which strangers' files are opened.
      input: {
        main: 'src/server/main.ts',
        demo: 'demo/yard/main.ts',
        aside: 'src/server/jobs/child.ts',
        backup: 'src/server/backupTool/main.ts',
        enter: 'src/server/enter/main.ts',
        captions: 'demo/captions/main.ts',
      },
      output: { entryFileNames: '[name].js', chunkFileNames: 'shared-[hash].js' },
    },
  },
});
