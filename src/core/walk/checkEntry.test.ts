import { describe, expect, it } from 'vitest';
import { begun, entriesOf, idOf, noted, START, WALK } from '../../../tests/builders/entries';
import { bodyStyle, bodyStyleIds, extrasFor, type Part, styleOf } from '../car';
import { usualRoute } from '../route';
import { checkEntry } from './checkEntry';
import type { Entry, Fact } from './entries';
import { findingKindIds, isOdd, kindFits, kindsFor, otherKindsFor } from './findingKinds';

const context = { walk: WALK, now: new Date(START + 60_000), style: bodyStyle('hatch-5') };
const [, good] = entriesOf([begun, noted(1)]) as [Entry, Entry];
const codeOf = (raw: unknown) => {
  const check = checkEntry(raw, context);
  return check.ok ? 'ok' : check.problem.code;
};

describe('checking an entry', () => {
  it('takes a good one', () => expect(codeOf(good)).toBe('ok'));

  it.each([
    ['nothing', null, 'not-an-entry'],
    ['a text', 'clear', 'not-an-entry'],
    ['an unknown kind', { ...good, kind: 'part-admired' }, 'unknown-kind'],
    ['another walk', { ...good, walk: idOf(0xbeef) }, 'other-walk'],
    ['a spot outside the part', { ...good, body: { ...good.body, spot: { u: 1.2, v: 0.5 } } }, 'bad-body'],
    [
      'a spot that is no number',
      { ...good, body: { ...good.body, spot: { u: Number.NaN, v: 0.5 } } },
      'bad-body',
    ],
    ['an unknown part', { ...good, body: { ...good.body, part: 'wing-xx' } }, 'unknown-part'],
    ['an unknown finding kind', { ...good, body: { ...good.body, kind: 'gremlin' } }, 'bad-body'],
    ['a date tomorrow', { ...good, at: new Date(START + 86_400_000).toISOString() }, 'in-the-future'],
    ['a date in another age', { ...good, at: '1066-10-14T09:00:00.000Z' }, 'too-long-ago'],
    ['no date at all', { ...good, at: 'yesterday' }, 'not-an-entry'],
    ['a negative size', { ...good, body: { ...good.body, details: { lengthMm: -4 } } }, 'bad-body'],
    ['a word it does not know', { ...good, mood: 'fine' }, 'not-an-entry'],
  ])('refuses %s and says why', (_name, raw, code) => {
    expect(codeOf(raw)).toBe(code);
    const check = checkEntry(raw, context);
    if (!check.ok) expect(check.problem.message.length).toBeGreaterThan(10);
  });

  it('reads tread on tyres only', () => {
    const [tread] = entriesOf([
      { kind: 'tread-read', body: { part: 'wheel-fl', depth: { lowMm: 4, highMm: 4 }, unit: 'mm' } },
    ]);
    expect(codeOf(tread)).toBe('not-a-tyre');
  });
});

