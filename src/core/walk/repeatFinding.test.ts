import { describe, expect, it } from 'vitest';
import { bodyStyle } from '../car';
import { MOST_DOTS } from './choices';
import { estimateNotice } from './estimateNotice';
import type { Cures } from './remedySchema';
import { guessDetails, mirrorFinding, oneMoreAt, repeatedWords, sameAgain } from './repeatFinding';
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

const polish: Cures = [{ cure: 'polish', sure: 'should' }];

describe('what nobody has said of a finding', () => {
  const polished = finding({ id: 'last', details: { notice: 'up-close', cures: polish, nail: 'glides' } });
  const open = finding({ id: 'open', details: { lengthMm: 400, widthMm: 300 } });

  it('is guessed: the distance by the rule of reports, the cure by the last of its kind', () => {
    expect(guessDetails(open, [polished, open], 'black')).toEqual({
      notice: estimateNotice(open, 'black'),
      cures: polish,
    });
    expect(estimateNotice(open, 'black')).toBe('across-the-bay');
    expect(guessDetails({ ...open, kind: 'scratch' }, [polished], 'black')).not.toHaveProperty('cures');
  });

  it('is not guessed once it was said, nor from what was dismissed, nor from itself', () => {
    const said = finding({ details: { notice: 'one-step-back', cures: [{ cure: 'clean' }] } });
    expect(guessDetails(said, [polished, said], 'black')).toEqual({});
    const dismissed = { ...polished, standing: { status: 'dismissed', why: 'water' } as const };
    expect(guessDetails(open, [dismissed], 'black')).not.toHaveProperty('cures');
    expect(guessDetails({ ...polished, id: 'x', details: {} }, [], 'black')).not.toHaveProperty('cures');
  });
});

describe('same again', () => {
  const details = {
    notice: 'up-close',
    cures: polish,
    decision: { is: 'promised' },
    severity: 'slight',
    nail: 'glides',
    lengthMm: 40,
    note: 'low',
  } as const;

  it('repeats size, how bad, distance and cure, never tests, words and promises, and the button says all of it', () => {
    const again = sameAgain(finding({ details }));
    expect(again).toEqual({ notice: 'up-close', cures: polish, severity: 'slight', lengthMm: 40 });
    expect(repeatedWords({ kind: 'dent', details: again }, 'uk')).toBe(
      'Dent, shallow, 40 mm across, up close, should polish out',
    );
    expect(repeatedWords({ kind: 'dent', details: {} }, 'uk')).toBe('Dent');
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
