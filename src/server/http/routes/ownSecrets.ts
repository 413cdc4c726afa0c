import { meSchema, passwordBody, pinBody } from '#core/api';
import { pinProblem } from '#core/people';
import type { Context } from '../../context';
import { meNow } from '../../people/entrances';
import { fits, keep } from '../../people/passwords';
import { takePassword } from '../../people/takePassword';
import { witnessed } from '../../people/witnessed';
import { unprocessable } from '../../problems';
import { signInName } from '../../store/accountStore';
import { addressOf } from '../guessLimit';
import { type AnyRoute, route } from '../route';

/** What somebody signs in by. */
export function ownSecretRoutes(context: Context): AnyRoute[] {
  const { accounts, devices, sessions } = context.stores;
  const { tries } = context;
  return [
    route({
      method: 'put',
      path: '/api/me/pin',
      summary: 'Set the PIN by which one takes over this device, or take it off with null',
      needs: 'look',
      body: pinBody,
      gives: meSchema,
      handle: async ({ body: { pin }, by }, request) => {
        const problem = pin === null ? undefined : pinProblem(pin);
        if (problem) throw unprocessable('pin', problem);
        devices.setPin(by.device, by.person, pin === null ? null : await keep(pin));
        witnessed(context, by, 'pin-set');
        return meNow(context, request, by);
      },
    }),
    route({
      method: 'put',
      path: '/api/me/password',
      summary: 'Change one’s password; every other device is signed out',
      needs: 'look',
      body: passwordBody,
      gives: meSchema,
      handle: async ({ body, by }, request) => {
        const name = signInName(by.name);
        await tries.begin(addressOf(request), name, by.device);
        if (!(await fits(body.password, accounts.passwordOf(by.person)))) {
          throw unprocessable('wrong-password', 'That is not your password so far.');
        }
        await tries.right(addressOf(request), name, by.device);
        const kept = await takePassword(body.fresh, by.name);
        accounts.setPassword(by.person, kept);
        sessions.endOfPerson(by.person, by.session);
        devices.forgetPinsOf(by.person);
        witnessed(context, by, 'password-changed');
        return meNow(context, request, by);
      },
    }),
  ];
}