describe('what the newer entries hold', () => {
  const rule = usualRoute;
  it.each([
    ['an arc of 0 degrees', { form: 'arc', fromDeg: 10, spanDeg: 0 }, /longer than 0/],
    ['an arc of 400 degrees', { form: 'arc', fromDeg: 10, spanDeg: 400 }, /at most 360/],
    ['no dots', { form: 'dots', spots: [] }, /at least one/],
  ])('refuses %s in plain words', (_name, extent, message) => {
    const raw = { ...good, body: { ...good.body, details: { extent } } };
    const check = checkEntry(raw, context);
    expect(check.ok).toBe(false);
    if (!check.ok) expect(check.problem.message).toMatch(message);
  });

  it.each([
    ['a negative size', { lengthMm: -4 }],
    ['a negative gap', { gapMm: -1 }],
    ['a step of a metre', { flushMm: 1000 }],
  ])('refuses %s', (_name, details) => {
    expect(codeOf({ ...good, body: { ...good.body, details } })).toBe('bad-body');
  });

  it('takes a route, a lap, conditions, a caution and a distance seen', () => {
    const facts: Fact[] = [
      { kind: 'route-chosen', body: { rule } },
      { kind: 'lap-begun', body: { lap: 'step-back' } },
      { kind: 'conditions-noted', body: { light: 'dusk', wet: 'wet', dirt: 'dirty', side: 'left' } },
      { kind: 'caution-read', body: { caution: 'engine' } },
      { kind: 'notice-answered', body: { finding: idOf(0xf001), notice: 'one-step-back' } },
    ];
    for (const entry of entriesOf(facts)) expect(checkEntry(entry, context)).toEqual({ ok: true, entry });
  });

  it('refuses a route that names an area twice', () => {
    const [entry] = entriesOf([
      { kind: 'route-chosen', body: { rule: { ...rule, later: ['top', 'top', 'cabin', 'boot', 'engine'] } } },
    ]);
    expect(codeOf(entry)).toBe('bad-body');
  });

  it('knows the parts that extras add', () => {
    const [entry] = entriesOf([noted(1, 'towbar')]);
    expect(codeOf(entry)).toBe('unknown-part');
    const style = styleOf({ bodyStyle: 'hatch-5', extras: ['tow-bar'] });
    const rusty = { ...entry, body: { ...(entry as Entry).body, kind: 'corrosion' } };
    expect(checkEntry(rusty, { ...context, style }).ok).toBe(true);
  });
});

describe('kinds of finding', () => {
  it('offers something on every part, and never dents on glass', () => {
    for (const part of bodyStyle('estate').parts.values()) {
      expect(kindsFor(part).length).toBeGreaterThan(0);
      if (part.material === 'glass') expect(kindsFor(part)).not.toContain('dent');
    }
  });

  it('puts what is logged most here first', () => {
    const part = { kind: 'door', material: 'steel', underFilm: false } as const;
    expect(kindsFor(part, new Map([['rust', 3]]))[0]).toBe('rust');
    // What names nothing stays behind all that does.
    expect(
      kindsFor(part, new Map([['other', 99]]))
        .slice(-2)
        .toSorted(),
    ).toEqual(['mark', 'other']);
  });

  // Each was refused once, though true: common practice of the trade.
  it.each([
    ['ripple', 'bumper-front', 'plastic'],
    ['scuff', 'bolster', 'leather'],
    ['scuff', 'sillplate', 'chrome'],
    ['stone-chip', 'wheel', 'alloy'],
    ['scratch', 'wheel', 'alloy'],
    ['corrosion', 'grille', 'plastic'],
    ['peel', 'guardbar', 'chrome'],
    ['broken', 'loadcover', 'fabric'],
    ['bloom', 'bonnet', 'aluminium'],
  ] as const)('%s on a %s of %s may be logged without being asked', (kind, on, material) => {
    const part = { kind: on as Part['kind'], material, underFilm: false };
    expect([...kindsFor(part), ...otherKindsFor(part)].toSorted()).toEqual([...findingKindIds].toSorted());
    expect(isOdd(kind, part)).toBe(false);
  });

  it.each([
    ['dent', 'windscreen', 'glass'],
    ['kerbing', 'bonnet', 'steel'],
    ['tyre-bulge', 'door', 'steel'],
    ['haze', 'carpet', 'fabric'],
    ['moisture', 'seat', 'leather'],
  ] as const)('%s on a %s of %s is asked about', (kind, on, material) => {
    expect(isOdd(kind, { kind: on as Part['kind'], material, underFilm: false })).toBe(true);
    expect(codeOf({ ...good, body: { ...good.body, part: 'windscreen' } })).toBe('ok');
  });

  it('has a place for every kind', () => {
    const parts = bodyStyleIds.flatMap((id) => [
      ...styleOf({ bodyStyle: id, extras: extrasFor(id) }).parts.values(),
    ]);
    for (const kind of findingKindIds)
      expect(
        parts.some((part) => kindFits(kind, part)),
        kind,
      ).toBe(true);
  });
});
