import { browserSupportsWebAuthn, startAuthentication, startRegistration } from '@simplewebauthn/browser';
import { sendJson } from '../../../api/client';

/** Whether a passkey can be made here, or why not. Browsers bind them to a name: an address of digits has none. */
export function whyNoPasskey(): string | undefined {
  if (!browserSupportsWebAuthn()) return 'This browser knows no passkeys.';
  if (/^[\d.]+$|:/.test(location.hostname))
    return 'Passkeys need an address with a name in it; here Zelk is opened by a number.';
  return undefined;
}

type Options = never;

/** Has the device make one. Throws when whoever is asked says no. */
export const makePasskey = async () =>
  startRegistration({
    optionsJSON: (await sendJson<Options>('POST', '/api/me/passkeys/options', {})) as Options,
  });

/** Has the device answer with one. */
export const askForPasskey = async () =>
  startAuthentication({
    optionsJSON: (await sendJson<Options>('POST', '/api/sign-in/passkey/options', {})) as Options,
  });

/** What a browser says when nobody answered it, in words. */
export const passkeyProblem = (error: unknown): string =>
  (error as Error).name === 'NotAllowedError'
    ? 'Nobody answered, or it was refused. Try again.'
    : (error as Error).message;
