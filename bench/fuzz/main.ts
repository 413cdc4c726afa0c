import fc from 'fast-check';
import { arbitraryLog } from '../../tests/builders/arbitraryEntries';
import { details } from '../../tests/builders/car';
import { begun, CAR, entriesOf, idOf, noted, WALK, WHO } from '../../tests/builders/entries';
import { jpeg, sha256Of } from '../../tests/builders/photos';
import { RunningServer } from '../../tests/builders/runningServer';
import { madeBy, type Schema } from './fromSchema';
import { Random } from './random';

/** `npm run fuzz [calls] [seed]`: calls made from the API's own description, at a server of its own on loopback. */
const [calls = 20_000, seed = 1] = process.argv.slice(2).map(Number);
const AT_ONCE = 4;
const MOST_MS = 20_000;
const EVERYTHING = '/api/yard/everything.zip';

interface Operation {
  method: string;
  path: string;
  parameters: { name: string; in: 'path' | 'query'; required: boolean; schema: Schema }[];
  body?: { type: string; schema: Schema };
}

const server = new RunningServer();
await server.start();
const random = new Random(seed);

async function seeded(): Promise<{ known: string[]; tokens: string[] }> {
  const photo = await jpeg(1);
  await server.post('/api/cars', { id: CAR, details });
  const put = await server.fetch(`/api/photos/${sha256Of(photo)}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'image/jpeg' },
    body: new Uint8Array(photo),
  });
  if (!put.ok) throw new Error(await put.text());
  await server.post(`/api/walks/${WALK}/entries`, {
    entries: entriesOf([
      begun,
      noted(1),
      { kind: 'photo-attached', body: { photo: sha256Of(photo), role: 'whole-car' } },
    ]),
  });
  await server.post(`/api/walks/${WALK}/reports`, { id: idOf(0xd01) });
  const share = async (wish: object) =>
    ((await (await server.post(`/api/reports/${idOf(0xd01)}/shares`, wish)).json()) as { token: string })
      .token;
  return {
    known: [WHO, CAR, WALK, idOf(0xd01), sha256Of(photo), idOf(0xf001)],
    tokens: [await share({}), await share({ passphrase: 'three green doors' })],
  };
}

async function operations(): Promise<Operation[]> {
  const { paths } = (await (await server.fetch(`/api/openapi.json`)).json()) as {
    paths: Record<
      string,
      Record<
        string,
        { parameters: Operation['parameters']; requestBody?: { content: Record<string, { schema: Schema }> } }
      >
    >;
  };
  return Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { parameters, requestBody }]) => {
      const [body] = Object.entries(requestBody?.content ?? {});
      return { method, path, parameters, ...(body && { body: { type: body[0], schema: body[1].schema } }) };
    }),
  );
}

const { known, tokens } = await seeded();
// A stream of news stays open by its nature, and everything of a yard takes the longer the more was made up: that is asked for once, at the end. Whoever signs out, or signs out every device, would be asked nothing more.
const all = (await operations()).filter(
  ({ method, path }) =>
    !path.endsWith('/live') &&
    path !== EVERYTHING &&
    path !== '/api/sign-out' &&
    !(method === 'delete' && path === '/api/devices/{id}'),
);

function requestOf({ method, path, parameters, body }: Operation): { url: string; init: RequestInit } {
  let address = path;
  const query = new URLSearchParams();
  for (const { name, in: place, required, schema } of parameters) {
    const value =
      name === 'token' && random.chance(0.997) ? random.pick(tokens) : madeBy(schema, random, known);
    const text = typeof value === 'object' ? JSON.stringify(value) : String(value);
    if (place === 'path') address = address.replace(`{${name}}`, encodeURIComponent(toWellFormed(text)));
    else if (required || random.chance(0.5)) query.set(name, text);
  }
  const headers: Record<string, string> = {};
  let sent: BodyInit | undefined;
  if (body) {
    headers['Content-Type'] = random.chance(0.97)
      ? body.type
      : random.pick(['text/plain', 'application/octet-stream', 'application/xml']);
    sent = body.type === 'application/json' ? jsonOf(body.schema) : bytesOf();
  }
  const url = `${server.origin}${address}${query.size > 0 ? `?${query}` : ''}`;
  return { url, init: { method: method.toUpperCase(), headers, ...(sent !== undefined && { body: sent }) } };
}

const toWellFormed = (text: string): string => text.replace(/\p{Cs}/gu, '');

function jsonOf(schema: Schema): string {
  const text = JSON.stringify(madeBy(schema, random, known)) ?? '';
  return random.chance(0.02) ? text.slice(0, Math.floor(text.length * random.next())) : text;
}

function bytesOf(): Uint8Array<ArrayBuffer> {
  const heads = [
    'ffd8ffe0',
    '89504e470d0a1a0a',
    '52494646ffffffff57454250',
    '504b0304',
    '1a45dfa3',
    '4f676753',
    '7b7d',
    '',
  ];
  const head = Buffer.from(random.pick(heads), 'hex');
  return Buffer.concat([
    head,
    Buffer.from(Array.from({ length: random.between(0, 300) }, () => random.between(0, 255))),
  ]);
}

/** Entries as a walk may hold them, in any order that is none of a person. */
const logs = fc.sample(arbitraryLog, { seed, numRuns: Math.max(1, Math.floor(calls / 50)) });
let nextLog = 0;
function entriesRequest(): { url: string; init: RequestInit } {
  const walk = random.uuid();
  const log = logs[nextLog++ % logs.length] ?? [];
  const entries = log.map((entry) => ({ ...entry, walk, id: random.uuid() }));
  return {
    url: `${server.origin}/api/walks/${walk}/entries`,
    init: {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        entries: [{ ...entriesOf([begun])[0], walk, id: random.uuid() }, ...entries].slice(0, 100),
      }),
    },
  };
}

const statuses = new Map<number, number>();
const wrong: string[] = [];
let done = 0;
let longest = 0;

async function call({ url, init }: { url: string; init: RequestInit }): Promise<void> {
  const start = performance.now();
  const what = `${init.method} ${url.slice(server.origin.length, 160)}`;
  try {
    const answer = await fetch(url, {
      ...init,
      headers: { ...(init.headers as Record<string, string>), ...server.signed },
      signal: AbortSignal.timeout(MOST_MS),
    });
    const body = await answer.text();
    longest = Math.max(longest, performance.now() - start);
    statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
    const isTold =
      answer.headers.get('content-type')?.startsWith('application/problem+json') && body.includes('"detail"');
    if (answer.status >= 500) wrong.push(`${answer.status} ${what} ${String(init.body).slice(0, 300)}`);
    else if (answer.status >= 400 && !isTold)
      wrong.push(`${answer.status} without a problem document: ${what}`);
  } catch (error) {
    wrong.push(`${(error as Error).name}: ${what}`);
  }
}

const lane = async () => {
  while (done < calls) {
    done++;
    await call(random.chance(0.05) ? entriesRequest() : requestOf(random.pick(all)));
  }
};
await Promise.all(Array.from({ length: AT_ONCE }, lane));
const packed = await server.fetch(EVERYTHING);
await packed.arrayBuffer();
if (!packed.ok) wrong.push(`${packed.status} ${EVERYTHING}`);
const isUp = await fetch(`${server.origin}/api/health`).then(
  ({ ok }) => ok,
  () => false,
);
await server.end();
server.remove();
process.stdout.write(
  `${done} calls of ${all.length} operations, seed ${seed}: ${[...statuses]
    .toSorted(([a], [b]) => a - b)
    .map(([status, n]) => `${status} × ${n}`)
    .join(
      ', ',
    )}; longest ${Math.round(longest)} ms; server ${isUp ? 'up' : 'gone'}; ${wrong.length} wrong\n${wrong.slice(0, 20).join('\n')}\n`,
);
process.exit(wrong.length > 0 || !isUp ? 1 : 0);
