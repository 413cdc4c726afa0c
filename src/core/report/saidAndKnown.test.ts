import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, noted, WALK } from '../../../tests/builders/entries';
import { reportOf as reportOfFacts } from '../../../tests/builders/report';
import { styleOf } from '../car';
import { whatIsLeft } from '../readings';
import { type Fact, replay } from '../walk';
import { findingLines, reportBlocks } from './blocks/reportBlocks';
import { findingsDrawing } from './drawings/findingsDrawing';
import { chaptersOf } from './reader/chapters';

const reportOf = (...facts: Fact[]) => reportOfFacts([begun, ...facts]);
const leftOf = (...facts: Fact[]) =>
  whatIsLeft(replay(WALK, entriesOf([begun, ...facts])), styleOf({ bodyStyle: 'hatch-5' }), testCar, {
    today: '2026-03-14',
  }).items;
const changed = (n: number, changes: object): Fact =>
  ({ kind: 'finding-amended', body: { finding: idOf(0xf000 + n), changes } }) as Fact;
const clear = (part: string): Fact => ({ kind: 'part-cleared', body: { part } });
const tread = (part: string, mm: number): Fact => ({
  kind: 'tread-read',
  body: { part, depth: { lowMm: mm, highMm: mm }, unit: 'mm' },
});
const paint = (part: string, um: number): Fact => ({
  kind: 'paint-read',
  body: { part, um: [um - 1, um, um + 1], source: 'gauge' },
});
const rust = (part: string): Fact => ({
  kind: 'finding-noted',
  body: {
    finding: idOf(0xf001),
    part,
    spot: { u: 0.5, v: 0.5 },
    kind: 'rust',
    suspected: false,
    details: { lengthMm: 12, widthMm: 6 },
  },
});
const partOf = (report: ReturnType<typeof reportOf>, part: string) =>
  report.parts.find((each) => each.part === part);

describe('a distance that nobody said', () => {
  const report = reportOf(
    noted(1),
    changed(1, { lengthMm: 8 }),
    noted(2, 'roof'),
    changed(2, { notice: 'one-step-back' }),
  );
  const [guessed, said] = report.findings;

  it('is printed as worked out, wherever it is printed', () => {
    expect(guessed).toMatchObject({ notice: 'up-close', noticeSource: 'estimated' });
    expect(guessed && findingLines(guessed).lines).toContain(
      'Noticed: likely up close, worked out and not walked',
    );
    expect(said && findingLines(said).lines).toContain('Noticed: one step back');
    expect(report.paragraph).toContain('Nothing was said to be noticed from across the bay.');
    expect(report.paragraph).toContain(
      'From where 1 of them is noticed was worked out from kind, size and paint, not walked.',
    );
  });

  it('is drawn open, its tab alone of tape', () => {
    const strips = (facts: Fact[]) =>
      findingsDrawing(reportOf(...facts)).shapes.filter(
        (shape) => shape.is === 'polygon' && shape.fill === '#ffc933',
      );
    const width = (points: readonly (readonly [number, number])[]) =>
      Math.max(...points.map(([x]) => x)) - Math.min(...points.map(([x]) => x));
    const [open] = strips([noted(1), changed(1, { lengthMm: 8 })]);
    const [unsaid] = strips([noted(1)]);
    const [taped] = strips([noted(1), changed(1, { notice: 'up-close' })]);
    expect(open?.is === 'polygon' && width(open.points)).toBe(5);
    expect(unsaid?.is === 'polygon' && width(unsaid.points)).toBe(5);
    expect(taped?.is === 'polygon' && width(taped.points)).toBe(13);
  });

  it('is no distance at all where neither a size nor how bad it is was said', () => {
    const unknown = reportOf(noted(1));
    expect(unknown.findings[0]).not.toHaveProperty('notice');
    expect(unknown.paragraph).toContain('From where one more is noticed was not said.');
    expect(unknown.paragraph).not.toContain('up close');
    expect(unknown.summary).toContain('1 finding: 1 with no distance noted.');
    const heavy = reportOf(noted(1), changed(1, { severity: 'heavy' }));
    expect(heavy.findings[0]).toMatchObject({ notice: 'across-the-bay', noticeSource: 'estimated' });
  });

  it('is no claim once all were said', () => {
    const sure = reportOf(noted(1), changed(1, { notice: 'up-close' }));
    expect(sure.paragraph).toContain('Nothing was found that is noticed from across the bay.');
    expect(sure.paragraph).not.toContain('worked out');
  });
});

