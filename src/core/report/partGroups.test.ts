import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun, noted } from '../../../tests/builders/entries';
import { reportOf } from '../../../tests/builders/report';
import { bodyStyle, type Part } from '../car';
import { partNameWithoutSide } from '../car/words';
import type { Fact } from '../walk';
import { partGroups } from './partGroups';

const hatch = bodyStyle('hatch-5');
const clear = (
  part: string,
  ...absent: NonNullable<Extract<Fact, { kind: 'part-cleared' }>['body']['absent']>
): Fact => ({
  kind: 'part-cleared',
  body: { part, ...(absent.length > 0 && { absent }) },
});
const left = (...facts: Fact[]) => {
  const group = partGroups(reportOf([begun, ...facts])).find(({ face }) => face === 'left');
  if (!group) throw new Error('no left side');
  return group;
};

describe('the parts of one side', () => {
  it('are told in one breath where they are clear, with what was looked for', () => {
    const { title, lines } = left(
      clear('wing-fl', 'straight'),
      clear('door-fl', 'straight', 'edge-clean'),
      {
        kind: 'sweep-made',
        body: { over: { of: 'side', face: 'left' }, parts: ['door-rl'], absent: ['straight'] },
      },
      noted(1, 'quarter-rl'),
    );
    expect(title).toBe('Nearside (left)');
    expect(lines.slice(0, 4)).toEqual([
      // The side is in the title.
      'Looked at one by one and clear: wing, front door.',
      'Looked at in a sweep and clear: rear door.',
      'Looked for, and not there: straight, no dents (wing, front door); door edge free of nicks (front door).',
      'In the sweep: straight, no dents (rear door).',
    ]);
    expect(lines).toContain('With findings: rear quarter (1).');
  });

  it('does not say what a finding contradicts', () => {
    const { lines } = left(clear('door-fl', 'straight'), noted(1, 'door-fl'));
    expect(lines.join(' ')).not.toContain('straight, no dents');
    expect(lines).toContain('With findings: front door (1).');
  });

  it('say that the rest of a part is clear where that was said after its findings', () => {
    const { lines } = left(
      noted(1, 'door-fl'),
      clear('door-fl'),
      noted(2, 'wing-fl'),
      clear('wing-fl'),
      clear('quarter-rl'),
      noted(3, 'quarter-rl'),
    );
    expect(lines).toContain('With findings, the rest of it clear: wing (2), front door (1).');
    // It was clear before the finding was noted: of the rest nobody said so since.
    expect(lines).toContain('With findings: rear quarter (3).');
    const told = reportOf([begun, noted(1, 'door-fl'), clear('door-fl')]);
    expect(told.parts.find(({ part }) => part === 'door-fl')?.says).toBe('Finding 1; the rest of it clear');
    // A fault of a function that is about the part speaks against it.
    const locks: Fact = { kind: 'functions-tried', body: { functions: ['bonnet-release'], state: 'faulty' } };
    const faulty = reportOf([begun, noted(1, 'bonnet'), locks, clear('bonnet')]);
    const says = faulty.parts.find(({ part }) => part === 'bonnet')?.says;
    expect(says).toMatch(/^Finding 1; .*[Bb]onnet release/);
    expect(says).not.toContain('rest of it clear');
  });

  it('are named once where both of a pair are clear', () => {
    const rear = partGroups(
      reportOf([begun, clear('taillamp-l'), clear('taillamp-r'), clear('rearglass')]),
    ).find(({ face }) => face === 'rear');
    expect(rear?.lines[0]).toBe('Looked at one by one and clear: rear glass, tail lamp (both).');
  });

  it('are told in one line when all are clear', () => {
    const side = [...bodyStyle('hatch-5').parts.values()].filter(({ face }) => face === 'left');
    const { lines } = left(...side.map(({ id }) => clear(id)));
    expect(lines).toEqual([`All ${side.length} parts looked at one by one and clear.`]);
  });

  it('leave none out, whatever was said: every part is in one group and told by a line of it', () => {
    const parts = [...bodyStyle('hatch-5').parts.keys()];
    const fact = fc.constantFrom(...parts).chain((part) =>
      fc.constantFrom<Fact>(clear(part), clear(part, 'straight'), noted(1, part), {
        kind: 'part-not-seen',
        body: { part, why: 'wet' },
      }),
    );
    fc.assert(
      fc.property(fc.array(fact, { maxLength: 30 }), (facts) => {
        const report = reportOf([begun, ...facts]);
        const groups = partGroups(report);
        expect(groups.flatMap((group) => group.parts).length).toBe(report.parts.length);
        for (const { lines, parts: here } of groups) {
          const words = lines.join('\n').toLowerCase();
          if (/^all \d+ parts/.test(words)) continue;
          for (const { part } of here) {
            const { kind, position } = hatch.parts.get(part) as Part;
            expect(words).toContain(
              partNameWithoutSide({ kind, ...(position && { position }) }, testCar).toLowerCase(),
            );
          }
        }
      }),
      { numRuns: 40 },
    );
  });
});
