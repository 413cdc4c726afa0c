import type { Person } from '#core/exchange';
import type { Role } from '#core/people';
import type { Yard } from '#core/yard';

export const yard: Yard = {
  name: 'Brindle & Tew Motor Yard',
  place: 'Port Averil',
  phone: '01632 960104',
  onArrival:
    'You have 48 hours from delivery to tell us of anything that differs, with a picture; send the signed check if you can. We then put it right at our cost, agree a sum with you, or take the car back and repay you.',
  policy:
    'Every car is cleaned inside and out and gets a service before it goes. Stone chips are left as they are unless a report says that they are touched in.',
  mail: 'desk@brindle-tew.example',
  colour: '#24486b',
};

export const nell: Person = { id: '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1a01', name: 'Nell Harrick' };
export const ottilie: Person = { id: '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1a03', name: 'Ottilie Brand' };
export const tomas: Person = { id: '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1a02', name: 'Tomas Vey' };

/** Everybody of the demo yard signs in with it. */
export const PASSWORD = 'salt marsh lantern';

/** Who is here to do what; the owner comes first. */
export const staff: readonly (readonly [Person, Role])[] = [
  [nell, 'owner'],
  [ottilie, 'manager'],
  [tomas, 'walk'],
  [{ id: '5b0f6f0e-93a1-4d0a-8d5c-0f6f2d3c1a04', name: 'Joss Penhale' }, 'workshop'],
];