describe('clear', () => {
  const level = ['bonnet', 'roof', 'wing-fl', 'wing-fr', 'door-fl', 'door-rl', 'door-rr', 'quarter-rl'];

  it('does not stand on what is known otherwise: a worn or cracked tyre, thick paint, a smell, a fault', () => {
    const report = reportOf(
      ...level.map((part) => paint(part, 128)),
      paint('door-fr', 204),
      tread('tyre-fl', 2),
      { kind: 'tyre-described', body: { part: 'tyre-rl', flags: ['cracks'] } },
      { kind: 'smell-noted', body: { noticed: [{ smell: 'animals', strength: 'clear' }] } },
      { kind: 'functions-tried', body: { functions: ['brake-lamps'], state: 'faulty' } },
      ...['tyre-fl', 'tyre-rl', 'door-fr', 'door-fl', 'taillamp-l', 'smell'].map(clear),
    );
    expect(partOf(report, 'door-fl')).toMatchObject({ status: 'clear', says: 'Clear' });
    expect(partOf(report, 'tyre-fl')).toMatchObject({
      status: 'looked-at',
      says: 'Looked at; 2 mm left: will need replacing soon',
    });
    expect(partOf(report, 'tyre-rl')?.says).toBe('Looked at; cracks in the rubber');
    expect(partOf(report, 'door-fr')?.says).toBe('Looked at; paint reads 204 µm where this car reads 128 µm');
    expect(partOf(report, 'taillamp-l')?.says).toBe('Looked at; faulty on this car: brake lamps');
    expect(partOf(report, 'smell')?.says).toBe('Looked at; noticed: animals, clear');
  });

  it('tells thick aluminium against the level of its like', () => {
    const metal = (part: string): Fact => ({ kind: 'panel-metal-noted', body: { part, metal: 'aluminium' } });
    const light = ['bonnet', 'roof', 'wing-fl', 'wing-fr'];
    const report = reportOf(
      ...light.flatMap((part) => [metal(part), paint(part, 80)]),
      ...['door-fl', 'door-fr', 'door-rl', 'door-rr'].map((part) => paint(part, 128)),
      metal('tailgate'),
      paint('tailgate', 160),
      clear('tailgate'),
    );
    expect(partOf(report, 'tailgate')?.says).toBe('Looked at; paint reads 160 µm where this car reads 80 µm');
  });

  it('is not said by a reading alone, nor by what came to nothing', () => {
    const report = reportOf(tread('tyre-fl', 7), noted(1), {
      kind: 'finding-dismissed',
      body: { finding: idOf(0xf001), why: 'water' },
    });
    expect(partOf(report, 'tyre-fl')).toMatchObject({ status: 'looked-at', says: 'Looked at' });
    expect(partOf(report, 'door-fl')?.says).toBe('Looked at');
    expect(report.notLookedAt).not.toContain('Nearside front tyre (left)');
  });

  it('beside something known is named before freezing', () => {
    const items = leftOf(tread('tyre-fl', 2), clear('tyre-fl'), tread('tyre-fr', 7), clear('tyre-fr'));
    expect(items.filter(({ code }) => code === 'clear-but')).toEqual([
      { code: 'clear-but', part: 'tyre-fl', says: '2 mm left: will need replacing soon' },
    ]);
  });
});

describe('what cannot both hold', () => {
  it('is asked: not seen, and yet read; to be left, and yet put right', () => {
    const items = leftOf(
      tread('tyre-fl', 7),
      { kind: 'part-not-seen', body: { part: 'tyre-fl', why: 'against a wall or fence' } },
      noted(1),
      changed(1, { action: 'leave' }),
      { kind: 'put-right', body: { finding: idOf(0xf001), says: 'touched in' } },
    );
    expect(items.filter(({ code }) => code === 'contradiction').map(({ says }) => says)).toEqual([
      'said not to be seen, against a wall or fence, and yet read: say which holds',
      'finding 1 was to be left as it is, and yet it was put right: touched in',
    ]);
    expect(leftOf(noted(1), clear('roof')).some(({ code }) => code === 'contradiction')).toBe(false);
  });
});

