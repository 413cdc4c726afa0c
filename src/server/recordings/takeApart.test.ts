import {
  closeSync,
  mkdtempSync,
  openSync,
  readSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { mp4 } from '../../../tests/builders/recordings';
import { Pool } from '../aside/pool';

const MB = 1024 * 1024;
const SECRET = '12 Hidden Lane';

/** A film with so many bytes of something else behind it, and a place written at their end. */
function largeFilm(path: string, bytes: number): void {
  const film = mp4();
  const head = Buffer.alloc(8);
  head.writeUInt32BE(bytes);
  head.write('uuid', 4, 'latin1');
  writeFileSync(path, Buffer.concat([film, head]));
  truncateSync(path, film.length + bytes);
  const file = openSync(path, 'r+');
  writeSync(file, SECRET, film.length + bytes - SECRET.length);
  closeSync(file);
}

it('a film larger than the memory it may take is cleaned where it lies', async () => {
  const dir = mkdtempSync(join(tmpdir(), 'zelk-large-'));
  const pool = new Pool({ mostMs: 120_000, mostBytes: 200 * MB });
  try {
    const [file, bare] = [join(dir, 'film'), join(dir, 'bare')];
    largeFilm(file, 300 * MB);
    expect(await pool.run('recording', { file, bare, as: 'film' })).toEqual({
      mime: 'video/mp4',
      seconds: 4,
    });
    const { size } = statSync(bare);
    expect(size).toBe(statSync(file).size);
    const end = Buffer.alloc(SECRET.length);
    const opened = openSync(bare, 'r');
    readSync(opened, end, 0, end.length, size - end.length);
    closeSync(opened);
    expect(end.equals(Buffer.alloc(end.length))).toBe(true);
  } finally {
    pool.stop();
    rmSync(dir, { recursive: true, force: true });
  }
});
