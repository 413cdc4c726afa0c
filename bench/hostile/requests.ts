import { gzipSync } from 'node:zlib';
import { idOf } from '../../tests/builders/entries';
import { type Attack, repeat } from './attack';

const json = (
  name: string,
  path: string,
  body: Buffer | string,
  more: Record<string, string> = {},
): Attack => ({
  name: `JSON ${name}`,
  method: 'POST',
  path,
  headers: { 'Content-Type': 'application/json', ...more },
  body: Buffer.from(body),
});

/** Requests and walk files that keep a parser busy. */
export function requests(walk: string, token: string): Attack[] {
  const entries = `/api/walks/${walk}/entries`;
  const nobody = `/api/shared/${'x'.repeat(27)}`;
  const bomb = gzipSync(Buffer.alloc(31_000_000, '['), { level: 9 });
  const packed = { 'Content-Encoding': 'gzip' };
  const entry = (i: number) =>
    JSON.stringify({
      id: idOf(i + 0x900000),
      walk,
      who: idOf(1),
      at: '2026-03-14T09:30:00.000Z',
      kind: 'part-cleared',
      body: { part: 'roof' },
    });
  const file = (inside: string) =>
    `{"format":"zelk-walk","version":1,"exportedAt":"2026-03-14T09:30:00.000Z","walk":"${walk}",${inside}}`;
  return [
    json('of 31 MB of brackets', '/api/imports', Buffer.alloc(31_000_000, '[')),
    json('of 95 MB of small objects', '/api/imports', Buffer.alloc(95_000_000, '{"a":1},')),
    json('of 7 MB of brackets', '/api/imports', Buffer.alloc(7_000_000, '[')),
    json('of brackets to the log', entries, Buffer.alloc(7_000_000, '[')),
    json(
      'of brackets in a question, by a link',
      `/api/shared/${token}/questions`,
      Buffer.alloc(200_000, '['),
    ),
    json('packed, 30 kB, by no link', `${nobody}/questions`, bomb, packed),
    ...[1, 2, 3, 4, 5].map((i) => json(`packed, one of five at once (${i})`, '/api/people', bomb, packed)),
    json(
      'of 300,000 entries',
      entries,
      `{"entries":[${Array.from({ length: 300_000 }, () => '{}').join()}]}`,
    ),
    json('of 2 million empty lists', entries, `{"entries":[${repeat(2_000_000, '[],')}1]}`),
    json(
      'of 500 entries of garbage',
      entries,
      JSON.stringify({ entries: Array.from({ length: 500 }, () => ({ kind: 'x'.repeat(8000) })) }),
    ),
    json('of one name of 7 MB', entries, `{"${'k'.repeat(7_000_000)}":1}`),
    json('of one text of 7 MB', entries, JSON.stringify({ entries: [{ kind: 'k'.repeat(7_000_000) }] })),
    json('of a number of a million digits', entries, `{"entries":[${'9'.repeat(1_000_000)}]}`),
    json(
      'of 100,000 escapes that cannot be shown',
      entries,
      `{"entries":[${repeat(100_000, '"\\u0000",')}1]}`,
    ),
    json(
      'of names of prototypes',
      '/api/people',
      '{"__proto__":{"id":1},"constructor":{"prototype":{"x":1}},"id":"x","name":"y"}',
    ),
    json('that is no UTF-8', '/api/people', Buffer.from([0x7b, 0x22, 0xff, 0xfe, 0x22, 0x3a, 0x31, 0x7d])),
    json(
      'walk file of 9,999 entries of nothing',
      '/api/imports',
      file(`"entries":[${Array.from({ length: 9999 }, () => '{}').join()}]`),
    ),
    json(
      'walk file of 60,000 entries',
      '/api/imports',
      file(`"entries":[${Array.from({ length: 30_000 }, (_, i) => entry(i)).join()}]`),
    ),
    json(
      'walk file of 20,000 people',
      '/api/imports',
      file(`"people":[${Array.from({ length: 60_000 }, (_, i) => `{"id":"${idOf(i)}","name":"a"}`).join()}]`),
    ),
    json('walk file of a million texts', '/api/imports', file(`"x":[${repeat(1_000_000, '"aaaa",')}1]`)),
    json(
      'search of a 90,000-sign regular expression’s dread',
      '/api/people',
      JSON.stringify({ id: idOf(7), name: `${'a '.repeat(100_000)}!` }),
    ),
    { name: 'address of 12,000 signs', method: 'GET', path: `/api/cars?search=${'a'.repeat(12_000)}` },
    { name: 'address of 400 filters', method: 'GET', path: `/api/cars?${'limit=1&'.repeat(1500)}` },
    { name: 'address of NUL', method: 'GET', path: '/api/cars?search=%00' },
    { name: 'address that leads out', method: 'GET', path: '/assets/..%2f..%2f..%2fetc%2fpasswd' },
    {
      name: 'range of a thousand ranges',
      method: 'GET',
      path: '/strip.svg',
      headers: { Range: `bytes=${Array.from({ length: 900 }, (_, i) => `${i}-${i + 1}`).join()}` },
    },
    {
      name: 'expectation',
      method: 'POST',
      path: '/api/people',
      headers: { Expect: 'the-moon', 'Content-Type': 'application/json' },
      body: Buffer.from('{}'),
    },
  ];
}
