import { speakDistance } from '../../../measure';
import { familyOf } from '../family';
import type { odometerBodies } from './bodies';

export const odometer = familyOf<typeof odometerBodies>()({
  empty: () => ({ odometerReads: [] }),
  noters: {
    'odometer-read': ({ state }, { body, at }) => {
      state.odometer = { ...body, at };
      state.odometerReads.push(body);
    },
  },
  words: { 'odometer-read': ({ value, unit }) => `Odometer: ${speakDistance(value, unit)}` },
});
