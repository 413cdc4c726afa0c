import type { TruckBody } from '../body';

export const tractor: TruckBody = {
  uk: 'Tractor unit with sleeper',
  us: 'Tractor with sleeper',
  traits: { rear: 'frame', isTruck: true, takes: ['guard-bar'] },
  truck: {
    length: 7300,
    width: 2500,
    height: 3800,
    axles: [1420, 5050, 6400],
    tyreRadius: 520,
    rimRadius: 286,
    frame: 1000,
    door: [640, 1660],
    sleeperEnd: 2860,
    fairingEnd: 3260,
    belt: 2050,
    cabFloor: 1180,
  },
};
