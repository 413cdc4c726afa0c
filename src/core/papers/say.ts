import { type Message, sayer } from '../told';
import type { Day } from './calendar';
import type { Proof, ServiceWork } from './serviceWorks';
import type words from './words.json';

/** Apart from the words themselves, so that what only says something does not carry them. */
export const say = sayer<keyof (typeof words)['uk'] | `proof.${Proof}` | `work.${ServiceWork}`>();

export const dayTold = (day: Day): Message => say('day', { day: { day } });
