import { readdirSync, statSync } from 'node:fs';
import exifr from 'exifr';
import { describe, expect, it } from 'vitest';
import { type Grid, laplacianVariance, pixelsOf, sample, truthOf } from '../../tests/builders/pictures';
import { walks } from '../yard/walks';
import { pictures } from './pictures';
import type { Truth } from './truth';

type Pixel = readonly [number, number];
type Triple = readonly [number, number, number];

const names = pictures.map(({ name }) => name);
const truths = names.map(truthOf);

const project = ({ camera }: Truth, [x, y, z]: Triple): Pixel => {
  const [a, b, w] = camera.matrix.map(
    (row) => (row[0] as number) * x + (row[1] as number) * y + (row[2] as number) * z + (row[3] as number),
  ) as [number, number, number];
  return [a / w, b / w];
};

const apart = ([ax, ay]: Pixel, [bx, by]: Pixel) => Math.hypot(ax - bx, ay - by);

describe('the truth beside each picture', () => {
  it('is there for every picture, and there is nothing else', () => {
    const files = readdirSync('demo/pictures').toSorted();
    expect(files).toEqual(names.flatMap((name) => [`${name}.jpg`, `${name}.json`]).toSorted());
  });

  it('keeps every picture under 400 kB and all under 25 MB', () => {
    const sizes = names.map((name) => statSync(`demo/pictures/${name}.jpg`).size);
    expect(Math.max(...sizes)).toBeLessThanOrEqual(400_000);
    expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThanOrEqual(25_000_000);
  });

  it('agrees with the picture’s size, seed and asked-for view', async () => {
    for (const [i, truth] of truths.entries()) {
      const asked = pictures[i];
      expect(truth.name).toBe(asked?.name);
      expect(truth.seed).toBe(asked?.seed);
      if (asked?.view.of === 'spot') expect(truth.part).toBe(asked.view.part);
    }
    const grid = await pixelsOf('hatch-door-fl-dent-what', 1);
    const truth = truthOf('hatch-door-fl-dent-what');
    expect([grid.width, grid.height]).toEqual([truth.width, truth.height]);
  });

  it('gives one projection: matrix, homography, spot and outline agree to a fiftieth of a pixel', () => {
    for (const truth of truths) {
      const { plane } = truth;
      for (const [u, v] of [
        [0, 0],
        [30, 0],
        [0, 30],
        [-20, 15],
      ] as const) {
        const place = plane.origin.map(
          (at, i) => at + u * (plane.right[i] as number) + v * (plane.up[i] as number),
        ) as unknown as Triple;
        const [x, y, w] = plane.homography.map(
          (row) => (row[0] as number) * u + (row[1] as number) * v + (row[2] as number),
        ) as [number, number, number];
        expect(apart([x / w, y / w], project(truth, place))).toBeLessThan(0.02);
      }
      if (truth.spot) expect(apart(truth.spot.pixel, project(truth, truth.spot.place))).toBeLessThan(0.02);
      truth.scale?.outline.forEach((place, i) => {
        expect(apart(truth.scale?.pixels[i] as Pixel, project(truth, place))).toBeLessThan(0.02);
      });
    }
  });

  it('draws scale objects at their published sizes', () => {
    // ISO/IEC 7810 ID-1: 85.60 x 53.98 mm. Coin diameters as mints publish them, from memory: 23.25 and 24.26 mm.
    const across = (truth: Truth) => {
      const points = truth.scale?.outline ?? [];
      return Math.max(
        ...points.flatMap((a) => points.map((b) => Math.hypot(...a.map((v, i) => v - (b[i] as number))))),
      );
    };
    const ofKind = (kind: string) => truths.filter(({ scale }) => scale?.kind === kind);
    expect(ofKind('card').length).toBeGreaterThan(3);
    for (const truth of ofKind('blank-23.25')) expect(across(truth)).toBeCloseTo(23.25, 1);
    for (const truth of ofKind('blank-24.26')) expect(across(truth)).toBeCloseTo(24.26, 1);
    // The diagonal, a little short by the card's rounded corners of 3.18 mm.
    const diagonal = Math.hypot(85.6, 53.98) - 2 * 3.18 * (Math.SQRT2 - 1);
    for (const truth of ofKind('card')) expect(Math.abs(across(truth) - diagonal)).toBeLessThan(0.3);
  });

  it('measures what the walks say of sizes to within a fifth', () => {
    const compared: string[] = [];
    for (const { script } of walks)
      for (const [part, list] of Object.entries(script.findings))
        list.forEach(({ kind, details, shots, dismissed }, i) => {
          const extent =
            shots?.what && shots.mark && !dismissed ? markOf(script.name, part, kind, i) : undefined;
          if (!extent || details.lengthMm === undefined || kind === 'stone-chip' || kind === 'edge-nick')
            return;
          compared.push(`${part} ${kind}`);
          const share = extent.lengthMm / details.lengthMm;
          expect(share, `${script.name} ${part} ${kind}: ${extent.lengthMm} mm`).toBeGreaterThan(0.8);
          expect(share, `${script.name} ${part} ${kind}: ${extent.lengthMm} mm`).toBeLessThan(1.2);
        });
    expect(compared.length).toBeGreaterThan(12);
  });

  it('counts chips as the walk does', () => {
    for (const name of ['hatch-bumper-front-stone-chip-what', 'hatch-bonnet-stone-chip-what']) {
      const { mark } = truthOf(name);
      const asked = pictures.find((picture) => picture.name === name)?.view;
      const count = asked?.of === 'spot' && asked.mark?.kind === 'chips' ? asked.mark.count : 0;
      expect(mark?.extent).toMatchObject({ count });
    }
  });

  it('tells dirt from damage', () => {
    const dirt = truths.filter(({ mark }) => mark?.isDirt).map(({ mark }) => mark?.kind);
    expect(new Set(dirt)).toEqual(new Set(['residue', 'water-run', 'mud', 'dust', 'drops']));
  });
});

