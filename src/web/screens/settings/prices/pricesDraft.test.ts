import { describe, expect, it } from 'vitest';
import { usualPrices } from '#core/plan';
import { draftOf, readDraft } from './pricesDraft';

const prices = {
  ...usualPrices('GBP'),
  tax: { perMille: 200, isShown: true },
  tyres: [{ size: '205/55 R16', each: 8250 }],
};

describe('prices in fields', () => {
  it('read as they were', () => {
    expect(readDraft(draftOf(prices))).toEqual({ prices });
    const yen = { ...usualPrices('JPY') };
    expect(readDraft(draftOf(yen))).toEqual({ prices: yen });
  });

  it.each([
    ['currency', 'pounds', 'three letters'],
    ['valeter.perHour', '', 'Type an amount in GBP'],
    ['valeter.perHour', '25.555', 'Type an amount in GBP'],
    ['polish.small.minutes', '1.5', 'Type whole minutes'],
    ['tax', '60', 'from 0 to 50'],
    ['wheelSet', '', 'from 0 to 100'],
    ['tyres', '205/55 R16 82', 'write the size, a colon and the price'],
  ])('%s “%s” is refused at its field', (field, typed, says) => {
    const read = readDraft({ ...draftOf(prices), [field]: typed });
    expect('errors' in read && read.errors[field]).toContain(says);
  });
});
