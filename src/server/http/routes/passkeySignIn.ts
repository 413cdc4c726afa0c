import { meSchema, passkeyOptionsSchema, passkeySignInBody } from '#core/api';
import type { Context } from '../../context';
import { enterAs } from '../../people/entrances';
import { hereOf } from '../../people/hereOf';
import { webauthn } from '../../people/webauthn';
import { witnessed } from '../../people/witnessed';
import { Problem } from '../../problems';
import { addressOf } from '../guessLimit';
import { type AnyRoute, route } from '../route';

const noPasskey = () =>
  new Problem(
    401,
    'wrong-passkey',
    'That passkey opens nothing here',
    'It was taken off, or is of another yard. Sign in with your name and password.',
  );

/** Signing in with a key the device holds, without a name being typed. */
export function passkeySignInRoutes(context: Context): AnyRoute[] {
  const { now, challenges, tries } = context;
  const { passkeys } = context.stores;
  return [
    route({
      method: 'post',
      path: '/api/sign-in/passkey/options',
      summary: 'What a browser answers with a passkey it holds',
      needs: 'anyone',
      gives: passkeyOptionsSchema,
      handle: async (_input, request) => {
        const { generateAuthenticationOptions } = await webauthn();
        const options = await generateAuthenticationOptions({
          rpID: hereOf(request).expectedRPID,
          userVerification: 'required',
        });
        challenges.handOut(options.challenge);
        return JSON.parse(JSON.stringify(options)) as { challenge: string };
      },
    }),
    route({
      method: 'post',
      path: '/api/sign-in/passkey',
      summary: 'Sign in with a passkey',
      needs: 'anyone',
      body: passkeySignInBody,
      status: 201,
      gives: meSchema,
      handle: async ({ body }, request, response) => {
        const from = addressOf(request);
        const named = `passkey ${body.answer.id}`;
        await tries.begin(from, named, undefined);
        const { verifyAuthenticationResponse } = await webauthn();
        const kept = passkeys.get(body.answer.id);
        const proof =
          kept &&
          (await verifyAuthenticationResponse({
            ...hereOf(request),
            response: body.answer as never,
            expectedChallenge: challenges.take,
            requireUserVerification: true,
            credential: {
              id: kept.id,
              publicKey: new Uint8Array(kept.publicKey),
              counter: kept.counter,
              transports: kept.transports as never,
            },
          }).catch(() => undefined));
        if (!kept || !proof?.verified) {
          witnessed(context, undefined, 'sign-in-refused', 'passkey');
          throw noPasskey();
        }
        await tries.right(from, named, undefined);
        passkeys.used(kept.id, proof.authenticationInfo.newCounter, now().toISOString());
        return enterAs(context, [request, response], {
          person: kept.person,
          device: body.device,
          how: 'signed-in',
          about: 'with a passkey',
        });
      },
    }),
  ];
}
