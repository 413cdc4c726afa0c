import { describe, expect, it } from 'vitest';
import { agreementWords } from './resultWords';

describe('agreement in words', () => {
  it('says what it likely is, not what one figure would be', () => {
    expect(agreementWords({ low: 0.41, high: 0.59 })).toBe('moderate');
    expect(agreementWords({ low: 0.5, high: 0.97 })).toBe('moderate to almost perfect');
    expect(agreementWords({ low: -0.37, high: 0.52 })).toBe('may be chance alone');
    expect(agreementWords({ low: -0.5, high: -0.1 })).toBe('less than chance');
  });
});
