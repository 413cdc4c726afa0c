import { mayNote, roleNames } from '#core/people';
import type { Refuses } from '../store/walkStore';
import type { Identity } from './identity';

/**
 * Entries are signed by who is signed in: they name them, or somebody who signed in on the same device, as what waited there may. And everybody
 * writes down what is theirs to say.
 */
export const signedBy =
  ({ role, speaksFor }: Pick<Identity, 'role' | 'speaksFor'>): Refuses =>
  ({ who, kind }) => {
    if (!speaksFor(who))
      return {
        code: 'not-signed',
        detail:
          'It names somebody who never signed in on this device. They sign in here, or send it from theirs.',
      };
    if (!mayNote(role, kind))
      return {
        code: 'not-yours',
        detail: `Who is here for “${roleNames[role].name}” notes what was put right, and its pictures.`,
      };
    return undefined;
  };
