import { describe, expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { MOST_DOTS } from './extent';
import { mirrorFinding, oneMoreAt, repeatFinding } from './repeatFinding';
import type { Finding } from './walkState';

const style = bodyStyle('hatch-5');
const finding = (more: Partial<Finding>): Finding => ({
  id: 'f',
  number: 1,
  part: 'door-fl',
  spot: { u: 0.2, v: 0.4 },
  kind: 'dent',
  standing: { status: 'confirmed' },
  details: {},
  at: '',
  who: '',
  ...more,
});

describe('the next finding of a kind', () => {
  it('starts with the last one’s distance and action, never with its tests or size', () => {
    const details = { notice: 'up-close', action: 'polish', nail: 'glides', lengthMm: 40 } as const;
    expect(repeatFinding([finding({ details })], 'dent')).toEqual({ notice: 'up-close', action: 'polish' });
    expect(repeatFinding([finding({ details })], 'scratch')).toEqual({});
  });

  it('learns nothing from what was dismissed', () => {
    const dismissed = finding({
      standing: { status: 'dismissed', why: 'water' },
      details: { action: 'polish' },
    });
    expect(repeatFinding([dismissed], 'dent')).toEqual({});
  });
});

describe('one more chip', () => {
  const at = { u: 0.7, v: 0.7 };

  it('is a dot beside the first, and counts', () => {
    expect(oneMoreAt(finding({}), at)).toEqual({
      count: 2,
      extent: { form: 'dots', spots: [{ u: 0.2, v: 0.4 }, at] },
    });
  });

  it('adds to a count that was said, however many dots there are', () => {
    expect(oneMoreAt(finding({ details: { count: 12 } }), at).count).toBe(13);
  });

  it('only counts when there are as many dots as a finding may hold', () => {
    const spots = Array.from({ length: MOST_DOTS }, () => at);
    const full = finding({ details: { count: 310, extent: { form: 'dots', spots } } });
    expect(oneMoreAt(full, at)).toEqual({ count: 311 });
  });
});

describe('the same on the other side', () => {
  it('keeps its place along the car on the sides, and turns over at the ends', () => {
    expect(mirrorFinding(finding({}), style)).toMatchObject({ part: 'door-fr', spot: { u: 0.2, v: 0.4 } });
    expect(mirrorFinding(finding({ part: 'headlamp-l', kind: 'haze' }), style)).toMatchObject({
      part: 'headlamp-r',
      spot: { u: 0.8, v: 0.4 },
    });
  });

  it('runs an arc the other way round the clock', () => {
    const arc = finding({
      part: 'wheel-fl',
      kind: 'kerbing',
      details: { extent: { form: 'arc', fromDeg: 60, spanDeg: 90 } },
    });
    const twin = mirrorFinding(arc, style);
    expect(twin?.details.extent).toEqual({ form: 'arc', fromDeg: 210, spanDeg: 90 });
    expect(mirrorFinding({ ...arc, ...twin, kind: 'kerbing' }, style)?.details.extent).toEqual(
      arc.details.extent,
    );
  });

  it('is not offered where there is no such part or only one of it', () => {
    expect(mirrorFinding(finding({ part: 'bonnet' }), style)).toBeUndefined();
    expect(mirrorFinding(finding({ part: 'fillerflap-r', kind: 'scratch' }), style)).toBeUndefined();
  });
});
