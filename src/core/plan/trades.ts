/** Who does a job. */
export const tradeIds = [
  'own-hands',
  'valeter',
  'dent-specialist',
  'paint-specialist',
  'body-shop',
  'wheel-specialist',
  'glass-specialist',
  'trim-specialist',
  'tyre-fitter',
  'workshop',
] as const;
export type Trade = (typeof tradeIds)[number];

export const tradeNames: Record<Trade, string> = {
  'own-hands': 'Our own hands',
  valeter: 'Valeter',
  'dent-specialist': 'Dent specialist',
  'paint-specialist': 'Local paint specialist',
  'body-shop': 'Body shop',
  'wheel-specialist': 'Wheel specialist',
  'glass-specialist': 'Glass specialist',
  'trim-specialist': 'Trim specialist',
  'tyre-fitter': 'Tyre fitter',
  workshop: 'Workshop',
};
