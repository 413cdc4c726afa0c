import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { idOf, noted, WALK, WHO } from '../../../tests/builders/entries';
import {
  freezeIn,
  nowIso,
  openTestStores,
  type TestStores,
  withWalk,
} from '../../../tests/builders/testStores';
import { fingerprintOf } from './reportStore';

let test: TestStores;
beforeEach(() => {
  test = openTestStores();
});
afterEach(() => test.close());

const sha = (sign: string) => sign.repeat(64);
const photo = (sign: string, more: object = {}) => ({
  sha256: sha(sign),
  mime: 'image/jpeg' as const,
  bytes: 1000,
  width: 640,
  height: 480,
  ...more,
});

describe('photos', () => {
  it('that only an imported walk names are known, and stored once their pixels come', () => {
    const { photos } = test.stores;
    photos.put(photo('a'), false, nowIso);
    expect(photos.get(sha('a'))).toMatchObject({ stored: false });
    photos.put(photo('a', { bytes: 2000 }), true, nowIso);
    expect(photos.get(sha('a'))).toMatchObject({ stored: true, record: { bytes: 2000 } });
    // Naming it again never unlearns its pixels.
    photos.put(photo('a', { bytes: 1 }), false, nowIso);
    expect(photos.get(sha('a'))).toMatchObject({ stored: true, record: { bytes: 2000 } });
  });

  it('wait to be judged until they are, and only stored ones do', () => {
    const { photos } = test.stores;
    photos.put(photo('a'), true, nowIso);
    photos.put(photo('b'), false, nowIso);
    expect(photos.unjudged()).toEqual([sha('a')]);
    const quality = { sharpness: 1, shake: 0, dark: 0, washed: 0 } as never;
    photos.judge(sha('c'), quality, 'ff');
    expect(photos.get(sha('c'))).toBeUndefined();
  });

  it('are found in the order asked for, each once, unknown ones left out', () => {
    const { photos } = test.stores;
    for (const sign of ['a', 'b']) photos.put(photo(sign), true, nowIso);
    const known = photos.known([sha('b'), sha('c'), sha('a'), sha('b')]);
    expect(known.map(({ record }) => record.sha256)).toEqual([sha('b'), sha('a')]);
  });
});

describe('recordings', () => {
  it('are kept like photos: named first, stored for good', () => {
    const { recordings } = test.stores;
    const record = { sha256: sha('d'), mime: 'audio/wav', bytes: 900, seconds: 4 } as never;
    recordings.put(record, false, nowIso);
    recordings.put(record, true, nowIso);
    recordings.put(record, false, nowIso);
    expect(recordings.get(sha('d'))?.stored).toBe(true);
    expect(recordings.known([sha('e'), sha('d'), sha('d')])).toHaveLength(1);
  });
});

describe('reports', () => {
  it('are kept to the letter with their fingerprint, over a second start', () => {
    withWalk(test.stores, noted(1));
    const report = freezeIn(test.stores);
    const stored = test.reopen().reports.stored(report.id);
    expect(stored).toEqual({ report, frozen: JSON.stringify(report), sha256: fingerprintOf(report) });
    expect(test.stores.reports.head(report.id)).toEqual({ walk: WALK, revision: 1 });
    expect(test.stores.reports.get('none')).toBeUndefined();
  });

  it('are listed by revision, and none takes the place of another', () => {
    withWalk(test.stores);
    freezeIn(test.stores, 2);
    const first = freezeIn(test.stores, 1);
    expect(test.stores.reports.ofWalk(WALK).map(({ revision }) => revision)).toEqual([1, 2]);
    expect(() => test.stores.reports.add(first)).toThrow(/UNIQUE/);
    expect(() => test.stores.reports.add({ ...first, id: idOf(0xd99) })).toThrow(/UNIQUE/);
  });

  it('frozen before there were fingerprints are given theirs when they are read', () => {
    withWalk(test.stores);
    const report = freezeIn(test.stores);
    test.stores.db.prepare('UPDATE reports SET sha256 = NULL').run();
    expect(test.reopen().reports.stored(report.id)?.sha256).toBe(fingerprintOf(report));
  });

  it('have a fingerprint of what they say, not of how their fields are ordered', () => {
    withWalk(test.stores, noted(1));
    const report = freezeIn(test.stores);
    const turned = Object.fromEntries(Object.entries(report).reverse());
    expect(fingerprintOf(turned)).toBe(fingerprintOf(report));
    expect(fingerprintOf({ ...report, signedBy: 'Somebody' })).not.toBe(fingerprintOf(report));
  });
});

describe('messages', () => {
  const message = (n: number, more: object = {}) => ({
    id: idOf(n),
    report: idOf(0xd01),
    kind: 'mail' as const,
    to: 'ida@town.example',
    subject: 'Condition report',
    text: 'A link.',
    createdAt: `2026-03-1${n}T10:00:00.000Z`,
    ...more,
  });

  it('are kept word for word, a mail with its bytes, latest first', () => {
    withWalk(test.stores);
    freezeIn(test.stores);
    const { messages } = test.stores;
    messages.add(message(1, { eml: Buffer.from('From: yard') }));
    messages.add(message(2, { kind: 'text', subject: '' }));
    expect(messages.latest().map(({ id }) => id)).toEqual([idOf(2), idOf(1)]);
    expect(messages.get(idOf(1))?.eml?.toString()).toBe('From: yard');
    expect(messages.latest()[1]).not.toHaveProperty('eml');
    expect(messages.get(idOf(2))).toEqual(message(2, { kind: 'text', subject: '' }));
  });

  it('tell what became of them: a problem is forgotten once it was sent', () => {
    withWalk(test.stores);
    freezeIn(test.stores);
    const { messages } = test.stores;
    messages.add(message(1));
    messages.noteProblem(idOf(1), 'mailbox full');
    expect(messages.get(idOf(1))).toMatchObject({ problem: 'mailbox full' });
    messages.noteSent(idOf(1), nowIso);
    expect(messages.get(idOf(1))).toMatchObject({ sentAt: nowIso });
    expect(messages.get(idOf(1))).not.toHaveProperty('problem');
  });
});

