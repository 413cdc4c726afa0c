import { resolve } from 'node:path';
import { build } from 'vite';

const outDir = resolve('node_modules/.cache/zelk-aside');

/** Once before all unit tests: what opens strangers' files is built from its sources. As it stands, each child would take seconds to load. */
export default async function buildAside(): Promise<void> {
  await build({
    configFile: false,
    logLevel: 'warn',
    build: {
      ssr: 'src/server/jobs/child.ts',
      outDir,
      target: 'node20',
      emptyOutDir: true,
      rolldownOptions: { output: { entryFileNames: 'aside.js' } },
    },
  });
  process.env.ZELK_ASIDE = resolve(outDir, 'aside.js');
}
