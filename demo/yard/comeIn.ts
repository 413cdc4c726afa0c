import type { Person } from '#core/exchange';
import type { Role } from '#core/people';
import { PASSWORD, staff } from './people';

/** What each of the yard's people holds once they are signed in, by their id. */
export type Signed = ReadonlyMap<string, string>;

const cookiesOf = (response: Response): string =>
  response.headers
    .getSetCookie()
    .map((cookie) => cookie.split(';')[0])
    .join('; ');

/** The yard's people come in as they would: the owner by the address the server prints, the others by invitations. */
export async function comeIn(origin: string, first: string): Promise<Signed> {
  const signed = new Map<string, string>();
  const post = async (path: string, body: unknown, cookie = ''): Promise<Response> => {
    const response = await fetch(origin + path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Cookie: cookie },
      body: JSON.stringify(body),
    });
    if (!response.ok) throw new Error(`${path}: ${await response.text()}`);
    return response;
  };
  const [owner, ...others] = staff as readonly [[Person, Role], ...[Person, Role][]];
  const [{ id, name }] = owner;
  const device = 'The office';
  signed.set(id, cookiesOf(await post('/api/first', { token: first, id, name, password: PASSWORD, device })));
  for (const [person, role] of others) {
    await post('/api/people', person, signed.get(id));
    const invited = await post(
      '/api/invitations',
      { name: person.name, role, person: person.id },
      signed.get(id),
    );
    const { token } = (await invited.json()) as { token: string };
    const joined = await post('/api/join', {
      token,
      password: PASSWORD,
      device: `${person.name.split(' ')[0]}’s phone`,
    });
    signed.set(person.id, cookiesOf(joined));
  }
  return signed;
}
