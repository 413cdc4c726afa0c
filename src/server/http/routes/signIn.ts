import { meSchema, oneTimeSchema, signInBody, switchBody, tokenBody } from '#core/api';
import type { Context } from '../../context';
import { enterAs, meNow, meOf, opened } from '../../people/entrances';
import { cookies } from '../../people/identity';
import { fits } from '../../people/passwords';
import { witnessed } from '../../people/witnessed';
import { Problem } from '../../problems';
import { signInName } from '../../store/accountStore';
import { addressOf } from '../guessLimit';
import { type AnyRoute, route } from '../route';

/** So many wrong PINs, and it opens nothing on that device any more. */
const MOST_WRONG_PINS = 5;

const wrongPassword = () =>
  new Problem(
    401,
    'wrong-password',
    'That does not fit',
    'Name and password do not go together. Check both.',
  );

const wrongPin = (left: number) =>
  new Problem(
    401,
    'wrong-pin',
    'That does not fit',
    left > 0
      ? `That is not the PIN. ${left} more ${left === 1 ? 'try' : 'tries'}.`
      : 'The PIN is gone from this device after too many wrong tries. Sign in with the password.',
  );

/** Who is here, and how one signs in and out. */
export function signInRoutes(context: Context): AnyRoute[] {
  const { stores, tries } = context;
  const { accounts, devices, people, sessions } = stores;

  return [
    route({
      method: 'get',
      path: '/api/me',
      summary: 'Who is signed in here, and who did before on this device',
      needs: 'anyone',
      gives: meSchema,
      handle: ({ by }, request) => meNow(context, request, by),
    }),
    route({
      method: 'post',
      path: '/api/one-time',
      summary: 'What an address that opens once is for',
      needs: 'anyone',
      body: tokenBody,
      gives: oneTimeSchema,
      handle: ({ body }) => {
        const { opens, name, role } = opened(context, body.token);
        return { opens, yard: people.yard().name, ...(name && { name }), ...(role && { role }) };
      },
    }),
    route({
      method: 'post',
      path: '/api/sign-in',
      summary: 'Sign in with name and password',
      needs: 'anyone',
      body: signInBody,
      status: 201,
      gives: meSchema,
      handle: async ({ body }, request, response) => {
        const found = accounts.named(body.name);
        const device = knownFor(found?.account.person, cookies.device(request));
        const [from, name] = [addressOf(request), signInName(body.name)];
        await tries.begin(from, name, device);
        if (!(await fits(body.password, found?.password)) || !found) {
          witnessed(context, undefined, 'sign-in-refused', found?.account.name ?? '');
          throw wrongPassword();
        }
        await tries.right(from, name, device);
        const { person } = found.account;
        return enterAs(context, [request, response], { person, device: body.device, how: 'signed-in' });
      },
    }),
    route({
      method: 'post',
      path: '/api/switch',
      summary: 'Take over a shared device with the PIN set on it',
      needs: 'anyone',
      body: switchBody,
      status: 201,
      gives: meSchema,
      handle: async ({ body }, request, response) => {
        const secret = cookies.device(request);
        const device = secret ? devices.known(secret) : undefined;
        const kept = device && devices.pinOf(device.id, body.person);
        // Counted before it is proven: many at once are many.
        if (device && kept?.pin) devices.countWrongPin(device.id, body.person);
        const isRight = await fits(body.pin, kept && kept.wrong < MOST_WRONG_PINS ? kept.pin : undefined);
        const account = accounts.get(body.person);
        if (!isRight || !device || !kept || !account || account.endedAt) {
          if (device && kept?.pin) {
            if (kept.wrong + 1 >= MOST_WRONG_PINS) devices.setPin(device.id, body.person, null);
            witnessed(
              context,
              undefined,
              'sign-in-refused',
              `PIN of ${account?.name ?? ''} on ${device.name}`,
            );
          }
          throw wrongPin(kept?.pin ? MOST_WRONG_PINS - kept.wrong - 1 : 0);
        }
        // Counted anew from here on.
        devices.setPin(device.id, body.person, kept.pin);
        return enterAs(context, [request, response], {
          person: body.person,
          device: device.name,
          how: 'switched',
        });
      },
    }),
    route({
      method: 'post',
      path: '/api/sign-out',
      summary: 'Sign out on this device',
      needs: 'look',
      gives: meSchema,
      handle: ({ by }, request, response) => {
        sessions.end(by.session);
        cookies.dropSession(request, response);
        witnessed(context, by, 'signed-out');
        return meOf(context, undefined, devices.get(by.device));
      },
    }),
  ];

  /** The device, where that person signed in on it before. */
  function knownFor(person: string | undefined, secret: string | undefined): string | undefined {
    const device = person && secret ? devices.known(secret) : undefined;
    return person && device && devices.isOf(device.id, person) ? device.id : undefined;
  }
}
