import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Problem } from '../problems';
import { makeCaptionWriter } from './writeCaptions';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'zelk-captions-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

/** A program of the yard, as a script for Node. */
function program(script: string): string[] {
  const file = join(dir, `program-${Math.random().toString(36).slice(2)}.mjs`);
  writeFileSync(file, script);
  return [process.execPath, file];
}
const echo = () =>
  program(
    "import { readFileSync } from 'node:fs'; process.stdout.write('0:01 ' + readFileSync(process.argv.at(-1), 'utf8'));",
  );
const laidAside = () => readdirSync(tmpdir()).filter((name) => name.startsWith('zelk-film-'));
const why = async (work: Promise<unknown>): Promise<Problem> =>
  work.then(
    () => {
      throw new Error('it went well');
    },
    (error) => error as Problem,
  );

describe('words that a program of the yard writes', () => {
  it('are what it prints for the film, which is gone afterwards', async () => {
    const before = laidAside();
    expect(await makeCaptionWriter(echo())(Readable.from([Buffer.from('front door dented')]))).toBe(
      '0:01 front door dented',
    );
    expect(laidAside()).toEqual(before);
  });

  it.each<[string, string, RegExp]>([
    [
      'that ends with an error',
      "process.stderr.write('No model found.'); process.exit(3);",
      /It says: No model found\./,
    ],
    ['that ends without a word', 'process.exit(3);', /It ended with 3/],
    ['that never ends', 'setInterval(() => 0, 1000);', /longer than an hour/],
  ])('of a program %s are not waited for, in words', async (_name, script, says) => {
    const before = laidAside();
    const write = makeCaptionWriter(program(script), { mostFilmBytes: 1000, mostMs: 1500 });
    const problem = await why(write(Readable.from([Buffer.from('film')])));
    expect(problem).toBeInstanceOf(Problem);
    expect(problem.detail).toMatch(says);
    expect(problem.detail).toContain('Bring captions of the film instead');
    expect(laidAside()).toEqual(before);
  });

  it('of a program that is not there, a film too large and an empty one are refused in words', async () => {
    const film = () => Readable.from([Buffer.alloc(2000)]);
    expect((await why(makeCaptionWriter(['/nowhere/speech'])(film()))).detail).toMatch(
      /could not be started/,
    );
    const small = makeCaptionWriter(echo(), { mostFilmBytes: 1000, mostMs: 1500 });
    expect((await why(small(film()))).code).toBe('film-too-large');
    expect((await why(makeCaptionWriter(echo())(Readable.from([])))).code).toBe('film-empty');
  });

  it('are written one film after another, and one that fails holds up nobody', async () => {
    const write = makeCaptionWriter(
      program(
        `import { readFileSync } from 'node:fs';
        const film = readFileSync(process.argv.at(-1), 'utf8');
        if (film === 'bad') process.exit(1);
        process.stdout.write(film);`,
      ),
    );
    const [bad, good] = await Promise.allSettled([
      write(Readable.from([Buffer.from('bad')])),
      write(Readable.from([Buffer.from('good')])),
    ]);
    expect(bad.status).toBe('rejected');
    expect(good).toEqual({ status: 'fulfilled', value: 'good' });
  });
});
