import { type Prices, usualPrices } from '#core/plan';

/** What work costs the invented yard: the house figures, its own hours of two trades, tax shown, and the tyres it fits. */
export const prices: Prices = {
  ...usualPrices('GBP'),
  tax: { perMille: 200, isShown: true },
  trades: {
    ...usualPrices('GBP').trades,
    valeter: { perHour: 2400, callOut: 0 },
    'dent-specialist': { perHour: 7800, callOut: 4500 },
  },
  tyres: [
    { size: '205/45 R17', each: 8900 },
    { size: '195/65 R15', each: 6200 },
    { size: '225/40 R18', each: 10_400 },
    { size: '235/65 R16', each: 11_200 },
  ],
};