describe('every reading taken', () => {
  it('is not said while a tyre that was read has no brand, size or week of make', () => {
    const items = leftOf(tread('tyre-fl', 7), {
      kind: 'tyre-described',
      body: { part: 'tyre-fl', brand: 'Ortal' },
    });
    expect(items.filter(({ part }) => part === 'tyre-fl').map(({ code }) => code)).toEqual(
      expect.arrayContaining(['tyre-make', 'tyre-age']),
    );
    const { readingsMissing } = reportOf(tread('tyre-fl', 7));
    expect(readingsMissing).toContain('Brand and size, nearside front tyre (left)');
    // What was read is not called missing.
    const branded = reportOf(tread('tyre-fl', 7), {
      kind: 'tyre-described',
      body: { part: 'tyre-fl', brand: 'Ortal' },
    });
    expect(branded.readingsMissing).toContain('Size, nearside front tyre (left)');
    expect(branded.readingsMissing.join()).not.toContain('Brand');
    expect(readingsMissing).toContain('Week of make, nearside front tyre (left)');
  });
});

describe('the caution about rust', () => {
  it('belongs to what was said to be through, where strength is at stake', () => {
    expect(reportOf(rust('tailgate')).findings[0]?.caution).toBeUndefined();
    const through = changed(1, { rust: 'right-through' });
    expect(reportOf(rust('tailgate'), through).findings[0]?.caution).not.toMatch(/do not drive/);
    const sill = reportOf(rust('sill-l'), through);
    expect(sill.findings[0]).toMatchObject({
      line: 'Rust, right through, 12 mm × 6 mm',
      caution: 'Rust right through the structure: do not drive until a qualified person has checked it.',
    });
    expect(reportOf(rust('sill-l'), changed(1, { rust: 'bubbling' })).findings[0]?.caution).toBeUndefined();
  });

  it('is on the drawing too', () => {
    const labels = (facts: Fact[]) =>
      findingsDrawing(reportOf(...facts)).shapes.flatMap((shape) =>
        shape.is === 'label' && /^1/.test(shape.text) ? [shape.text] : [],
      );
    expect(labels([rust('sill-l'), changed(1, { rust: 'right-through' })])).toEqual(['1 !']);
    expect(labels([rust('sill-l')])).toEqual(['1']);
  });
});

describe('what decides', () => {
  it('comes first: that the car is not to be driven, and what the papers leave open', () => {
    const report = reportOf(
      tread('tyre-fl', 1.2),
      rust('sill-l'),
      changed(1, { rust: 'right-through' }),
      { kind: 'lamps-noted', body: { on: ['airbag'] } },
      { kind: 'functions-tried', body: { functions: ['horn'], state: 'works' } },
      { kind: 'papers-noted', body: { keys: 2, keysTried: 1 } },
    );
    expect(report.summary.slice(0, 2)).toEqual([
      'Not to be driven until a qualified person has checked it: rust, right through, 12 mm × 6 mm, nearside sill (left); nearside front tyre (left), 1.2 mm left, under the limit of 1.6 mm; warning lamp on: airbag.',
      'Papers: 1 of 2 keys not tried.',
    ]);
    expect(report.paragraph).toContain('Not to be driven until a qualified person has checked it: ');
    expect(report.paragraph).toContain('Papers: 1 of 2 keys not tried.');
    expect(reportOf(noted(1)).summary.join(' ')).not.toMatch(/Not to be driven|Papers:/);
  });
});

describe('notes', () => {
  it('of what works, and of the drive, are printed although all is well', () => {
    const report = reportOf(
      {
        kind: 'functions-tried',
        body: { functions: ['aircon-cold'], state: 'works', says: 'takes a minute' },
      },
      {
        kind: 'drive-noted',
        body: { driver: 'Nell', coverConfirmed: true, distance: 4, unit: 'mi', says: 'pulls well' },
      },
    );
    const text = reportBlocks(report, 'f'.repeat(64))
      .flatMap((block) => (block.is === 'text' ? [block.text] : []))
      .join('\n');
    expect(text).toContain('air-con blows cold (takes a minute)');
    expect(text).toContain('with trade cover: pulls well.');
  });
});

describe('what nobody looked at', () => {
  const wheel = (...facts: Fact[]) =>
    reportOf({ kind: 'wheel-described', body: { part: 'wheel-fl', finish: 'painted' } }, ...facts).wheels
      ?.rows[0]?.says;

  it('a wheel of which only the finish was noted has no “no damage noted”', () => {
    expect(wheel()).toBe('Not looked at for damage.');
    expect(wheel(clear('wheel-fl'))).toBe('No damage noted.');
  });

  it('damage of the screen that was not measured has no size, and passes nothing', () => {
    const chip: Fact = {
      kind: 'finding-noted',
      body: {
        finding: idOf(0xf001),
        part: 'windscreen',
        spot: { u: 0.5, v: 0.5 },
        kind: 'glass-chip',
        suspected: false,
        details: {},
      },
    };
    const [row] = reportOf(chip).screen?.rows ?? [];
    expect(row?.says).toMatch(/^Not measured, in the swept area; up to \d+ mm is allowed there$/);
    expect(row).toMatchObject({ fails: false, repair: 'measure it: its size decides' });
    const [measured] = reportOf(chip, changed(1, { lengthMm: 12 })).screen?.rows ?? [];
    expect(measured?.says).toMatch(/^12 mm in the swept area: within the 40 mm allowed there$/);
  });
});