/** What is really there; nothing where there is only dirt, whose size nobody could have said. */
function markOf(script: string, part: string, kind: string, i: number): { lengthMm: number } | undefined {
  const { mark } = truthOf(`${script}-${part}-${kind}${i > 0 ? `-${i + 1}` : ''}-what`);
  return mark && !mark.isDirt && 'lengthMm' in mark.extent ? mark.extent : undefined;
}

/**
 * How far from where the truth says the edge is seen, in pixels, at places all round a scale object. Places where the object's own
 * side wall shows are left out: there the upper edge is not the outermost one.
 */
function edgeOffsets(grid: Grid, truth: Truth): number[] {
  const scale = truth.scale as NonNullable<Truth['scale']>;
  const ring = densify(scale.outline, 72);
  const middle = mean(ring);
  const normal = planeNormal(ring, truth.camera.eye);
  const thick = scale.sizeMm.thickMm ?? 0;
  const offsets: number[] = [];
  ring.forEach((place, i) => {
    const at = project(truth, place);
    const before = project(truth, ring[(i + ring.length - 1) % ring.length] as Triple);
    const after = project(truth, ring[(i + 1) % ring.length] as Triple);
    const along = [after[0] - before[0], after[1] - before[1]] as const;
    const length = Math.hypot(...along) || 1;
    let out: Pixel = [along[1] / length, -along[0] / length];
    const away = project(truth, middle);
    if ((at[0] - away[0]) * out[0] + (at[1] - away[1]) * out[1] < 0) out = [-out[0], -out[1]];
    const foot = project(truth, place.map((v, k) => v - thick * (normal[k] as number)) as unknown as Triple);
    const wall = (foot[0] - at[0]) * out[0] + (foot[1] - at[1]) * out[1];
    if (wall > 0.4 || isOutside(at, truth)) return;
    const steps = Array.from({ length: 41 }, (_, n) => {
      const d = 5 - n * 0.25;
      const differences = [0, 1, 2].map((channel) => {
        const inner = sample(grid, at[0] + out[0] * (d - 1), at[1] + out[1] * (d - 1), channel);
        const outer = sample(grid, at[0] + out[0] * (d + 1), at[1] + out[1] * (d + 1), channel);
        return Math.abs(inner - outer);
      });
      return { d, step: differences.reduce((sum, each) => sum + each, 0) };
    });
    const strongest = Math.max(...steps.map(({ step }) => step));
    // Where object and panel are of one brightness there is no edge to find.
    if (strongest < 40) return;
    // From outside inwards: a blank has a raised rim just inside its edge, which is an edge too.
    const found = steps.find(
      ({ step }, n) =>
        step > 0.55 * strongest && step >= (steps[n - 1]?.step ?? 0) && step >= (steps[n + 1]?.step ?? 0),
    );
    if (found) offsets.push(found.d);
  });
  return offsets;
}

function densify(outline: readonly Triple[], count: number): Triple[] {
  const gaps = outline.map((a, i) => distance(a, outline[(i + 1) % outline.length] as Triple));
  const total = gaps.reduce((sum, gap) => sum + gap, 0);
  const made: Triple[] = [];
  for (let n = 0; n < count; n++) {
    let left = ((n + 0.5) / count) * total;
    let i = 0;
    while (left > (gaps[i] as number)) left -= gaps[i++] as number;
    const [a, b] = [outline[i] as Triple, outline[(i + 1) % outline.length] as Triple];
    const t = left / (gaps[i] || 1);
    made.push(a.map((v, k) => v + ((b[k] as number) - v) * t) as unknown as Triple);
  }
  return made;
}

const distance = (a: Triple, b: Triple) => Math.hypot(...a.map((v, i) => v - (b[i] as number)));
const mean = (points: readonly Triple[]): Triple =>
  [0, 1, 2].map(
    (k) => points.reduce((sum, p) => sum + (p[k] as number), 0) / points.length,
  ) as unknown as Triple;

