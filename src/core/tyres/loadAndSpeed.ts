/**
 * Load a tyre may carry, kilograms, by its load index from 60 on. ISO 4000-1 and ETRTO as commonly reprinted; from memory, and checked
 * against the series the table rounds: 45 · 10^(index/80).
 */
const loads = [
  250, 257, 265, 272, 280, 290, 300, 307, 315, 325, 335, 345, 355, 365, 375, 387, 400, 412, 425, 437, 450,
  462, 475, 487, 500, 515, 530, 545, 560, 580, 600, 615, 630, 650, 670, 690, 710, 730, 750, 775, 800, 825,
  850, 875, 900, 925, 950, 975, 1000, 1030, 1060, 1090, 1120, 1150, 1180, 1215, 1250, 1285, 1320, 1360, 1400,
  1450, 1500, 1550, 1600, 1650, 1700, 1750, 1800, 1850, 1900, 1950, 2000, 2060, 2120, 2180, 2240, 2300, 2360,
  2430, 2500, 2575, 2650, 2725, 2800, 2900, 3000, 3075, 3150, 3250, 3350, 3450, 3550, 3650, 3750, 3875, 4000,
  4125, 4250, 4375, 4500, 4625, 4750, 4875, 5000, 5150, 5300, 5450, 5600, 5800, 6000,
];
export const LOWEST_LOAD_INDEX = 60;
export const HIGHEST_LOAD_INDEX = LOWEST_LOAD_INDEX + loads.length - 1;

/** Kilograms a tyre of this load index may carry; undefined outside the table. */
export const loadOf = (index: number): number | undefined => loads[index - LOWEST_LOAD_INDEX];

/** Kilometres an hour by speed symbol. ISO 4000-1 and ETRTO as commonly reprinted; from memory. */
const speeds: Readonly<Record<string, number>> = {
  F: 80,
  G: 90,
  J: 100,
  K: 110,
  L: 120,
  M: 130,
  N: 140,
  P: 150,
  Q: 160,
  R: 170,
  S: 180,
  T: 190,
  U: 200,
  H: 210,
  V: 240,
  W: 270,
  Y: 300,
};

export const speedOf = (symbol: string): number | undefined => speeds[symbol.toUpperCase()];
