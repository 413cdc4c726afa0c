import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { asNoRoom } from '../noRoom';
import { Problem, unprocessable } from '../problems';

/** A film of three hours as phones take it, in small; nothing of it is kept. */
const MOST_FILM_BYTES = 4 * 1024 ** 3;
/** Captions of three hours take a few hundred kilobytes. */
const MOST_TEXT_BYTES = 8 * 1024 * 1024;
const MOST_MS = 60 * 60 * 1000;
/** What the program says of itself goes into the message, cut. */
const MOST_SAID = 400;

export interface CaptionLimits {
  mostFilmBytes: number;
  mostMs: number;
}

/**
 * Has the yard's own speech-to-text write down what is said in a film: the film is laid aside in a file, the program is given its path and prints captions, and
 * the file goes away again. One at a time: such programs take the whole machine. Throws a Problem.
 */
export function makeCaptionWriter(
  command: readonly string[],
  limits: CaptionLimits = { mostFilmBytes: MOST_FILM_BYTES, mostMs: MOST_MS },
) {
  let before: Promise<unknown> = Promise.resolve();
  return async function write(film: Readable): Promise<string> {
    const file = join(tmpdir(), `zelk-film-${randomUUID()}`);
    try {
      await layAside(film, file, limits.mostFilmBytes);
      const mine = before.then(() => run(command, file, limits.mostMs));
      before = mine.catch(() => undefined);
      return await mine;
    } finally {
      await rm(file, { force: true });
    }
  };
}

async function layAside(film: Readable, file: string, most: number): Promise<void> {
  let bytes = 0;
  try {
    await pipeline(
      film,
      async function* (source: AsyncIterable<Buffer>) {
        for await (const chunk of source) {
          bytes += chunk.length;
          if (bytes > most)
            throw new Problem(
              413,
              'film-too-large',
              'The film is too large',
              `A film whose words are to be written may have at most ${Math.floor(most / 1024 ** 3)} GB. Cut it to the walk of this car.`,
            );
          yield chunk;
        }
      },
      createWriteStream(file),
    );
  } catch (error) {
    throw asNoRoom(error);
  }
  if (bytes === 0) throw unprocessable('film-empty', 'The film is empty (0 bytes). Choose the file again.');
}

function run([program = '', ...args]: readonly string[], file: string, mostMs: number): Promise<string> {
  return new Promise((resolve, reject) => {
    const child = spawn(program, [...args, file], { stdio: ['ignore', 'pipe', 'pipe'] });
    const out: Buffer[] = [];
    let bytes = 0;
    let said = '';
    const timer = setTimeout(() => {
      child.kill('SIGKILL');
      fail('It took longer than an hour and was ended.');
    }, mostMs);
    const fail = (why: string) => {
      clearTimeout(timer);
      reject(
        new Problem(
          502,
          'captions-not-written',
          'The words could not be written',
          `The yard’s speech-to-text did not write the words. ${why} Bring captions of the film instead, or paste what was said.`,
        ),
      );
    };
    child.stdout.on('data', (chunk: Buffer) => {
      bytes += chunk.length;
      if (bytes <= MOST_TEXT_BYTES) out.push(chunk);
    });
    child.stderr.on('data', (chunk: Buffer) => {
      said = (said + chunk.toString('utf8')).slice(-MOST_SAID);
    });
    child.on('error', () => fail('It could not be started.'));
    child.on('close', (code) => {
      if (code !== 0) return fail(said.trim() ? `It says: ${said.trim()}` : `It ended with ${code}.`);
      if (bytes > MOST_TEXT_BYTES) return fail('It wrote more than any film says.');
      clearTimeout(timer);
      resolve(Buffer.concat(out).toString('utf8'));
    });
  });
}
