import { resolve } from 'node:path';
import { parse } from '@formatjs/icu-messageformat-parser';
import type { Plugin } from 'vite';
import { functionOf } from './src/core/told/functionOfMessage';
import { isPlain } from './src/core/told/isPlain';

type Words = Record<string, Record<string, string>>;
const NO_READER = '\0no-reader-of-messages';

/**
 * Catalogues of messages are read when a page is built: the page carries what was made of them, and no reader. Plain words stay plain: they are
 * most of them.
 */
export const readCatalogues: Plugin = {
  name: 'read-catalogues',
  enforce: 'pre',
  resolveId: (source, importer) =>
    source === './readMessage' && importer?.endsWith('/told/catalogue.ts') ? NO_READER : undefined,
  load: (id) =>
    id === NO_READER ? 'export const readMessage = (source) => { throw new Error(source); };' : undefined,
  transform: (code, id) => {
    if (!/\/src\/core\/\w+\/words\.json$/.test(id)) return undefined;
    const rooms = Object.entries(JSON.parse(code) as Words).map(
      ([language, words]) =>
        `${JSON.stringify(language)}: {${Object.entries(words).map(([name, source]) => `${JSON.stringify(name)}: ${made(source)}`)}}`,
    );
    return { code: `export default {${rooms.join(',')}}`, map: null, moduleType: 'js' };
  },
};

const made = (source: string): string =>
  isPlain(source) ? JSON.stringify(source) : functionOf(parse(source, { ignoreTag: true }));

/** A page for use wants no warnings for makers, which the router’s package hands out to all. */
export const leaner = {
  'react-router': resolve(import.meta.dirname, 'node_modules/react-router/dist/production/index.mjs'),
};
