import { describe, expect, it } from 'vitest';
import { CARD_MM, type Homography, measureOnPicture, PLACING_PX, project, type Vec2 } from '#core/picture';
import { pictures } from '../demo/picture-maker/pictures';
import { range, seeded } from '../demo/picture-maker/random';
import { truthOf } from './builders/pictures';

/**
 * Measuring by a card against the truth of the demo pictures: the planes really seen in them, with a card laid down at random and
 * lengths, areas and round things of known size beside it, marked by a finger that is off by a normal error.
 */
interface Seen {
  off: number;
  isInside: boolean;
  warned: boolean;
}

const ROUNDS = 13;
/** Marks are placed under the magnifier: two pixels of the screen to one of these small pictures. */
const ZOOM = 2;

/** A normal error, by Box and Muller (1958). */
const normal = (random: () => number) =>
  (PLACING_PX / ZOOM) * Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

function trials(of: 'length' | 'area' | 'circle'): Seen[] {
  const random = seeded(of.length * 1000 + 7);
  const seen: Seen[] = [];
  const views = pictures
    .filter(({ view }) => view.of === 'spot' && view.distanceMm < 500)
    .map(({ name }) => truthOf(name).plane.homography.flat() as unknown as Homography);
  for (const view of views)
    for (let i = 0; i < ROUNDS; i++) {
      const turn = range(random, 0, Math.PI * 2);
      const [cx, cy] = [range(random, -25, 25), range(random, -25, 25)];
      const placed = ([x, y]: Vec2): Vec2 => [
        cx + Math.cos(turn) * x - Math.sin(turn) * y,
        cy + Math.sin(turn) * x + Math.cos(turn) * y,
      ];
      const finger = (point: Vec2): Vec2 | undefined => {
        const at = project(view, point);
        return at && [at[0] + normal(random), at[1] + normal(random)];
      };
      const { width: w, height: h } = CARD_MM;
      const card = (
        [
          [-w / 2, -h / 2],
          [w / 2, -h / 2],
          [w / 2, h / 2],
          [-w / 2, h / 2],
        ] as Vec2[]
      ).map((corner) => finger(placed(corner)));
      const size = range(random, 20, 70);
      const shapes = {
        length: [
          [50, -size / 2],
          [50, size / 2],
        ],
        area: [
          [45, 0],
          [45 + size, 4],
          [45 + size, 30],
          [45, 24],
        ],
        circle: Array.from({ length: 6 }, (_, n) => [
          65 + (size / 2) * Math.cos((n * Math.PI) / 3),
          (size / 2) * Math.sin((n * Math.PI) / 3),
        ]),
      } as unknown as Record<typeof of, Vec2[]>;
      const truth = { length: size, area: 25 * size, circle: size }[of];
      const marks = shapes[of].map((point) => finger(placed(point)));
      if ([...card, ...marks].some((point) => point === undefined)) continue;
      const [a, b, c, d] = card as [Vec2, Vec2, Vec2, Vec2];
      const points = marks as Vec2[];
      const measured = measureOnPicture(
        { by: 'card', corners: [a, b, c, d] },
        of === 'length'
          ? { of, from: points[0] as Vec2, to: points[1] as Vec2 }
          : of === 'area'
            ? { of, corners: points }
            : { of, rim: points },
        ZOOM,
      );
      if (!measured.ok) continue;
      seen.push({
        off: Math.abs(measured.value - truth) / truth,
        isInside: Math.abs(measured.value - truth) <= (measured.plusMinus as number),
        warned: measured.warnings.length > 0,
      });
    }
  return seen;
}

describe.each(['length', 'area', 'circle'] as const)(
  'a %s beside a card, over the views of the demo pictures',
  (of) => {
    const seen = trials(of).filter(({ warned }) => !warned);

    it('is measured in at least 500 of them', () => expect(seen.length).toBeGreaterThanOrEqual(500));

    it('is off by no more than 2 % in the median', () => {
      const offs = seen.map(({ off }) => off).toSorted((a, b) => a - b);
      expect(offs[Math.floor(offs.length / 2)]).toBeLessThanOrEqual(0.02);
    });

    it('lies inside the stated interval 92 to 98 times in 100', () => {
      const inside = seen.filter(({ isInside }) => isInside).length / seen.length;
      expect(inside).toBeGreaterThanOrEqual(0.92);
      expect(inside).toBeLessThanOrEqual(0.98);
    });
  },
);
