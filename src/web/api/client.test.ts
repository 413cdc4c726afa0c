import { afterEach, describe, expect, it, vi } from 'vitest';
import { httpCourier } from '../sync/courier';
import { getJson, RefusedError, UnreachableError } from './client';

const answer = (status: number, body: unknown) =>
  vi.stubGlobal(
    'fetch',
    async () => new Response(typeof body === 'string' ? body : JSON.stringify(body), { status }),
  );
const problem = (more: object = {}) => ({
  type: '/problems/x',
  title: 'No',
  status: 422,
  detail: 'Change this.',
  ...more,
});

afterEach(() => vi.unstubAllGlobals());

describe('asking the server', () => {
  it('gives what it answers', async () => {
    answer(200, { n: 3 });
    await expect(getJson('/x')).resolves.toEqual({ n: 3 });
  });

  it('tells a refusal in the server’s words', async () => {
    answer(422, problem());
    await expect(getJson('/x')).rejects.toThrow(new RefusedError({ ...problem(), errors: undefined }));
  });

  it.each([
    ['no answer', () => vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('failed')))],
    ['a failure inside', () => answer(500, problem({ status: 500 }))],
    ['somebody else’s page', () => answer(404, '<html>captive portal</html>')],
    ['a page of the network’s own', () => answer(200, '<html>Sign in to the network</html>')],
  ])('takes %s for being out of reach', async (_name, arrange) => {
    arrange();
    await expect(getJson('/x')).rejects.toBeInstanceOf(UnreachableError);
  });
});

describe('the courier', () => {
  const entries = [{ id: 'a' }, { id: 'b' }] as never;

  it('passes on which entries were refused and why', async () => {
    answer(422, problem({ errors: [{ path: 'entries.1', detail: 'No such part.', entry: 'b' }] }));
    const { refused } = await httpCourier.postEntries('w', entries);
    expect([...refused]).toEqual([['b', 'No such part.']]);
  });

  it('takes a refusal that names none for one of all', async () => {
    answer(409, problem({ status: 409 }));
    const { refused } = await httpCourier.postEntries('w', entries);
    expect([...refused]).toEqual([
      ['a', 'Change this.'],
      ['b', 'Change this.'],
    ]);
  });

  it('leaves entries waiting when nobody answers', async () => {
    answer(503, '');
    await expect(httpCourier.postEntries('w', entries)).rejects.toBeInstanceOf(UnreachableError);
    await expect(httpCourier.putPhoto('p', new Blob())).rejects.toBeInstanceOf(UnreachableError);
  });
});
