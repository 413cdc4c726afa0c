import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';

/**
 * Adding a body style or a kind of finding is one file and one line in its list: here both are put into the lists in memory, and a car
 * of that style is walked, such a finding logged, and a report made.
 */
const lists = {
  bodies: '../src/core/car/styles/bodies',
  kinds: '../src/core/walk/findingKinds/anyKinds',
};

const load = async () => ({
  car: await import('#core/car'),
  walk: await import('#core/walk'),
  report: await import('#core/report'),
  route: await import('#core/route'),
  readings: await import('#core/readings'),
  functions: await import('#core/functions'),
  kit: await import('#core/kit'),
  builders: await import('./builders/entries'),
  testCar: await import('./builders/car'),
});
let core: Awaited<ReturnType<typeof load>>;

beforeAll(async () => {
  vi.resetModules();
  vi.doMock(lists.bodies, async (original) => {
    const { bodies } = await original<typeof import('../src/core/car/styles/bodies')>();
    const { estate } = bodies;
    const longEstate = {
      uk: 'Long estate',
      us: 'Long wagon',
      traits: { rear: 'tailgate', hasSlidingDoor: true, takes: ['side-steps'] },
      profile: { ...estate.profile, length: estate.profile.length + 200, rows: 1 },
    };
    return { bodies: { ...bodies, 'long-estate': longEstate } };
  });
  vi.doMock(lists.kinds, async (original) => {
    const { anyKinds } = await original<typeof import('../src/core/walk/findingKinds/anyKinds')>();
    const hail = {
      uk: 'Hail mark',
      us: 'Hail dimple',
      measuredBy: 'count',
      isDotted: true,
      shows: 'bend',
      on: ['steel'],
      tests: ['feel'],
      caution: 'Count them in low light.',
    };
    return { anyKinds: { ...anyKinds, hail } };
  });
  core = await load();
});

afterAll(() => {
  vi.doUnmock(lists.bodies);
  vi.doUnmock(lists.kinds);
  vi.resetModules();
});

const LONG_ESTATE = 'long-estate' as never;
const HAIL_MARK = 'hail' as never;

describe('a body style and a kind of finding that were just added', () => {
  it('are offered with what follows from their traits', () => {
    const { car, functions, kit, walk } = core;
    expect(car.bodyStyleIds).toContain(LONG_ESTATE);
    expect(car.bodyStyleNames[LONG_ESTATE]).toEqual({ uk: 'Long estate', us: 'Long wagon' });
    expect(car.extrasFor(LONG_ESTATE)).toContain('side-steps');
    expect(car.extrasFor(LONG_ESTATE)).not.toContain('glass-roof');
    const build = { bodyStyle: LONG_ESTATE, fuel: 'diesel' as const, extras: [], year: 2019 };
    const can = functions.functionsFor(build).possible.map(({ id }) => id);
    expect(can).toContain('sliding-door');
    expect(can).not.toContain('rear-seat-heat');
    expect(kit.kitItemsFor(build)).not.toContain('load-cover');
    const bonnet = car.bodyStyle(LONG_ESTATE).parts.get('bonnet');
    expect(bonnet && walk.kindsFor(bonnet)).toContain(HAIL_MARK);
  });

  it('are walked, logged and reported', () => {
    const { car, walk, report, route, builders, testCar } = core;
    const style = car.bodyStyle(LONG_ESTATE);
    expect(route.planRoute(style, route.usualRoute).length).toBeGreaterThan(80);
    const { begun, entriesOf, noted, WALK } = builders;
    const finding = noted(1, 'bonnet');
    const facts = [
      { ...begun, body: { ...begun.body, bodyStyle: LONG_ESTATE } },
      { kind: 'part-cleared', body: { part: 'roof' } },
      { ...finding, body: { ...finding.body, kind: HAIL_MARK, details: { count: 12, lengthMm: 9 } } },
    ] as never[];
    const entries = entriesOf(facts);
    for (const entry of entries)
      expect(walk.checkEntry(entry, { walk: WALK, now: new Date(entry.at), style })).toEqual({
        ok: true,
        entry,
      });
    const document = report.composeReport({
      id: builders.idOf(0xd01),
      revision: 1,
      frozenAt: '2026-03-14T11:00:00.000Z',
      signedBy: 'Nell Harrick',
      yard: { name: 'Brindle Yard', place: '', phone: '' },
      car: { ...testCar.testCar, bodyStyle: LONG_ESTATE },
      walk: WALK,
      entries,
      photos: new Map(),
    });
    expect(report.reportDocumentSchema.parse(document)).toEqual(document);
    expect(document.bodyStyleName).toBe('Long estate');
    expect(document.findings).toMatchObject([
      { line: 'Hail mark × 12, largest 9 mm', notice: 'one-step-back', noticeSource: 'estimated' },
    ]);
    expect(document.cautions).toContain('Count them in low light.');
    expect(document.parts.find(({ part }) => part === 'roof')?.status).toBe('clear');
  });

  it('are unknown again once they are taken out', async () => {
    vi.doUnmock(lists.bodies);
    vi.doUnmock(lists.kinds);
    vi.resetModules();
    const { car, walk } = await load();
    expect(car.bodyStyleIds).not.toContain('long-estate');
    expect(walk.findingKindIds).not.toContain('hail');
  });
});
