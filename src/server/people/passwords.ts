import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';

/** OWASP’s password storage cheat sheet: Argon2id with 19 MiB, two passes, one lane. It runs beside the main thread. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

let common: Promise<ReadonlySet<string>> | undefined;

/** What guessing begins with, in small letters. Read when the first password is chosen. */
export function commonOnes(): Promise<ReadonlySet<string>> {
  common ??= import('@zxcvbn-ts/language-common').then(
    ({ dictionary }) => new Set(dictionary['passwords-common'] as readonly string[]),
  );
  return common;
}

// However it was typed, on whichever keyboard.
const plain = (secret: string) => secret.normalize('NFKC');

export const keep = (secret: string): Promise<string> => hash(plain(secret), COST);

/** What nobody's password is held against, so that a name that is not here takes as long as one that is. */
const nobody = keep(randomBytes(32).toString('hex'));

/** Whether a password or PIN fits what is kept; nothing kept takes as long, and never fits. */
export async function fits(secret: string, kept: string | null | undefined): Promise<boolean> {
  const isRight = await verify(kept ?? (await nobody), plain(secret));
  return isRight && kept !== null && kept !== undefined;
}
