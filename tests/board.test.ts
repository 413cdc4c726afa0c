import { beforeAll, describe, expect, it } from 'vitest';
import { CARD_MM, measureOnPicture, PLACING_PX, type Vec2 } from '#core/picture';
import { range, seeded } from '../demo/picture-maker/random';
import { fitHomography, project } from '../src/core/picture/homography';
import { type BoardView, boardMissing, boardViews, COLUMNS, ROWS } from './builders/boardPictures';

/**
 * Measuring by a card on pictures a real camera took of a board whose squares are known: a card's four corners put onto the board where they would lie,
 * lengths between corners of squares measured by it, every place missed by a finger. Once as the lens drew them, once with its bends taken out.
 */
const missing = boardMissing();
if (missing) console.log(`Skipped: measuring on a known board, since ${missing}. bin/test installs them.`);

const CASES = 60;
const ZOOMS = [1, 2, 4] as const;

interface Coverage {
  cases: number;
  inside: number;
  /** Of the true length, in the median. */
  off: number;
}

let views: BoardView[];

function coverage(lens: 'as drawn' | 'straightened', zoom: number): Coverage {
  const random = seeded(4711 + zoom);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const missed = ([x, y]: Vec2): Vec2 => [
    x + (PLACING_PX / zoom) * normal(),
    y + (PLACING_PX / zoom) * normal(),
  ];
  const offs: number[] = [];
  let inside = 0;
  for (const view of views) {
    const found = lens === 'as drawn' ? view.corners : view.straight;
    const cornerAt = (i: number, j: number) => found[j * COLUMNS + i] as Vec2;
    const maps = new Map<number, ReturnType<typeof fitHomography>>();
    /** Any place of the board, in squares, by the four corners round it. */
    const placeAt = ([x, y]: Vec2): Vec2 => {
      const [i, j] = [Math.min(COLUMNS - 2, Math.floor(x)), Math.min(ROWS - 2, Math.floor(y))];
      const square: Vec2[] = [
        [i, j],
        [i + 1, j],
        [i + 1, j + 1],
        [i, j + 1],
      ];
      const map =
        maps.get(j * COLUMNS + i) ??
        fitHomography(
          square,
          square.map(([u, v]) => cornerAt(u, v)),
        );
      maps.set(j * COLUMNS + i, map);
      return (map && project(map, [x, y])) as Vec2;
    };
    const [w, h] = [CARD_MM.width / view.squareMm, CARD_MM.height / view.squareMm];
    for (let n = 0; n < CASES; n++) {
      const isTall = random() < 0.5;
      const [across, down] = isTall ? [h, w] : [w, h];
      const [x, y] = [range(random, 0, COLUMNS - 1 - across), range(random, 0, ROWS - 1 - down)];
      const card = (
        [
          [x, y],
          [x + across, y],
          [x + across, y + down],
          [x, y + down],
        ] as Vec2[]
      ).map(placeAt);
      const turned = isTall ? [...card.slice(1), card[0] as Vec2] : card;
      const [a, b] = [0, 1].map(
        (): Vec2 => [Math.floor(range(random, 0, COLUMNS)), Math.floor(range(random, 0, ROWS))],
      ) as [Vec2, Vec2];
      const squares = Math.hypot(a[0] - b[0], a[1] - b[1]);
      if (squares < 1 || squares > 4) continue;
      const measured = measureOnPicture(
        { by: 'card', corners: turned.map(missed) as unknown as [Vec2, Vec2, Vec2, Vec2] },
        { of: 'length', from: missed(cornerAt(...a)), to: missed(cornerAt(...b)) },
        zoom,
        view.size,
      );
      if (!measured.ok || measured.plusMinus === undefined || measured.warnings.length > 0) continue;
      const truth = squares * view.squareMm;
      offs.push(Math.abs(measured.value - truth) / truth);
      if (Math.abs(measured.value - truth) <= measured.plusMinus) inside++;
    }
  }
  offs.sort((a, b) => a - b);
  return { cases: offs.length, inside: inside / offs.length, off: offs[offs.length >> 1] as number };
}

describe.skipIf(missing)('lengths beside a card, on real pictures of a known board', () => {
  beforeAll(async () => {
    views = await boardViews();
  });

  it('rest on corners found where the calibration of the pictures puts them', () => {
    expect(views).toHaveLength(13);
    for (const { name, offPx } of views) expect(offPx, name).toBeLessThan(1.5);
  });

  it.each(ZOOMS)('lie inside the stated interval at zoom %i, as the lens drew them', (zoom) => {
    const { cases, inside } = coverage('as drawn', zoom);
    expect(cases).toBeGreaterThan(100);
    expect(inside).toBeGreaterThanOrEqual(0.92);
    expect(inside).toBeLessThanOrEqual(0.98);
  });

  it.each(ZOOMS)('lie inside the stated interval at zoom %i, without the lens', (zoom) => {
    const { cases, inside } = coverage('straightened', zoom);
    expect(cases).toBeGreaterThan(100);
    expect(inside).toBeGreaterThanOrEqual(0.92);
    expect(inside).toBeLessThanOrEqual(0.98);
  });
});
