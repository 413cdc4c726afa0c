import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { begun, idOf, noted } from '../../../../tests/builders/entries';
import { reportOf } from '../../../../tests/builders/report';
import { type Draft, openDraftStore } from './draftStore';
import { fillDraft, newDraft, unsaid } from './fillDraft';

const report = reportOf([begun, noted(1), { kind: 'odometer-read', body: { value: 48_213, unit: 'mi' } }]);
const LINK = '/api/shared/x';
const fresh = newDraft(LINK, idOf(0xe01), report, '2026-04-01T10:00:00.000Z');
const signedAt = '2026-04-01T10:20:00.000Z';
const signature = [
  [
    [0.1, 0.5],
    [0.4, 0.2],
    [0.8, 0.6],
  ],
] as never;
const whole: Draft = {
  ...fresh,
  name: 'Ida Brenn',
  role: 'buyer',
  place: 'Quay 4, Sandholm',
  odometer: '48,300',
  answers: { 'door-fl': { verdict: 'as-described', note: '', photos: [] } },
  signature,
};

describe('a check under way', () => {
  it('begins empty, in the unit of the report’s own figure', () => {
    expect(fresh).toMatchObject({ occasion: 'arrival', unit: 'mi', answers: {}, odometer: '' });
  });

  it('says of each place what is missing, all at once', () => {
    const filled = fillDraft(fresh, signedAt);
    expect(filled).toEqual({
      ok: false,
      problems: expect.objectContaining({
        name: expect.stringMatching(/name/i),
        place: expect.stringMatching(/where the car is/i),
        signature: expect.stringMatching(/sign/i),
      }),
    });
  });

  it('is filled in whole, its odometer typed with any of the usual marks', () => {
    for (const odometer of ['48300', '48,300', '48.300', ' 48 300 ']) {
      const filled = fillDraft({ ...whole, odometer }, signedAt);
      expect(filled).toMatchObject({
        ok: true,
        check: { odometer: { value: 48_300, unit: 'mi' }, name: 'Ida Brenn', signedAt },
      });
    }
    const without = fillDraft({ ...whole, odometer: '' }, signedAt);
    expect(without.ok && without.check).not.toHaveProperty('odometer');
  });

  it('asks for figures where there are words, and keeps what was typed', () => {
    const filled = fillDraft({ ...whole, odometer: '48,300 mls' }, signedAt);
    expect(filled).toEqual({
      ok: false,
      problems: { odometer: 'Type the odometer in figures, without anything else.' },
    });
  });

  it('leaves out parts nobody answered for', () => {
    const draft = { ...whole, answers: { ...whole.answers, roof: { note: 'looked at it', photos: [] } } };
    const filled = fillDraft(draft, signedAt);
    expect(filled.ok && filled.check.answers.map(({ part }) => part)).toEqual(['door-fl']);
  });

  it('names parts marked different that say nothing yet', () => {
    const different = { verdict: 'different' as const, note: ' ', photos: [] };
    const answers = {
      roof: different,
      bonnet: { ...different, note: 'Scratched' },
      'door-fl': { ...different, photos: ['a'.repeat(64)] },
      'door-fr': { verdict: 'as-described' as const, note: '', photos: [] },
    };
    expect(unsaid({ ...whole, answers })).toEqual(['roof']);
  });
});

describe('the check on the phone', () => {
  it('is kept through a reload with its photos, link by link, and forgotten once it is sent', async () => {
    const store = await openDraftStore();
    await store.put(whole);
    await store.put({ ...whole, link: '/api/shared/y', name: 'Somebody else' });
    await store.putPhoto(LINK, 'a'.repeat(64), new Blob(['one']));
    await store.putPhoto('/api/shared/y', 'a'.repeat(64), new Blob(['two']));
    const again = await openDraftStore();
    expect(await again.get(LINK)).toEqual(whole);
    expect(await (await again.photo(LINK, 'a'.repeat(64)))?.text()).toBe('one');
    expect(await again.photo(LINK, 'b'.repeat(64))).toBeUndefined();
    await again.clear(LINK);
    expect(await again.get(LINK)).toBeUndefined();
    expect(await again.photo(LINK, 'a'.repeat(64))).toBeUndefined();
    expect((await again.get('/api/shared/y'))?.name).toBe('Somebody else');
    expect(await again.photo('/api/shared/y', 'a'.repeat(64))).toBeDefined();
  });
});
