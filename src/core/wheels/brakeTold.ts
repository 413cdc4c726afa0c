import { listed, type Text } from '../told';
import { say } from './say';
import { type BrakeMark, THIN_PAD_MM } from './wheelFacts';

/** What was seen of a brake; nothing where nothing was noted. */
export function brakeTold(seen: {
  lip?: BrakeMark | undefined;
  grooves?: BrakeMark | undefined;
  discRust?: BrakeMark | undefined;
  padMm?: number | undefined;
}): Text {
  const { lip, grooves, discRust, padMm } = seen;
  return listed('comma', [
    lip && say('brake.lip', { mark: lip }),
    grooves && say('brake.grooves', { mark: grooves }),
    discRust && say('brake.rust', { mark: discRust }),
    padMm === undefined ? undefined : say(padMm < THIN_PAD_MM ? 'brake.padThin' : 'brake.pad', { mm: padMm }),
  ]);
}
