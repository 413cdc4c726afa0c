import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { spokenFileSchema } from '#core/speech';
import { scoreLines } from './speech/lines';
import { f1, scoreFolder } from './speech/score';

describe('talked walks of the invented yard', () => {
  it.each(['build', 'held'] as const)(
    '%s: findings, clear parts, figures and functions are drafted as they were meant',
    (folder) => {
      const { counts, deniedDrafted, sidesWrong } = scoreFolder(folder);
      const of = (is: string) => f1(counts.get(is) ?? { right: 0, drafted: 0, labelled: 0 });
      expect(of('finding').precision).toBeGreaterThanOrEqual(0.9);
      expect(of('finding').recall).toBeGreaterThanOrEqual(0.8);
      expect(of('clear').f1).toBeGreaterThanOrEqual(0.8);
      for (const is of exactly) expect(of(is).f1, is).toBeGreaterThanOrEqual(0.9);
      expect(deniedDrafted).toEqual([]);
      expect(sidesWrong).toBeLessThanOrEqual(1);
    },
  );
});
describe('lines by themselves', () => {
  it('come out as they were meant, nine of ten and more', () => {
    const lines = scoreLines();
    expect(lines.length).toBeGreaterThan(100);
    const share = (how: string) => lines.filter((line) => line.how === how).length / lines.length;
    expect(share('right')).toBeGreaterThanOrEqual(0.9);
    expect(share('wrong')).toBeLessThanOrEqual(0.03);
  });
});

const exactly = ['function', 'odometer', 'keys', 'keepers', 'services'];

describe('speech:read', () => {
  const run = (...args: string[]) =>
    execFileSync('npx', ['tsx', 'src/server/speechTool/main.ts', ...args], {
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'pipe'],
    });

  it('prints what a file comes to in the published shape, all together or line by line', () => {
    const dir = mkdtempSync(join(tmpdir(), 'zelk-talk-'));
    try {
      const file = join(dir, 'talk.vtt');
      writeFileSync(file, 'WEBVTT\n\n00:00:00.000 --> 00:00:02.000\nbonnet has three chips\n');
      const told = spokenFileSchema.parse(
        JSON.parse(run(file, '--country', 'GB', '--steering', 'right', '--body', 'hatch-5')),
      );
      expect(told.drafts).toMatchObject([
        { is: 'finding', part: 'bonnet', kind: 'stone-chip', count: 3, at: 0 },
      ]);
      const text = join(dir, 'lines.txt');
      writeFileSync(text, 'roof dent\nno dents on the bonnet\n');
      const lines = spokenFileSchema.parse(JSON.parse(run(text, '--lines'))).lines ?? [];
      expect(lines.map(({ drafts }) => drafts.map(({ is }) => is))).toEqual([['finding'], ['clear']]);
    } finally {
      rmSync(dir, { recursive: true });
    }
  });

  it('says in words what is wrong with what it was given', () => {
    expect(() => run('nothing-here.vtt')).toThrow(/cannot be read/);
  });
});
