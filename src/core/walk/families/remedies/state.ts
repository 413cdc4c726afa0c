import type { Remedy } from '../../remedy';
import type { FoundAgain, RemedyAbout } from './bodies';

/** How what was to be mended was found when it was looked at again. */
export interface MendChecked {
  found: FoundAgain;
  says?: string;
  at: string;
}

/** A cure and a decision on a tyre, a wheel, a lamp, a function, a thing that comes with it, the papers or the smell. */
export interface RemedyNoted extends Remedy {
  about: RemedyAbout;
  /** Looked at again after the work. */
  checked?: MendChecked;
}

/** Under which a remedy is kept: "part tyre-fl", "papers". */
export function remedyKey(about: RemedyAbout): string {
  switch (about.of) {
    case 'part':
      return `part ${about.part}`;
    case 'function':
      return `function ${about.function}`;
    case 'item':
      return `item ${about.item}`;
    case 'side':
      return `side ${about.side}`;
    default:
      return about.of;
  }
}
