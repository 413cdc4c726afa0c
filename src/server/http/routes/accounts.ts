import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { accountBody, accountsPageSchema, invitationBody, newAddressSchema } from '#core/api';
import { mayAppoint, type Role, roleNames } from '#core/people';
import type { Context } from '../../context';
import { notYours } from '../../people/notYours';
import { witnessed } from '../../people/witnessed';
import { conflict, notFound } from '../../problems';
import { type AnyRoute, route } from '../route';

/** An invitation may wait for Monday. */
const INVITATION_MS = 7 * 86_400_000;

const idParams = z.object({ id: z.uuid('There is no such entry on this list.') });

/** Who belongs to the yard, and who is invited. */
export function accountRoutes(context: Context): AnyRoute[] {
  const { stores, now } = context;
  const { accounts, devices, oneTime, people, sessions } = stores;

  const page = () => {
    const list = accounts.list();
    const known = new Set(list.map(({ person }) => person));
    return {
      accounts: list.map(({ person, name, role, endedAt }) => ({
        person,
        name,
        role,
        ...(endedAt && { endedAt }),
      })),
      invitations: oneTime
        .invitations(now().toISOString())
        .map(({ id, name = '', role = 'walk', expiresAt }) => ({ id, name, role, expiresAt })),
      others: people.list().flatMap(({ id, name }) => (known.has(id) ? [] : [{ person: id, name }])),
    };
  };
  const address = (of: { person: string; name: string; role: Role; madeBy: string }) => {
    const expiresAt = new Date(now().getTime() + INVITATION_MS).toISOString();
    const made = oneTime.make({ ...of, opens: 'invite', at: now().toISOString(), expiresAt });
    return { ...made, expiresAt, ...(context.reach && { origin: context.reach.address }) };
  };
  return [
    route({
      method: 'get',
      path: '/api/accounts',
      summary: 'Who signs in, who is invited, and whose name stands on entries alone',
      needs: 'people',
      gives: accountsPageSchema,
      handle: page,
    }),
    route({
      method: 'post',
      path: '/api/invitations',
      summary: 'Invite somebody: an address that opens once, within a week',
      needs: 'people',
      body: invitationBody,
      status: 201,
      gives: newAddressSchema,
      handle: ({ body: { name, role, person }, by }) => {
        if (!mayAppoint(by.role, role)) throw notYours(role);
        const named = person === undefined ? undefined : people.get(person);
        if (person !== undefined && !named) throw notFound('person', 'Load the list again.');
        if (accounts.isTaken(named?.name ?? name))
          throw conflict(
            'name-taken',
            'Somebody signs in by that name already. Add a surname, or another first letter.',
          );
        witnessed(context, by, 'invited', `${named?.name ?? name}, for “${roleNames[role].name}”`);
        return address({
          person: person ?? randomUUID(),
          name: named?.name ?? name,
          role,
          madeBy: by.person,
        });
      },
    }),
    route({
      method: 'post',
      path: '/api/accounts/:id/password',
      summary: 'An address by which somebody sets a new password, within a week',
      needs: 'people',
      params: idParams,
      status: 201,
      gives: newAddressSchema,
      handle: ({ params, by }) => {
        const account = accounts.get(params.id);
        if (!account || account.endedAt) throw notFound('account', 'Load the list again.');
        if (!mayAppoint(by.role, account.role)) throw notYours(account.role);
        const { person, name, role } = account;
        witnessed(context, by, 'address-made', `for a new password of ${name}`);
        return address({ person, name, role, madeBy: by.person });
      },
    }),
    route({
      method: 'delete',
      path: '/api/invitations/:id',
      summary: 'Take back an invitation',
      needs: 'people',
      params: idParams,
      gives: accountsPageSchema,
      handle: ({ params, by }) => {
        if (!oneTime.withdraw(params.id))
          throw notFound('invitation', 'It was taken already, or taken back.');
        witnessed(context, by, 'invite-withdrawn');
        return page();
      },
    }),
    route({
      method: 'put',
      path: '/api/accounts/:id',
      summary: 'Change what somebody is here to do, end their account, or open it again',
      needs: 'people',
      params: idParams,
      body: accountBody,
      gives: accountsPageSchema,
      handle: ({ params, body: { role, isEnded }, by }) => {
        const account = accounts.get(params.id);
        if (!account) throw notFound('account', 'Load the list again.');
        for (const each of [account.role, role ?? account.role])
          if (!mayAppoint(by.role, each)) throw notYours(each);
        const losesOwner =
          account.role === 'owner' && !account.endedAt && (isEnded || (role && role !== 'owner'));
        if (losesOwner && accounts.owners() === 1)
          throw conflict('last-owner', 'The yard needs an owner. Make somebody else one first.');
        if (role && role !== account.role) {
          accounts.setRole(params.id, role);
          witnessed(context, by, 'role-changed', `${account.name}: “${roleNames[role].name}”`);
        }
        if (isEnded !== undefined && isEnded !== (account.endedAt !== undefined)) {
          accounts.end(params.id, isEnded ? now().toISOString() : null);
          if (isEnded) {
            sessions.endOfPerson(params.id);
            devices.forgetPinsOf(params.id);
          }
          witnessed(
            context,
            by,
            isEnded ? 'dismissed' : 'role-changed',
            isEnded ? account.name : `${account.name} signs in again`,
          );
        }
        return page();
      },
    }),
  ];
}
