import { describe, expect, it } from 'vitest';
import { functionIds } from '#core/functions';
import { paintClasses } from '#core/paint';
import { schoolIds, schools } from '#core/route';
import { bareFigure, paintBacks, paintTints } from '../map/paintTints';
import { twinAmong } from '../pictures/judgements';
import { minutesWords, routeLine } from './settings/routes/routeWords';
import { faultWords } from './walk/functions/usualWords';
import { toMm, treadKeys } from './walk/readings/tyres/treadKeys';

describe('words beside routes', () => {
  it('tell every ready route in a line', () => {
    const lines = schoolIds.map((id) => routeLine(schools[id]));
    for (const line of lines) expect(line).toMatch(/^From the (front|rear) (left|right), \w+; [^A-Z]+\.$/);
  });

  it('round times to minutes a person would say', () => {
    expect([20, 89, 91, 600].map(minutesWords)).toEqual(['a minute', 'a minute', '2 minutes', '10 minutes']);
  });
});

describe('the keys for tread', () => {
  it('are ten, each once, and mean what they say', () => {
    for (const unit of ['mm', '32nds'] as const)
      for (const isHeavy of [false, true]) {
        const { depths } = treadKeys(unit, isHeavy);
        expect(new Set(depths).size).toBe(10);
        for (const depth of depths) expect(toMm(depth, unit)).toBeLessThanOrEqual(20);
      }
    expect(toMm(4, 'mm')).toBe(4);
    // 1/32 in is 0.79375 mm exactly (international inch, 1959).
    expect(toMm(8, '32nds')).toBe(6.35);
  });
});

describe('what usually happens with what is faulty', () => {
  it('is offered for every function, each word once, short enough for a button', () => {
    for (const id of functionIds) {
      const words = faultWords(id);
      expect(words.length).toBeGreaterThan(1);
      expect(new Set(words).size).toBe(words.length);
      for (const word of words) expect(word.length).toBeLessThan(25);
    }
  });

  it('never asks of a start whether it is slow', () => {
    expect(faultWords('starts-cold')).not.toContain('slow');
    expect(faultWords('horn')).toContain('dead');
  });
});

describe('panels on the map', () => {
  it('have a look for every class, with figures in the unit spoken', () => {
    const rows = paintClasses.map((each, i) => ({
      part: `p${i}`,
      class: each,
      ...(i > 0 && { medianUm: 100 + i }),
    }));
    for (const unit of ['um', 'mil'] as const) {
      const tints = paintTints({ rows, unit });
      expect(new Set([...tints.values()].map(({ fill }) => fill)).size).toBe(paintClasses.length);
      expect(tints.get('p0')?.figure).toBe('');
      expect(tints.get('p1')?.says).toContain(unit === 'um' ? '101 µm' : '4.0 mil');
    }
    expect(Object.keys(paintBacks)).toHaveLength(paintClasses.length);
    // A mil is 25.4 µm exactly.
    expect([bareFigure(127, 'mil'), bareFigure(118.4, 'um')]).toEqual(['5.0', '118']);
  });
});

describe('a picture that looks like another', () => {
  const facts: Record<string, { faults: []; likeness?: string }> = {
    one: { faults: [], likeness: '0f0f0f0f0f0f0f0f' },
    copy: { faults: [], likeness: '0f0f0f0f0f0f0f0e' },
    other: { faults: [], likeness: 'f0f0f0f0f0f0f0f0' },
    unjudged: { faults: [] },
  };
  const of = (sha256: string) => facts[sha256] ?? { faults: [] as [] };

  it('is found among the earlier ones, and never is its own copy', () => {
    expect(twinAmong('copy', ['other', 'one'], of)).toBe('one');
    expect(twinAmong('one', ['one'], of)).toBeUndefined();
    expect(twinAmong('other', ['one', 'copy'], of)).toBeUndefined();
  });

  it('is not guessed while nobody has looked at it', () => {
    expect(twinAmong('unjudged', ['one'], of)).toBeUndefined();
    expect(twinAmong('one', ['unjudged'], of)).toBeUndefined();
  });
});
