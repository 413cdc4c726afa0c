import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, entriesOf, idOf, WALK } from '../../../tests/builders/entries';
import { styleOf } from '../car';
import { composeReport } from '../report';
import { checkEntry, type Entry, type Fact, replay } from '../walk';
import { functionTable } from '.';

const OWN = '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1aff';
const tried = (functions: string[], state: string, says?: string): Fact =>
  ({ kind: 'functions-tried', body: { functions, state, ...(says && { says }) } }) as Fact;
const tableOf = (...facts: Fact[]) => functionTable(replay(WALK, entriesOf([begun, ...facts])), testCar);
const problemOf = (fact: Fact) => {
  const [entry] = entriesOf([fact]) as [Entry];
  const check = checkEntry(entry, {
    walk: WALK,
    now: new Date('2026-03-14T12:00:00Z'),
    style: styleOf({ bodyStyle: 'hatch-5' }),
  });
  return check.ok ? 'ok' : check.problem.message;
};

describe('what was tried', () => {
  it('is told function by function, the last word holding', () => {
    const table = tableOf(tried(['horn', 'audio'], 'works'), tried(['horn'], 'faulty', 'dead'));
    const row = (id: string) => table.groups.flatMap(({ rows }) => rows).find((each) => each.id === id);
    expect(row('horn')?.tried).toMatchObject({ state: 'faulty', says: 'dead' });
    expect(row('audio')?.tried?.state).toBe('works');
    expect(table.left.some(({ id }) => id === 'horn')).toBe(false);
    expect(table.isBegun).toBe(true);
    expect(tableOf().isBegun).toBe(false);
  });

  it('grows by what is fitted, of the catalogue or by name', () => {
    const table = tableOf(
      { kind: 'function-added', body: { function: 'reversing-camera', group: 'aids' } },
      { kind: 'function-added', body: { function: OWN, name: 'Winch', group: 'body' } },
      tried([OWN], 'not-tried', 'no time'),
    );
    const names = table.groups.flatMap(({ rows }) => rows).map(({ name }) => name);
    expect(names).toContain('Reversing camera');
    expect(names).toContain('Winch');
  });

  it('keeps when a test was begun, until something is said', () => {
    const timer: Fact = { kind: 'timer-begun', body: { function: 'aircon-cold' } };
    const row = (...facts: Fact[]) => tableOf(...facts).left.find(({ id }) => id === 'aircon-cold');
    expect(row(timer)?.begunAt).toBe('2026-03-14T09:30:01.000Z');
    expect(row(timer, tried(['aircon-cold'], 'works'))).toBeUndefined();
  });

  it('is refused when nothing is named, a name is not known, or no reason is given', () => {
    expect(problemOf(tried(['horn'], 'works'))).toBe('ok');
    expect(problemOf(tried([OWN], 'works'))).toBe('ok');
    expect(problemOf(tried([], 'works'))).toContain('at least one function');
    expect(problemOf(tried(['hovering'], 'works'))).not.toBe('ok');
    expect(problemOf(tried(['horn'], 'not-tried'))).toContain('Say why');
    expect(problemOf(tried(['horn'], 'faulty', 'x'.repeat(301)))).toContain('300 characters');
  });

  it('is in the report, the faulty with their cautions, and silence is told', () => {
    const report = composeReport({
      id: idOf(900),
      revision: 1,
      frozenAt: '2026-03-14T11:00:00.000Z',
      signedBy: 'Nell',
      yard: { name: 'Yard', place: 'Town', phone: '1' },
      car: testCar,
      walk: WALK,
      entries: entriesOf([
        begun,
        tried(['horn', 'audio'], 'works'),
        tried(['lamps-out'], 'faulty', 'lamp stays on'),
        tried(['gears-all'], 'not-tried', 'not safe here'),
      ]),
      photos: new Map(),
    });
    expect(report.functions?.summary).toMatch(/^2 of 3 functions tried work; 1 is faulty; \d+ not tried$/);
    expect(report.functions?.faulty).toMatchObject([
      { name: 'A warning lamp stays on', says: 'lamp stays on' },
    ]);
    expect(report.cautions.join(' ')).toContain('If the airbag, brake or stability lamp stays on');
    expect(report.functions?.left.length).toBeGreaterThan(30);
    expect(report.outOfScope).toContain('The papers were not part of it');
  });

  it('asks for cover before a drive, and for recordings that can be', () => {
    const drive = (body: object) => problemOf({ kind: 'drive-noted', body } as Fact);
    expect(drive({ driver: 'Nell', coverConfirmed: false })).toMatch(/licence, insurance and trade cover/);
    expect(drive({ driver: ' ', coverConfirmed: true })).toMatch(/Say who drives/);
    expect(drive({ driver: 'Nell', coverConfirmed: true, distance: 0, unit: 'mi' })).toMatch(/longer than 0/);
    const recording = (seconds: number) =>
      problemOf({
        kind: 'recording-attached',
        body: { recording: 'a'.repeat(64), of: 'video', function: 'horn', seconds },
      });
    expect(recording(30)).toBe('ok');
    expect(recording(0)).toMatch(/no length/);
    expect(recording(90)).toMatch(/At most 30 seconds/);
  });

  it('names a fault as a fault, with its recording, lamps and photos beside it', () => {
    const photo = 'c'.repeat(64);
    const report = composeReport({
      id: idOf(0xd0c),
      revision: 1,
      frozenAt: '2026-03-14T11:00:00.000Z',
      signedBy: 'Nell Harrick',
      yard: { name: 'Yard', place: '', phone: '' },
      car: testCar,
      walk: WALK,
      entries: entriesOf([
        begun,
        tried(['engine-noise'], 'faulty', 'ticks'),
        {
          kind: 'recording-attached',
          body: { recording: 'd'.repeat(64), of: 'sound', function: 'engine-noise', seconds: 6 },
        },
        {
          kind: 'recording-attached',
          body: { recording: 'e'.repeat(64), of: 'video', function: 'horn', seconds: 2 },
        },
        { kind: 'recording-set-aside', body: { recording: 'e'.repeat(64) } },
        { kind: 'photo-attached', body: { photo, role: 'what', function: 'engine-noise' } },
        { kind: 'lamps-noted', body: { on: ['airbag'] } },
      ]),
      photos: new Map(),
    });
    expect(report.functions?.faulty).toEqual([
      { name: 'Engine knocks or rattles', says: 'ticks', photos: [1] },
    ]);
    expect(report.functions?.recordings).toEqual([
      { sha256: 'd'.repeat(64), of: 'sound', seconds: 6, name: 'Engine knocks or rattles', says: '' },
    ]);
    expect(report.functions?.lampsSay).toBe('Warning lamps that stay on: airbag');
    expect(report.photos[0]?.caption).toBe('Engine knocks or rattles');
    expect(report.cautions[0]).toBe('Airbag lamp on: do not drive until a qualified person has checked it.');
  });
});
