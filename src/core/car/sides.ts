import { type Country, countryOf } from './countries';

/** Left and right as seen from the driver's seat facing forward. Never the viewer's. */
export type Hand = 'l' | 'r';

/** Where on the car a part sits: a hand, or an end and a hand; `m` is the middle axle of a three-axle vehicle. */
export const positions = ['l', 'r', 'fl', 'fr', 'ml', 'mr', 'rl', 'rr'] as const;
export type Position = (typeof positions)[number];

export type Steering = 'left' | 'right';

/** What decides how sides are spoken of: the country the car is driven in and the side its wheel is on. */
export interface SideSpeech {
  country: Country;
  steering: Steering;
}

export function handOf(position: Position): Hand {
  return position.endsWith('l') ? 'l' : 'r';
}

export function endOf(position: Position): 'front' | 'middle' | 'rear' | undefined {
  switch (position) {
    case 'l':
    case 'r':
      return undefined;
    case 'fl':
    case 'fr':
      return 'front';
    case 'ml':
    case 'mr':
      return 'middle';
    case 'rl':
    case 'rr':
      return 'rear';
  }
}

/** The same place on the other side of the car. */
export function twinPosition(position: Position): Position {
  const other = handOf(position) === 'l' ? 'r' : 'l';
  return (position.length === 1 ? other : `${position[0]}${other}`) as Position;
}

/** Which of its own words for a hand a car's country uses. */
export type HandWord = 'near' | 'off' | 'driver' | 'passenger';

/**
 * The word people in the car's country use for a hand.
 * Where "nearside" is spoken it means the kerb side, whatever side the wheel is on;
 * elsewhere sides are named by who sits there. Common practice of the trade.
 */
export function handWord(hand: Hand, speech: SideSpeech): HandWord {
  const country = countryOf(speech.country);
  if (country.saysNearside) {
    const kerb: Hand = country.drivesOn === 'left' ? 'l' : 'r';
    return hand === kerb ? 'near' : 'off';
  }
  const driver: Hand = speech.steering === 'left' ? 'l' : 'r';
  return hand === driver ? 'driver' : 'passenger';
}

/** The unambiguous word, for readers who do not share the local one. */
export function plainHand(hand: Hand): 'left' | 'right' {
  return hand === 'l' ? 'left' : 'right';
}
