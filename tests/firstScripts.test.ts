import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { expect, it } from 'vitest';

/** What a phone loads before its first screen, as it was built: what the page names, and what those scripts import at once. */
function firstScripts(): string[] {
  const page = readFileSync('dist/web/index.html', 'utf8');
  const named = [...page.matchAll(/(?:src|href)="\/(assets\/[\w.-]+\.js)"/g)].map(
    ([, file]) => file as string,
  );
  const seen = new Map<string, string>();
  for (const file of named) {
    if (seen.has(file)) continue;
    const text = readFileSync(join('dist/web', file), 'utf8');
    seen.set(file, text);
    for (const [, next] of text.matchAll(/(?:from|^import|;import)\s?"\.\/([\w.-]+\.js)"/g))
      named.push(`assets/${next}`);
  }
  return [...seen.values()];
}

it('the first screen builds no shapes: what it needs of them stands beside them', () => {
  const scripts = firstScripts();
  expect(scripts.length).toBeGreaterThan(0);
  // Words of zod's own that no minifier changes.
  expect(
    scripts.filter((text) => text.includes('invalid_union') || text.includes('unrecognized_keys')),
  ).toEqual([]);
});

it('and no more than 205 kB, compressed, come before it', () => {
  const bytes = firstScripts().reduce((sum, text) => sum + gzipSync(text).length, 0);
  expect(bytes / 1000).toBeLessThanOrEqual(205);
});
