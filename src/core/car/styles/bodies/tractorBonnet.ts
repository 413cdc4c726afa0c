import type { TruckBody } from '../body';
import { tractor } from './tractor';

/** How far the bonnet puts the cab and all behind it back. */
const BONNET = 1240;

/** The same vehicle with its engine before the cab. */
export const tractorBonnet: TruckBody = {
  uk: 'Tractor unit with bonnet and sleeper',
  us: 'Tractor with hood and sleeper',
  traits: tractor.traits,
  truck: {
    ...tractor.truck,
    length: 7300 + BONNET,
    axles: [1420, 5050 + BONNET, 6400 + BONNET],
    door: [640 + BONNET, 1660 + BONNET],
    sleeperEnd: 2860 + BONNET,
    fairingEnd: 3260 + BONNET,
    bonnet: BONNET,
  },
};