/** Unit normal of a flat ring, on the eye's side. */
function planeNormal(ring: readonly Triple[], eye: Triple): Triple {
  const [a, b, c] = [
    ring[0],
    ring[Math.floor(ring.length / 3)],
    ring[Math.floor((2 * ring.length) / 3)],
  ] as Triple[];
  const u = (b as Triple).map((v, i) => v - ((a as Triple)[i] as number)) as unknown as Triple;
  const w = (c as Triple).map((v, i) => v - ((a as Triple)[i] as number)) as unknown as Triple;
  const n: Triple = [u[1] * w[2] - u[2] * w[1], u[2] * w[0] - u[0] * w[2], u[0] * w[1] - u[1] * w[0]];
  const length = Math.hypot(...n);
  const facing = n.reduce((sum, v, i) => sum + v * ((eye[i] as number) - ((a as Triple)[i] as number)), 0);
  return n.map((v) => (Math.sign(facing) * v) / length) as unknown as Triple;
}

const isOutside = ([x, y]: Pixel, { width, height }: Truth) =>
  x < 8 || y < 8 || x > width - 8 || y > height - 8;

describe('the pictures themselves', () => {
  // A rod is round: what is seen of it is not its own outline. Blurred ones are for other checks.
  const shown = truths.filter(
    ({ name, scale, lens }) =>
      scale &&
      scale.kind !== 'rod' &&
      lens.focusBlurPx < 2 &&
      lens.shakePx < 2 &&
      !/dark|bright|glare/.test(name),
  );

  it('show the edge of every scale object where the truth says, within 1.5 px, in 20 pictures and more', async () => {
    const worst: [string, number][] = [];
    for (const truth of shown) {
      const offsets = edgeOffsets(await pixelsOf(truth.name, 3), truth)
        .map(Math.abs)
        .toSorted((a, b) => a - b);
      if (offsets.length < 12) continue;
      worst.push([truth.name, offsets[Math.floor(offsets.length * 0.9)] as number]);
    }
    expect(worst.length).toBeGreaterThanOrEqual(20);
    expect(worst.filter(([, offset]) => offset > 1.5)).toEqual([]);
  });

  it('are sharp, soft or shaken as their truth says, by the variance of the Laplacian', async () => {
    const sharpness = async (name: string) => {
      const grid = await pixelsOf(`series-scratch-${name}`, 1);
      const [x, y] = truthOf(`series-scratch-${name}`).spot?.pixel ?? [0, 0];
      return laplacianVariance(grid, { left: x - 300, right: x + 300, top: y - 220, bottom: y + 220 });
    };
    const [sharp, soft, shaken] = await Promise.all(['sharp', 'soft', 'shaken'].map(sharpness));
    expect(sharp).toBeGreaterThan(2 * (soft as number));
    expect(sharp).toBeGreaterThan(2 * (shaken as number));
    expect(truthOf('series-scratch-soft').lens.focusBlurPx).toBeGreaterThan(5);
    expect(truthOf('series-scratch-sharp').lens.focusBlurPx).toBeLessThan(1);
  });

  it('differ between dented and undented only inside the stated area', async () => {
    const [dented, plain] = await Promise.all(
      ['series-dent-with', 'series-dent-without'].map((name) => pixelsOf(name, 1)),
    );
    const area = truthOf('series-dent-with').mark?.area ?? [];
    const [xs, ys] = [area.map(([x]) => x), area.map(([, y]) => y)];
    const box = {
      left: Math.min(...xs),
      right: Math.max(...xs),
      top: Math.min(...ys),
      bottom: Math.max(...ys),
    };
    let [inside, outside] = [0, 0];
    const { width, height } = dented as Grid;
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        const i = y * width + x;
        const change = Math.abs(((dented as Grid).data[i] as number) - ((plain as Grid).data[i] as number));
        // A JPEG block may carry a change 16 pixels on.
        const isNear = x > box.left - 16 && x < box.right + 16 && y > box.top - 16 && y < box.bottom + 16;
        if (isNear) inside = Math.max(inside, change);
        else outside = Math.max(outside, change);
      }
    expect(inside).toBeGreaterThan(25);
    expect(outside).toBeLessThanOrEqual(3);
  });

  it('carry a camera’s Exif: time and lens in all, a place in some, one turned on its side', async () => {
    const tags = await Promise.all(
      names.map((name) => exifr.parse(`demo/pictures/${name}.jpg`, { gps: true, translateValues: false })),
    );
    for (const tag of tags) {
      expect(tag.DateTimeOriginal).toBeInstanceOf(Date);
      expect(tag.FocalLengthIn35mmFormat ?? tag.FocalLengthIn35mmFilm).toBeGreaterThan(20);
    }
    const placed = tags.filter((tag) => tag.latitude !== undefined).length;
    expect(placed).toBeGreaterThan(0);
    expect(placed).toBeLessThan(names.length / 2);
    expect(tags.some((tag) => tag.Orientation === 6)).toBe(true);
  });
});
