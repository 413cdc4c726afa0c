import { readFileSync, writeFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { z } from 'zod';
import { walkFileSchema } from '#core/exchange';
import { reportDocumentSchema } from '#core/report';
import { spokenFileSchema } from '#core/speech';
import { reportJsonSchema } from '../src/server/archive/publishedSchemas';

const schemaOf = (shape: z.ZodType) => z.toJSONSchema(shape, { io: 'input', unrepresentable: 'any' });

// Run with ZELK_WRITE_SCHEMA=1 to publish a changed shape; a change that old files do not fit needs a new version.
it('the published schema is that of the shapes that are checked', () => {
  const file = new URL('../docs/walk.schema.json', import.meta.url);
  const made = { ...schemaOf(walkFileSchema), title: 'Zelk walk file', $id: '/api/schemas/walk.json' };
  const served = `${JSON.stringify(made, null, 2)}\n`;
  if (process.env.ZELK_WRITE_SCHEMA) writeFileSync(file, served);
  expect(readFileSync(file, 'utf8')).toBe(served);
});

it('so is the shape of what talk comes to', () => {
  const file = new URL('../docs/speech.schema.json', import.meta.url);
  const made = `${JSON.stringify({ ...schemaOf(spokenFileSchema), title: 'Zelk speech' }, null, 2)}\n`;
  if (process.env.ZELK_WRITE_SCHEMA) writeFileSync(file, made);
  expect(readFileSync(file, 'utf8')).toBe(made);
});

it('an archive holds the shape of its report', () => {
  expect(reportJsonSchema).toEqual({ ...schemaOf(reportDocumentSchema), title: 'Zelk report' });
});
