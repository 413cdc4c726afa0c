import { expect, it } from 'vitest';
import { equipmentLines } from './toldBlocks';

const table = { tried: ['Cruise control (faulty)'], fitted: ['Tracker'], said: [], absent: [] };

it('says of equipment that it is fitted: what was tried of it is told once, with the functions', () => {
  expect(equipmentLines({ ...table, isTriedElsewhere: true })).toEqual([
    'Fitted: Cruise control (faulty), Tracker.',
  ]);
});

it('keeps the words of reports that were frozen before', () => {
  expect(equipmentLines(table)).toEqual([
    'Fitted and tried: Cruise control (faulty).',
    'Fitted, not tried: Tracker.',
  ]);
});