describe('questions', () => {
  it('are kept with what they are about and by which link they came, in the order asked', () => {
    withWalk(test.stores);
    const { questions } = test.stores;
    const asked = (n: number, about: object) =>
      ({ id: idOf(n), text: `Why ${n}?`, about, wantsLook: n > 1 }) as never;
    questions.add(asked(2, { part: 'roof' }), {
      walk: WALK,
      from: 'Mr Oda',
      askedAt: '2026-03-15T10:00:00.000Z',
    });
    questions.add(asked(1, {}), { walk: WALK, from: 'Mirela', askedAt: '2026-03-14T10:00:00.000Z' });
    expect(questions.ofWalk(WALK).map(({ text, wantsLook }) => [text, wantsLook])).toEqual([
      ['Why 1?', false],
      ['Why 2?', true],
    ]);
    expect(questions.get(idOf(2))).toMatchObject({ about: { part: 'roof' }, from: 'Mr Oda' });
    expect(questions.get(idOf(2))).not.toHaveProperty('share');
    expect(questions.count(WALK)).toBe(2);
    expect(questions.count(idOf(9))).toBe(0);
  });
});

describe('people and their yard', () => {
  it('keep the name they came with', () => {
    const { people } = test.stores;
    people.put({ id: WHO, name: 'Nell Harrick' });
    people.put({ id: WHO, name: 'Somebody else' });
    people.put({ id: idOf(2), name: 'Abel Thorne' });
    expect(people.list().map(({ name }) => name)).toEqual(['Abel Thorne', 'Nell Harrick']);
    expect(people.get(idOf(3))).toBeUndefined();
  });

  it('keep their routes, and none is an empty list with the usual one first', () => {
    const { people } = test.stores;
    people.put({ id: WHO, name: 'Nell' });
    expect(people.routesOf(WHO)).toEqual({ saved: [], preferred: 'nose-first' });
    people.keepRoutes(WHO, { saved: [], preferred: 'panel-run' });
    people.keepRoutes(WHO, { saved: [], preferred: 'low-then-high' });
    expect(test.reopen().people.routesOf(WHO).preferred).toBe('low-then-high');
  });

  it('tell of the yard what was told, and a logo by its content', () => {
    const { people } = test.stores;
    people.setYard({ name: 'Brindle Yard', place: 'Port', phone: '' });
    expect(people.yard()).toEqual({ name: 'Brindle Yard', place: 'Port', phone: '' });
    people.setYard({
      name: 'Brindle',
      place: '',
      phone: '1',
      mail: 'desk@brindle.example',
      colour: '#7a3b00',
    });
    expect(people.yard()).toMatchObject({ mail: 'desk@brindle.example', colour: '#7a3b00' });
    people.putLogo(sha('a'), Buffer.from('one'));
    people.putLogo(sha('a'), Buffer.from('two'));
    expect(people.logo(sha('a'))?.toString()).toBe('one');
    expect(people.logo(sha('b'))).toBeUndefined();
  });
});

describe('links in messages', () => {
  it('are read with their link for a while, and without it afterwards', () => {
    withWalk(test.stores);
    const report = freezeIn(test.stores);
    const link = `https://zelk.yard.example/r/${'A'.repeat(27)}`;
    const message = (id: string, createdAt: string) => ({
      id,
      report: report.id,
      kind: 'mail' as const,
      to: 'ida@town.example',
      subject: 'Condition report',
      text: `Open ${link} and ask what you like.`,
      eml: Buffer.from(link),
      createdAt,
    });
    const [old, young] = [idOf(0xe01), idOf(0xe02)];
    test.stores.messages.add(message(old, '2026-01-01T10:00:00.000Z'));
    test.stores.messages.add(message(young, '2026-03-10T10:00:00.000Z'));
    test.stores.messages.forgetLinks('2026-02-12T10:00:00.000Z');
    expect(test.stores.messages.get(old)).toMatchObject({
      text: 'Open https://zelk.yard.example/r/… and ask what you like.',
      to: 'ida@town.example',
    });
    expect(test.stores.messages.get(old)?.eml).toBeUndefined();
    expect(test.stores.messages.get(young)).toMatchObject({
      text: expect.stringContaining(link),
      eml: Buffer.from(link),
    });
    // Once more changes nothing.
    test.stores.messages.forgetLinks('2026-02-12T10:00:00.000Z');
    expect(test.stores.messages.get(old)?.text).toContain('/r/…');
  });
});

describe('photos that came by a link', () => {
  it('are that link’s alone, each counted once', async () => {
    withWalk(test.stores);
    const report = freezeIn(test.stores);
    const link = async () => (await test.stores.shares.create(report.id, { label: '' }, nowIso)).id;
    const [one, other] = [await link(), await link()];
    test.stores.photos.put(photo('a'), true, nowIso);
    test.stores.arrivals.notePhoto(one, sha('a'), nowIso);
    test.stores.arrivals.notePhoto(one, sha('a'), nowIso);
    expect(test.stores.arrivals.hasPhoto(one, sha('a'))).toBe(true);
    expect(test.stores.arrivals.hasPhoto(other, sha('a'))).toBe(false);
    expect([test.stores.arrivals.photosOf(one), test.stores.arrivals.photosOf(other)]).toEqual([1, 0]);
  });
});
