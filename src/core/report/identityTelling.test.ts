import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testCar } from '../../../tests/builders/car';
import { begun } from '../../../tests/builders/entries';
import { reportOf } from '../../../tests/builders/report';
import { reportBlocks, reportFacts } from './blocks/reportBlocks';
import { identityTellings, tellIdentity } from './identityTelling';

describe('plate and identity number', () => {
  it('are told whole, by their last signs, or not at all', () => {
    expect(tellIdentity('ZK1TESSEL7X412345', 'full')).toBe('ZK1TESSEL7X412345');
    expect(tellIdentity('ZK1TESSEL7X412345', 'last-six')).toBe('…412345');
    expect(tellIdentity('ZK1TESSEL7X412345', 'left-out')).toBe('');
    expect(tellIdentity('HX17 KTE', 'last-six')).toBe('…KTE');
    expect(tellIdentity('', 'last-six')).toBe('');
  });

  it('never more than six signs nor half of them, and the same when told again', () => {
    fc.assert(
      fc.property(
        fc.stringMatching(/^[A-Z0-9]{0,20}$/),
        fc.constantFrom(...identityTellings),
        (text, telling) => {
          const told = tellIdentity(text, telling);
          expect(tellIdentity(told, telling)).toBe(told);
          if (telling === 'full') return;
          const signs = told.replace('…', '');
          expect(signs.length).toBeLessThanOrEqual(Math.min(6, text.length / 2));
          expect(text.endsWith(signs)).toBe(true);
        },
      ),
    );
  });

  it('stand nowhere in a report that leaves them out, and a report without the switch tells them as before', () => {
    const car = { ...testCar, plate: 'HX17KTE', identityNumber: 'ZK1TESSEL7X412345' };
    const whole = (telling?: 'last-six' | 'left-out') => {
      const report = reportOf([begun], { car, ...(telling && { identity: telling }) });
      return JSON.stringify([report, reportFacts(report), reportBlocks(report, 'a'.repeat(64))]);
    };
    for (const secret of ['HX17KTE', 'ZK1TESSEL7X412345', '412345'])
      expect(whole('left-out')).not.toContain(secret);
    expect(whole('last-six')).not.toContain('HX17KTE');
    expect(whole('last-six')).not.toContain('X412345');
    expect(whole('last-six')).toContain('…412345');
    expect(whole()).toContain('HX17KTE');
    expect(reportOf([begun], { car }).identity).toBeUndefined();
  });
});
