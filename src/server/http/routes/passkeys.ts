import { z } from 'zod';
import { newPasskeyBody, passkeyOptionsSchema, passkeysSchema } from '#core/api';
import type { Context } from '../../context';
import { hereOf } from '../../people/hereOf';
import { webauthn } from '../../people/webauthn';
import { witnessed } from '../../people/witnessed';
import { notFound, unprocessable } from '../../problems';
import { type AnyRoute, route } from '../route';

/** One’s own keys that a phone or a password keeper holds: a finger or a face instead of a password (WebAuthn). */
export function passkeyRoutes(context: Context): AnyRoute[] {
  const { stores, now, challenges } = context;
  const { passkeys } = stores;

  const list = (person: string) => ({
    passkeys: passkeys
      .ofPerson(person)
      .map(({ id, name, createdAt, usedAt }) => ({ id, name, createdAt, ...(usedAt && { usedAt }) })),
  });

  return [
    route({
      method: 'get',
      path: '/api/me/passkeys',
      summary: 'One’s own passkeys',
      needs: 'look',
      gives: passkeysSchema,
      handle: ({ by }) => list(by.person),
    }),
    route({
      method: 'post',
      path: '/api/me/passkeys/options',
      summary: 'What a browser makes a passkey with',
      needs: 'look',
      gives: passkeyOptionsSchema,
      handle: async ({ by }, request) => {
        const { generateRegistrationOptions } = await webauthn();
        const options = await generateRegistrationOptions({
          rpName: 'Zelk',
          rpID: hereOf(request).expectedRPID,
          userName: by.name,
          userID: new TextEncoder().encode(by.person),
          attestationType: 'none',
          excludeCredentials: passkeys.ofPerson(by.person).map(({ id }) => ({ id })),
          // So that it is found without a name being typed, and stands for something one has and is or knows.
          authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
        });
        challenges.handOut(options.challenge);
        return JSON.parse(JSON.stringify(options)) as { challenge: string };
      },
    }),
    route({
      method: 'post',
      path: '/api/me/passkeys',
      summary: 'Keep a passkey that a browser made',
      needs: 'look',
      body: newPasskeyBody,
      status: 201,
      gives: passkeysSchema,
      handle: async ({ body, by }, request) => {
        const { verifyRegistrationResponse } = await webauthn();
        const made = await verifyRegistrationResponse({
          ...hereOf(request),
          response: body.answer as never,
          expectedChallenge: challenges.take,
          requireUserVerification: true,
        }).catch(() => undefined);
        if (!made?.verified)
          throw unprocessable(
            'passkey',
            'That passkey was not made for this page, or too long ago. Try again.',
          );
        const { id, publicKey, counter, transports = [] } = made.registrationInfo.credential;
        if (passkeys.get(id)) throw unprocessable('passkey', 'That passkey is here already.');
        passkeys.add({
          id,
          person: by.person,
          publicKey: Buffer.from(publicKey),
          counter,
          transports,
          name: body.name || 'Passkey',
          createdAt: now().toISOString(),
        });
        witnessed(context, by, 'passkey-added', body.name);
        return list(by.person);
      },
    }),
    route({
      method: 'delete',
      path: '/api/me/passkeys/:key',
      summary: 'Take off a passkey',
      needs: 'look',
      params: z.object({ key: z.string().max(2000) }),
      gives: passkeysSchema,
      handle: ({ params, by }) => {
        if (!passkeys.remove(params.key, by.person)) throw notFound('passkey', 'Load the list again.');
        witnessed(context, by, 'passkey-taken-off');
        return list(by.person);
      },
    }),
  ];
}
