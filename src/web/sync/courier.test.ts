import { afterEach, describe, expect, it, vi } from 'vitest';
import { carDetailsSchema } from '#core/car';
import { details, testCar } from '../../../tests/builders/car';
import { entriesOf, noted } from '../../../tests/builders/entries';
import { UnreachableError } from '../api/answers';
import { httpCourier } from './courier';

const entries = entriesOf([noted(1), noted(2)]);
const [first, second] = entries;

/** The server answers once with this. */
function answer(status: number, body: unknown): void {
  vi.stubGlobal('fetch', async () => new Response(JSON.stringify(body), { status }));
}
const problem = (status: number, errors?: object[]) => ({
  type: '/problems/entries-refused',
  title: 'It was understood, but cannot be taken',
  status,
  detail: 'Set the clock of the device.',
  ...(errors && { errors }),
});
afterEach(() => vi.unstubAllGlobals());

const post = () => httpCourier.postEntries('walk', entries);

describe('entries on their way', () => {
  it('are through when the server took them', async () => {
    answer(200, { accepted: entries.map(({ id }) => id), already: [], position: 2 });
    expect((await post()).refused.size).toBe(0);
  });

  it('are refused one by one where the server names them', async () => {
    answer(422, problem(422, [{ path: 'entries.1', detail: 'No such part.', entry: second?.id }]));
    expect([...(await post()).refused]).toEqual([[second?.id, 'No such part.']]);
  });

  it('are refused together where it names none', async () => {
    answer(409, problem(409));
    expect([...(await post()).refused]).toEqual([
      [first?.id, 'Set the clock of the device.'],
      [second?.id, 'Set the clock of the device.'],
    ]);
  });

  it.each([
    ['the server is stopping', 503, problem(503)],
    ['its disk is full', 507, { ...problem(507), detail: 'The disk of Zelk’s server is full.' }],
    ['something between answers', 404, '<html>Sign in to this network</html>'],
    ['it answers a picture', 200, undefined],
  ])('wait when %s', async (_why, status, body) => {
    answer(status, body);
    if (status === 200) await expect(post()).rejects.toThrow();
    else await expect(post()).rejects.toBeInstanceOf(UnreachableError);
  });

  it('wait when nothing answers', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
    await expect(post()).rejects.toThrow(/kept on this device and sent later/);
  });
});

describe('a photo on its way', () => {
  it('tells why the server would not have it', async () => {
    answer(415, { ...problem(415), detail: 'It is not a photo, whatever its name says.' });
    expect(await httpCourier.putPhoto('a'.repeat(64), new Blob(['x']))).toEqual({
      refusal: 'It is not a photo, whatever its name says.',
    });
  });

  it('waits when nothing answers', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
    await expect(
      httpCourier.putRecording('a'.repeat(64), new Blob(['x']), 'recording'),
    ).rejects.toBeInstanceOf(UnreachableError);
  });
});

describe('a car on its way', () => {
  const car = { id: testCar.id, details: carDetailsSchema.parse(details), addedAt: testCar.createdAt };
  const asked: string[] = [];
  const answers = (saved: object) =>
    vi.stubGlobal('fetch', async (path: string, { method }: RequestInit) => {
      asked.push(`${method} ${path}`);
      return new Response(JSON.stringify(saved), { status: 200 });
    });
  afterEach(() => asked.splice(0));

  it('is sent once', async () => {
    answers(testCar);
    expect(await httpCourier.postCar(car)).toEqual({});
    expect(asked).toEqual(['POST /api/cars']);
  });

  it('is put right where an earlier try got through with other words', async () => {
    answers({ ...testCar, make: 'Fenlrak' });
    expect(await httpCourier.postCar(car)).toEqual({});
    expect(asked).toEqual(['POST /api/cars', `PUT /api/cars/${car.id}`]);
  });
});
