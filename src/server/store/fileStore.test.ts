import { afterEach, beforeEach, expect, it } from 'vitest';
import { nowIso, openTestStores, type TestStores } from '../../../tests/builders/testStores';
import { UNKEPT_SQL } from './photoStore';

let test: TestStores;
beforeEach(() => {
  test = openTestStores();
});
afterEach(() => test.close());

const HASH = 'a'.repeat(64);
const placeOf = (sha256: string) => `1600/${sha256.slice(0, 2)}/${sha256}.jpg`;
const stored = (sha256: string) =>
  test.stores.photos.put({ sha256, mime: 'image/jpeg', width: 8, height: 6, bytes: 9 }, true, nowIso);

it('photos from before hashes were kept are told apart, by an index of each', () => {
  const [other, imported] = ['b'.repeat(64), 'c'.repeat(64)];
  for (const sha256 of [HASH, other]) stored(sha256);
  test.stores.photos.put(
    { sha256: imported, mime: 'image/jpeg', width: 8, height: 6, bytes: 9 },
    false,
    nowIso,
  );
  test.stores.files.note(placeOf(other), '0'.repeat(64));
  expect([...test.stores.photos.unkept()].flat()).toEqual([HASH]);
  const plan = test.stores.db.prepare(`EXPLAIN QUERY PLAN ${UNKEPT_SQL}`).all(0, 9) as { detail: string }[];
  expect(plan.map(({ detail }) => detail).filter((step) => /^SCAN/.test(step))).toEqual([]);
});

it('the one looked at longest ago is due first; one nobody looked at before all', () => {
  const { files } = test.stores;
  expect(files.due('2026-03-14')).toBeUndefined();
  for (const path of ['320/a', '320/b', '320/c']) files.note(path, HASH);
  files.checked('320/a', '2026-03-02');
  files.checked('320/c', '2026-03-01');
  expect(files.due('2026-03-14')?.path).toBe('320/b');
  files.checked('320/b', '2026-03-13');
  expect(files.due('2026-03-14')?.path).toBe('320/c');
  files.checked('320/c', '2026-03-14');
  expect(files.due('2026-03-02')).toBeUndefined();
  expect(files.due('2026-03-03')?.path).toBe('320/a');
});
