import { existsSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { readCaptions, toTalk } from '#core/captions';
import { styleOf } from '#core/car';
import { type Draft, readTalk } from '#core/speech';
import { hatch3, suv } from '../../yard/cars';
import { captionsFile } from './captionsFile';
import { films } from './films';
import { captionsOf, type FilmTruth, FRAMES_PER_S, timesOf } from './spec';

const folder = join(import.meta.dirname, '../../films');
const cars = { nim: hatch3, kivo: suv } as const;
const truthOf = (name: string) =>
  JSON.parse(readFileSync(join(folder, `${name}.truth.json`), 'utf8')) as FilmTruth;

async function draftsOf(name: keyof typeof cars): Promise<Draft[]> {
  const film = films.find((each) => each.name === name);
  if (!film) throw new Error(name);
  const read = await readCaptions(readFileSync(join(folder, captionsFile(film).name), 'utf8'));
  if (!read.ok) throw new Error(read.issue.code);
  const { bodyStyle, extras, country, steering } = cars[name].details;
  return readTalk(toTalk(read.captions), {
    style: styleOf({ bodyStyle, extras, steering }),
    speech: { country, steering },
  });
}
const told = (draft: Draft) =>
  [draft.is, 'part' in draft ? draft.part : '', draft.is === 'finding' ? draft.kind : '', draft.sure]
    .filter(Boolean)
    .join(' ');

describe.each(films.map((film) => [film.name as keyof typeof cars, film] as const))(
  'the film %s',
  (name, film) => {
    it('is there, at most 12 MB, as long as its path, with the captions that belong to it', () => {
      const file = join(folder, `${name}.${film.as}`);
      expect(existsSync(file)).toBe(true);
      expect(statSync(file).size).toBeLessThanOrEqual(12 * 1024 * 1024);
      const { seconds, seen } = truthOf(name);
      expect(seconds).toBeCloseTo(timesOf(film).at(-1)?.to ?? 0, 3);
      expect(seen).toHaveLength(Math.ceil((seconds * FRAMES_PER_S) / (FRAMES_PER_S / 2) - 0.001));
      const captions = captionsFile(film);
      expect(readFileSync(join(folder, captions.name), 'utf8')).toBe(captions.text);
    });

    it('is spoken at a pace people speak, and its captions follow one another', () => {
      const captions = captionsOf(film);
      for (const [i, { start, end, text }] of captions.entries()) {
        expect(start).toBeGreaterThanOrEqual(captions[i - 1]?.end ?? 0);
        // Common practice: talk has two to four words a second.
        expect(text.split(' ').length / (end - start)).toBeLessThan(4.5);
      }
    });

    it('shows what is spoken of at the second it is said, in at least nine of ten statements', async () => {
      const { seen } = truthOf(name);
      const shown = (await draftsOf(name)).flatMap((draft) => {
        const part = 'part' in draft ? draft.part : undefined;
        if (part === undefined || draft.at === undefined) return [];
        const frame = seen.reduce((best, each) =>
          Math.abs(each.at - (draft.at ?? 0)) < Math.abs(best.at - (draft.at ?? 0)) ? each : best,
        );
        return [{ part, at: draft.at, is: frame.parts.includes(part) }];
      });
      const right = shown.filter((each) => each.is).length;
      expect(shown.length).toBeGreaterThan(10);
      expect(right / shown.length, JSON.stringify(shown.filter((each) => !each.is))).toBeGreaterThanOrEqual(
        0.9,
      );
    });
  },
);

describe('what the films say', () => {
  it('of the green one is understood as it is meant', async () => {
    expect((await draftsOf('nim')).map(told)).toEqual([
      'finding bumper-front scuff said',
      'finding bonnet stone-chip said',
      'clear headlamp-l said',
      'clear headlamp-r said',
      'clear wing-fl said',
      'finding wheel-fl kerbing said',
      'tread tyre-fl said',
      'finding door-fl dent said',
      'finding quarter-rl scratch said',
      'clear wheel-rl said',
      'tread tyre-rl said',
      'clear tailgate said',
      'finding bumper-rear scuff said',
      'clear quarter-rr said',
      'clear wheel-rr said',
      'tread tyre-rr said',
      'clear door-fr said',
      'finding wing-fr rust said',
      'clear wheel-fr likely',
      'tread tyre-fr said',
      'clear windscreen likely',
      'figure said',
      'no-lamps said',
      'finding seat-fr stain said',
      'figure said',
    ]);
  });

  it('of the white one, without a stop, likewise: its driver sits on the left', async () => {
    expect((await draftsOf('kivo')).map(told)).toEqual([
      'finding tailgate dent said',
      'clear bumper-rear said',
      'clear taillamp-r said',
      'clear wheel-rr said',
      'tread tyre-rr said',
      'finding door-rr scratch said',
      'clear door-fr said',
      'clear wheel-fr likely',
      'tread tyre-fr said',
      'finding bonnet stone-chip said',
      'clear bumper-front said',
      'finding door-fl old-repair said',
      'clear wheel-rl said',
      'figure said',
      'no-lamps said',
    ]);
  });
});
