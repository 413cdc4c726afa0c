import { speakDistance } from '../../../measure';
import { family } from '../family';
import { odometerBodies } from './bodies';

export const odometer = family({
  bodies: odometerBodies,
  empty: () => ({ odometerReads: [] }),
  noters: {
    'odometer-read': ({ state }, { body, at }) => {
      state.odometer = { ...body, at };
      state.odometerReads.push(body);
    },
  },
  words: { 'odometer-read': ({ value, unit }) => `Odometer: ${speakDistance(value, unit)}` },
});
