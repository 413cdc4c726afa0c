import type { Request, Response } from 'express';
import type { Me } from '#core/api';
import { type AuditKind, actsOf } from '#core/people';
import type { Context } from '../context';
import { Problem } from '../problems';
import type { OneTime, Opens } from '../store/oneTimeStore';
import { cookies, type Identity } from './identity';
import { witnessed } from './witnessed';

/** Signs somebody in on the device that asks, which is made known if it was not. Whoever was signed in there is not any more. */
export function enterAs(
  context: Pick<Context, 'stores' | 'now'>,
  [request, response]: readonly [Request, Response],
  { person, device: name, how, about }: { person: string; device: string; how: AuditKind; about?: string },
): Me {
  const { stores } = context;
  const at = context.now().toISOString();
  const before = cookies.session(request);
  const secret = cookies.device(request);
  return stores.db
    .transaction(() => {
      let device = secret ? stores.devices.known(secret) : undefined;
      if (!device) {
        const added = stores.devices.add(name || 'A device', at);
        device = added.device;
        cookies.keepDevice(request, response, added.secret);
      }
      const left = before ? stores.sessions.of(before, context.now()) : undefined;
      if (left) stores.sessions.end(left.hash);
      stores.devices.seen(device.id, at);
      stores.devices.remember(device.id, person, at);
      cookies.keepSession(request, response, stores.sessions.begin(person, device.id, at));
      witnessed(context, { person, device: device.id }, how, about);
      return meOf(context, person, device);
    })
    .immediate();
}

/** What a page is told of who is signed in. */
export function meOf(
  { stores }: Pick<Context, 'stores'>,
  person: string | undefined,
  device: { id: string; name: string } | undefined,
): Me {
  const account = person === undefined ? undefined : stores.accounts.get(person);
  return {
    isNew: !stores.accounts.isAny(),
    here: device ? stores.devices.peopleOn(device.id) : [],
    ...(account && {
      me: { person: account.person, name: account.name, role: account.role, may: [...actsOf(account.role)] },
    }),
    ...(device && { device: { id: device.id, name: device.name } }),
  };
}

export const meNow = (context: Context, request: Request, by: Identity | undefined): Me => {
  const secret = cookies.device(request);
  const device = by
    ? context.stores.devices.get(by.device)
    : secret
      ? context.stores.devices.known(secret)
      : undefined;
  return meOf(context, by?.person, device);
};

const problems = {
  unknown: () =>
    new Problem(
      404,
      'no-such-address',
      'This address opens nothing',
      'Check that the whole address was copied, or ask for a new one.',
    ),
  used: () =>
    new Problem(
      410,
      'address-used',
      'This address was used already',
      'It opens once. Ask for a new one, or sign in with your name.',
    ),
  expired: () =>
    new Problem(
      410,
      'address-expired',
      'This address has run out',
      'It was made for a short time. Ask for a new one.',
    ),
} as const;

/** What an address opens, or a Problem that helps. */
export function opened(context: Context, token: string, wanted?: Opens): OneTime {
  const found = context.stores.oneTime.look(token, context.now().toISOString());
  if (typeof found === 'string') throw problems[found]();
  if (wanted && found.opens !== wanted) throw problems.unknown();
  return found;
}

/** Uses an address up; somebody may have been quicker. */
export function useUp(context: Context, address: OneTime): void {
  if (!context.stores.oneTime.use(address.id, context.now().toISOString())) throw problems.used();
}