describe('what comes later than the report', () => {
  const follow = idOf(0xb51);
  const film: Fact = {
    kind: 'to-follow-noted',
    body: { follow, what: 'film', says: 'the underside on the lift', by: '2026-03-10' },
  };
  const paper: Fact = {
    kind: 'to-follow-noted',
    body: { follow: idOf(0xb52), what: 'paper', says: 'invoice of the belt' },
  };
  const told = ['A film by 10 March 2026: the underside on the lift', 'A paper: invoice of the belt'];

  it('is told with its day until it came, on page and paper', () => {
    const report = reportOf(film, paper);
    expect(report.toFollow).toEqual(told);
    const printed = reportBlocks(report, 'f').map((block) => ('text' in block ? block.text : ''));
    expect(printed).toEqual(expect.arrayContaining(['Still to follow', ...told]));
    expect(chaptersOf(report)).toContainEqual({ id: 'follow', title: 'Still to follow' });
    const came: Fact = { kind: 'to-follow-settled', body: { follow, is: 'came' } };
    expect(reportOf(film, paper, came).toFollow).toEqual([told[1]]);
    expect(
      reportOf(paper, { kind: 'to-follow-settled', body: { follow: idOf(0xb52), is: 'withdrawn' } }).toFollow,
    ).toBe(undefined);
  });

  it('is asked about before freezing once its day is over', () => {
    const overdue = (...facts: Fact[]) => leftOf(...facts).filter(({ code }) => code === 'overdue');
    expect(overdue(film, paper)).toEqual([
      { code: 'overdue', screen: 'story', says: told[0]?.replace('A film', 'a film') },
    ]);
    expect(overdue(paper)).toEqual([]);
  });
});

describe('what a finding may come from', () => {
  it('is told as a guess, apart from what was found', () => {
    const [finding] = reportOf(
      noted(1),
      changed(1, { cause: 'a shopping trolley', nail: 'glides' }),
    ).findings;
    expect(finding?.line).not.toContain('trolley');
    expect(finding && findingLines(finding).lines).toContain(
      'Nail glides; may come from, a guess: a shopping trolley',
    );
  });
});

it('what a yard does with every car stands in its report, in its own words', () => {
  const policy = 'Chips are left as they are.';
  const printed = reportBlocks({ ...reportOf(), yard: { name: 'B', place: 'P', phone: '1', policy } }, 'f');
  expect(JSON.stringify(printed)).toContain(`What this yard does with every car: ${policy}`);
  expect(JSON.stringify(reportBlocks(reportOf(), 'f'))).not.toContain('with every car');
});

describe('a part of which only some faults were denied', () => {
  const not = (body: object): Fact =>
    ({ kind: 'not-there-noted', body: { part: 'bonnet', ...body } }) as Fact;
  const dent = (lengthMm: number): Fact[] => [noted(1, 'bonnet'), changed(1, { kind: 'dent', lengthMm })];

  it('is looked at and not clear, and exactly that is told of it', () => {
    const bonnet = partOf(
      reportOf(not({ kinds: ['dent', 'ripple'], over: 10 }), not({ over: 'big' })),
      'bonnet',
    );
    expect(bonnet).toMatchObject({
      status: 'looked-at',
      says: 'Looked at',
      absent: ['no dent larger than 10 mm', 'no ripple or hollow larger than 10 mm', 'nothing big'],
    });
    const clear_ = partOf(reportOf(not({ kinds: ['dent'] }), clear('bonnet')), 'bonnet');
    expect(clear_).toMatchObject({ status: 'clear', absent: ['no dent'] });
  });

  it('keeps what was said beside a smaller one, and loses it to a larger one', () => {
    const over = not({ kinds: ['dent'], over: 10 });
    expect(partOf(reportOf(over, ...dent(8)), 'bonnet')?.absent).toEqual(['no dent larger than 10 mm']);
    expect(partOf(reportOf(over, ...dent(12)), 'bonnet')?.absent).toBeUndefined();
    expect(partOf(reportOf(not({ kinds: ['dent'] }), ...dent(8)), 'bonnet')?.absent).toBeUndefined();
  });
});
