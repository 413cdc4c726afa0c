import { enterBody, firstBody, joinBody, meSchema } from '#core/api';
import type { Context } from '../../context';
import { enterAs, opened, useUp } from '../../people/entrances';
import { takePassword } from '../../people/takePassword';
import { conflict, Problem } from '../../problems';
import { type AnyRoute, route } from '../route';

const ended = () => new Problem(410, 'account-ended', 'That account has ended', 'Ask a manager of the yard.');

/** How one comes in by an address that opens once. */
export function comingInRoutes(context: Context): AnyRoute[] {
  const { accounts, devices, oneTime, people, sessions } = context.stores;
  const { now } = context;
  return [
    route({
      method: 'post',
      path: '/api/first',
      summary: 'The yard’s first owner, by the address the server printed',
      needs: 'anyone',
      body: firstBody,
      status: 201,
      gives: meSchema,
      handle: async ({ body }, request, response) => {
        const address = opened(context, body.token, 'first');
        const password = await takePassword(body.password, body.name);
        if (accounts.isAny())
          throw conflict('has-owner', 'The yard has an owner already. Ask them for an invitation.');
        useUp(context, address);
        people.put({ id: body.id, name: body.name });
        accounts.add({ person: body.id, name: body.name, role: 'owner', password, at: now().toISOString() });
        return enterAs(context, [request, response], {
          person: body.id,
          device: body.device,
          how: 'first-owner',
        });
      },
    }),
    route({
      method: 'post',
      path: '/api/join',
      summary: 'Take an invitation, or set a new password for one that was forgotten',
      needs: 'anyone',
      body: joinBody,
      status: 201,
      gives: meSchema,
      handle: async ({ body }, request, response) => {
        const address = opened(context, body.token, 'invite');
        const { person, name, role } = address as Required<typeof address>;
        const password = await takePassword(body.password, name);
        const known = accounts.get(person);
        if (known?.endedAt) throw ended();
        if (!known && accounts.isTaken(name))
          throw conflict(
            'name-taken',
            'Somebody signs in by that name already. Ask for an invitation in another.',
          );
        useUp(context, address);
        oneTime.withdrawOf(person);
        if (known) {
          // A new password for one that was forgotten: whoever knew the old one is out.
          accounts.setPassword(person, password);
          sessions.endOfPerson(person);
          devices.forgetPinsOf(person);
        } else {
          people.put({ id: person, name });
          accounts.add({ person, name, role, password, at: now().toISOString() });
        }
        const how = known ? 'password-changed' : 'joined';
        return enterAs(context, [request, response], { person, device: body.device, how });
      },
    }),
    route({
      method: 'post',
      path: '/api/enter',
      summary: 'Sign in on one more device, by an address shown on another',
      needs: 'anyone',
      body: enterBody,
      status: 201,
      gives: meSchema,
      handle: ({ body }, request, response) => {
        const address = opened(context, body.token, 'enter');
        const account = accounts.get(address.person ?? '');
        useUp(context, address);
        if (!account || account.endedAt) throw ended();
        return enterAs(context, [request, response], {
          person: account.person,
          device: body.device,
          how: 'paired',
        });
      },
    }),
  ];
}
