import { z } from 'zod';
import { auditPageSchema, deviceBody, deviceListSchema, newAddressSchema } from '#core/api';
import { mayDo } from '#core/people';
import type { Context } from '../../context';
import type { Identity } from '../../people/identity';
import { witnessed } from '../../people/witnessed';
import { notFound } from '../../problems';
import { type AnyRoute, route } from '../route';

/** A phone is brought while both are at hand. */
const PHONE_MS = 2 * 60_000;
const AUDIT_ROWS = 50;

const idParams = z.object({ id: z.uuid('There is no such device on this list.') });

/** Phones and computers of the yard, and what was done on them. */
export function deviceRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;
  const { audit, devices, oneTime, sessions } = stores;
  /** Devices one may see: all of them, or those one signed in on. */
  const seenBy = (by: Identity) => ({
    devices: devices.list().flatMap(({ id, name, seenAt }) => {
      if (!mayDo(by.role, 'people') && !devices.isOf(id, by.person)) return [];
      const here = devices.peopleOn(id).map((each) => each.name);
      return [{ id, name, seenAt, isThis: id === by.device, people: here }];
    }),
  });
  const deviceOf = (by: Identity, id: string) => {
    const device = devices.get(id);
    if (!device || (!mayDo(by.role, 'people') && !devices.isOf(id, by.person)))
      throw notFound('device', 'Load the list again.');
    return device;
  };

  return [
    route({
      method: 'post',
      path: '/api/me/phone',
      summary: 'An address by which one signs in on one more device, within two minutes',
      needs: 'look',
      status: 201,
      gives: newAddressSchema,
      handle: ({ by }) => {
        const expiresAt = new Date(now().getTime() + PHONE_MS).toISOString();
        const made = oneTime.make({
          opens: 'enter',
          person: by.person,
          name: by.name,
          madeBy: by.person,
          at: now().toISOString(),
          expiresAt,
        });
        return { ...made, expiresAt, ...(context.reach && { origin: context.reach.address }) };
      },
    }),
    route({
      method: 'get',
      path: '/api/devices',
      summary: 'Phones and computers somebody is signed in on',
      needs: 'look',
      gives: deviceListSchema,
      handle: ({ by }) => seenBy(by),
    }),
    route({
      method: 'put',
      path: '/api/devices/:id',
      summary: 'Call a device something',
      needs: 'look',
      params: idParams,
      body: deviceBody,
      gives: deviceListSchema,
      handle: ({ params, body, by }) => {
        devices.rename(deviceOf(by, params.id).id, body.name);
        return seenBy(by);
      },
    }),
    route({
      method: 'delete',
      path: '/api/devices/:id',
      summary: 'Sign out a device, whoever uses it: it must be brought again',
      needs: 'look',
      params: idParams,
      gives: deviceListSchema,
      handle: ({ params, by }) => {
        const { id, name } = deviceOf(by, params.id);
        stores.db.transaction(() => {
          sessions.endOfDevice(id);
          devices.end(id, now().toISOString());
          witnessed(context, by, 'device-signed-out', name);
        })();
        return seenBy(by);
      },
    }),
    route({
      method: 'get',
      path: '/api/audit',
      summary: 'Who did what, the newest first',
      needs: 'people',
      query: z.object({ before: z.coerce.number().int().positive().optional() }),
      gives: auditPageSchema,
      handle: ({ query }) => {
        const rows = audit.page(query.before ?? Number.MAX_SAFE_INTEGER, AUDIT_ROWS + 1);
        const shown = rows.slice(0, AUDIT_ROWS);
        const last = shown.at(-1);
        return { rows: shown, ...(rows.length > AUDIT_ROWS && last && { next: last.id }) };
      },
    }),
  ];
}
