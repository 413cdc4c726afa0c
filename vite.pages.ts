import { resolve } from 'node:path';

/** A page of the interface, or a script that stands beside one. */
export const page = (name: string) => resolve(import.meta.dirname, 'src/web', name);

/** Where built pages go. Fonts and pictures stay files: the content policy allows no data: fonts, and caches work better. */
export const intoDist = { outDir: '../../dist/web', assetsInlineLimit: 0 };

/**
 * What a page needs to open comes in one file: a hundred small ones cost a phone a second. The yard's page and the buyer's are built one after
 * the other, so that neither carries the other's code.
 */
export const inOneFile = {
  codeSplitting: {
    groups: [
      { name: 'start', tags: ['$initial' as const], test: (id: string) => !id.includes('arrival/worker') },
    ],
  },
  // A worker answers for the pages beside and below it, and is found again by its name.
  entryFileNames: ({ name }: { name: string }) =>
    name === 'arrival-worker' ? '[name].js' : 'assets/[name]-[hash].js',
};
