import { z } from 'zod';
import { acts, auditKinds, roles } from '../people';

const name = z.string().trim().min(1, 'Type a name.').max(60, 'A name may hold 60 characters.');
const secret = z.string().max(400, 'That is too long for a password.');
/** What an address that opens once carries behind its #. */
const token = z.string().max(100);
/** What the device is called on lists; it can be changed there. */
const device = z.string().trim().max(60, 'A name may hold 60 characters.').default('');

/** Who is signed in here, and what this device knows. */
export const meSchema = z.object({
  /** Nobody has an account yet: the first owner comes in by the address the server prints. */
  isNew: z.boolean(),
  me: z
    .object({ person: z.uuid(), name: z.string(), role: z.enum(roles), may: z.array(z.enum(acts)) })
    .optional(),
  device: z.object({ id: z.uuid(), name: z.string() }).optional(),
  /** Who signed in on this device before; with a PIN they take over. */
  here: z.array(z.object({ person: z.uuid(), name: z.string(), hasPin: z.boolean() })),
});
export type Me = z.output<typeof meSchema>;

export const oneTimeSchema = z.object({
  opens: z.enum(['first', 'invite', 'enter']),
  name: z.string().optional(),
  role: z.enum(roles).optional(),
  yard: z.string(),
});
export type OneTimePage = z.output<typeof oneTimeSchema>;

export const tokenBody = z.object({ token });
export const firstBody = z.object({ token, id: z.uuid(), name, password: secret, device });
export const joinBody = z.object({ token, password: secret, device });
export const enterBody = z.object({ token, device });
export const signInBody = z.object({ name: z.string().max(200), password: secret, device });
export const switchBody = z.object({ person: z.uuid(), pin: z.string().max(20) });
export const pinBody = z.object({ pin: z.string().max(20).nullable() });
export const passwordBody = z.object({ password: secret, fresh: secret });

/** An address to be opened once: behind `/enter#`. */
export const newAddressSchema = z.object({
  id: z.string(),
  token: z.string(),
  expiresAt: z.string(),
  /** How another device reaches this server; absent where none does. */
  origin: z.string().optional(),
});
export type NewAddress = z.output<typeof newAddressSchema>;

/** What a browser is handed to make or use a passkey with, and what it gives back: WebAuthn’s own JSON (Level 3, 5.1.8 to 5.1.10). */
export const passkeyOptionsSchema = z.looseObject({ challenge: z.string() });
const passkeyAnswer = z.looseObject({
  id: z.string().max(2000),
  rawId: z.string().max(2000),
  type: z.literal('public-key'),
});
export const newPasskeyBody = z.object({
  answer: passkeyAnswer,
  name: z.string().trim().max(60).default(''),
});
export const passkeySignInBody = z.object({ answer: passkeyAnswer, device });
export const passkeysSchema = z.object({
  passkeys: z.array(
    z.object({ id: z.string(), name: z.string(), createdAt: z.string(), usedAt: z.string().optional() }),
  ),
});
export type Passkeys = z.output<typeof passkeysSchema>;

export const deviceListSchema = z.object({
  devices: z.array(
    z.object({
      id: z.uuid(),
      name: z.string(),
      seenAt: z.string(),
      isThis: z.boolean(),
      people: z.array(z.string()),
    }),
  ),
});
export type DeviceList = z.output<typeof deviceListSchema>;
export const deviceBody = z.object({ name });

export const accountsPageSchema = z.object({
  accounts: z.array(
    z.object({
      person: z.uuid(),
      name: z.string(),
      role: z.enum(roles),
      endedAt: z.string().optional(),
    }),
  ),
  invitations: z.array(
    z.object({ id: z.uuid(), name: z.string(), role: z.enum(roles), expiresAt: z.string() }),
  ),
  /** Names on entries, of people who do not sign in. */
  others: z.array(z.object({ person: z.uuid(), name: z.string() })),
});
export type AccountsPage = z.output<typeof accountsPageSchema>;
export const invitationBody = z.object({
  name,
  role: z.enum(roles, 'Choose what they are here to do.'),
  /** Somebody whose name stands on entries already. */
  person: z.uuid().optional(),
});
export const accountBody = z.object({ role: z.enum(roles).optional(), isEnded: z.boolean().optional() });

export const auditPageSchema = z.object({
  rows: z.array(
    z.object({
      id: z.int(),
      at: z.string(),
      name: z.string().optional(),
      device: z.string().optional(),
      what: z.enum(auditKinds),
      about: z.string(),
    }),
  ),
  /** Ask for those before it; absent at the end. */
  next: z.int().optional(),
});
export type AuditPage = z.output<typeof auditPageSchema>;
