import { readFileSync, writeFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { spokenFileSchema } from '#core/speech';
import { jsonSchemaOf } from '../src/server/archive/archiveOfReport';
import { walkFileJsonSchema } from '../src/server/http/routeTable';

// Run with ZELK_WRITE_SCHEMA=1 to publish a changed shape; a change that old files do not fit needs a new version.
it('the published schema is the one that is served', () => {
  const file = new URL('../docs/walk.schema.json', import.meta.url);
  const served = `${JSON.stringify(walkFileJsonSchema(), null, 2)}\n`;
  if (process.env.ZELK_WRITE_SCHEMA) writeFileSync(file, served);
  expect(readFileSync(file, 'utf8')).toBe(served);
});

it('so is the shape of what talk comes to', () => {
  const file = new URL('../docs/speech.schema.json', import.meta.url);
  const made = `${JSON.stringify(JSON.parse(jsonSchemaOf(spokenFileSchema, 'Zelk speech')), null, 2)}\n`;
  if (process.env.ZELK_WRITE_SCHEMA) writeFileSync(file, made);
  expect(readFileSync(file, 'utf8')).toBe(made);
});
