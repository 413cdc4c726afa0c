import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { createWriteStream, existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { composeReport, reportBlocks } from '#core/report';
import { writePdf } from '../../src/server/reports/pdf/writePdf';
import { truthOf } from '../../tests/builders/pictures';
import { yard } from './people';
import { playScript } from './playScript';
import { walks } from './walks';

const now = new Date('2026-03-15T12:00:00.000Z');
const dir = mkdtempSync(join(tmpdir(), 'zelk-paper-'));
const file = join(dir, 'report.pdf');
const files = new Map<string, string>();
const hashOf = (name: string) => {
  const hash = createHash('sha256').update(name).digest('hex');
  files.set(hash, join('demo/pictures', `${name}.jpg`));
  return hash;
};
let titles: string[];
let pages: string[][];

beforeAll(async () => {
  const demo = walks.find(({ script }) => script.name === 'hatch');
  if (!demo) throw new Error('no such walk');
  const { walk, entries } = playScript(demo.script, demo.car, demo.who, now, hashOf, truthOf);
  const report = composeReport({
    id: walk,
    revision: 1,
    frozenAt: now.toISOString(),
    signedBy: 'Nell Harrick',
    yard,
    car: demo.car.details,
    walk,
    entries,
    photos: new Map([...files.keys()].map((hash) => [hash, { width: 1400, height: 1050 }])),
  });
  titles = reportBlocks(report, 'a'.repeat(64)).flatMap((block) =>
    block.is === 'heading' ? [block.text] : [],
  );
  const path = (hash: string) => {
    const found = files.get(hash);
    return found && existsSync(found) ? found : undefined;
  };
  await writePdf(
    { report, fingerprint: 'a'.repeat(64), notes: [] },
    'a4',
    path,
    undefined,
    createWriteStream(file),
  );
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { maxBuffer: 2 ** 26 }).toString();
  pages = text
    .split('\f')
    .slice(0, -1)
    .map((page) => page.split('\n').filter((line) => line.trim() !== ''));
});
afterAll(() => rmSync(dir, { recursive: true }));

describe('the longest report of the invented yard, on paper', () => {
  it('takes 14 pages at most', () => {
    expect(pages.length).toBeLessThanOrEqual(14);
    expect(pages.length).toBeGreaterThan(5);
  });

  it('leaves no heading behind alone at the foot of a page', () => {
    for (const page of pages) {
      expect(page.at(-1)).toMatch(/page \d+ of \d+/);
      // Below a heading stands something, words or pictures with their numbers.
      expect(titles).not.toContain(page.at(-2)?.trim());
    }
  });

  it('has contents, each with the page it is on', () => {
    const lines = pages.flat();
    for (const title of titles) {
      const told = lines.map(
        (line) => line.indexOf(title) >= 0 && line.slice(line.indexOf(title) + title.length),
      );
      const number = told.flatMap((rest) => (rest ? (/^\s+(\d+)(\s|$)/.exec(rest)?.[1] ?? []) : []))[0];
      expect(number, title).toBeDefined();
      expect(
        pages[Number(number) - 1]?.some((line) => line.trim() === title),
        `${title} on page ${number}`,
      ).toBe(true);
    }
  });

  it('fills two thirds of every page but the last', () => {
    // Where the lowest mark of a page stands, from its picture.
    execFileSync('pdftoppm', ['-r', '20', '-gray', file, join(dir, 'page')]);
    for (let i = 1; i < pages.length; i++) {
      const name = join(dir, `page-${String(i).padStart(String(pages.length).length, '0')}.pgm`);
      expect(lowestInk(name), `page ${i}`).toBeGreaterThan(2 / 3);
    }
  });
});

/** How far down a page, as a share of its height, the last thing above its foot stands. */
function lowestInk(name: string): number {
  const bytes = readFileSync(name);
  const [, width = 0, height = 0] = (
    /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1')) ?? []
  ).map(Number);
  const pixels = bytes.subarray(bytes.length - width * height);
  // The foot is the lowest twentieth.
  for (let y = Math.floor(height * 0.93); y > 0; y--)
    if (pixels.subarray(y * width, (y + 1) * width).some((value) => value < 200)) return y / height;
  return 0;
}
