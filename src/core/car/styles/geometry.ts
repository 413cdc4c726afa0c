/** A point in millimetres on a face of the car: x to the right, y downwards. */
export type Point = readonly [x: number, y: number];
export type Line = readonly Point[];

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

export function boxOf(points: Line): Box {
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** A soft curve through the given points (Catmull-Rom), sampled `steps` times between each two. */
export function curve(points: Line, steps = 8): Point[] {
  const out: Point[] = [];
  for (let i = 0; i < points.length - 1; i++) {
    const p1 = points[i] as Point;
    const p2 = points[i + 1] as Point;
    const p0 = points[i - 1] ?? p1;
    const p3 = points[i + 2] ?? p2;
    for (let s = 0; s < steps; s++) {
      const t = s / steps;
      out.push([blend(p0[0], p1[0], p2[0], p3[0], t), blend(p0[1], p1[1], p2[1], p3[1], t)]);
    }
  }
  out.push(points[points.length - 1] as Point);
  return out;
}

function blend(a: number, b: number, c: number, d: number, t: number): number {
  const t2 = t * t;
  const t3 = t2 * t;
  return 0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t2 + (3 * b - a - 3 * c + d) * t3);
}

/** y on a line that runs left to right, at `x`; beyond its ends, the end's y. */
export function yAt(line: Line, x: number): number {
  const first = line[0] as Point;
  if (x <= first[0]) return first[1];
  for (let i = 1; i < line.length; i++) {
    const [x0, y0] = line[i - 1] as Point;
    const [x1, y1] = line[i] as Point;
    if (x <= x1) return x1 === x0 ? y1 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
  }
  return (line[line.length - 1] as Point)[1];
}

/** The stretch of a left-to-right line between two x, with its ends cut exactly. */
export function stretch(line: Line, fromX: number, toX: number): Point[] {
  const inside = line.filter(([x]) => x > fromX && x < toX);
  return [[fromX, yAt(line, fromX)], ...inside, [toX, yAt(line, toX)]];
}

/** A line parallel to a left-to-right one, `distance` mm below it. */
export function below(line: Line, distance: number): Point[] {
  return line.map(([x, y], i) => {
    const a = line[Math.max(0, i - 1)] as Point;
    const b = line[Math.min(line.length - 1, i + 1)] as Point;
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    return [x - ((b[1] - a[1]) / length) * distance, y + ((b[0] - a[0]) / length) * distance];
  });
}

/** What lies between an upper and a lower left-to-right line, where the upper one really is higher. */
export function between(upper: Line, lower: Line, fromX: number, toX: number): Point[] {
  const steps = 48;
  const top: Point[] = [];
  const bottom: Point[] = [];
  for (let i = 0; i <= steps; i++) {
    const x = fromX + ((toX - fromX) * i) / steps;
    const yTop = yAt(upper, x);
    const yBottom = yAt(lower, x);
    if (yTop < yBottom - 1) {
      top.push([x, yTop]);
      bottom.unshift([x, yBottom]);
    }
  }
  return [...top, ...bottom];
}

/** Points along a circle from one angle to another, in degrees; 0 is to the right, 90 is down. */
export function arc(centre: Point, radius: number, fromDeg: number, toDeg: number, steps = 24): Point[] {
  return Array.from({ length: steps + 1 }, (_, i) => {
    const angle = ((fromDeg + ((toDeg - fromDeg) * i) / steps) * Math.PI) / 180;
    return [centre[0] + radius * Math.cos(angle), centre[1] + radius * Math.sin(angle)];
  });
}

/** A rectangle-like shape given by its corners, with each corner rounded by up to `radius` mm. */
export function rounded(corners: Line, radius: number): Point[] {
  const n = corners.length;
  return corners.flatMap((corner, i) => {
    const before = corners[(i + n - 1) % n] as Point;
    const after = corners[(i + 1) % n] as Point;
    const start = toward(corner, before, radius);
    const end = toward(corner, after, radius);
    return [0, 0.25, 0.5, 0.75, 1].map((t): Point => {
      const u = 1 - t;
      return [
        u * u * start[0] + 2 * u * t * corner[0] + t * t * end[0],
        u * u * start[1] + 2 * u * t * corner[1] + t * t * end[1],
      ];
    });
  });
}

function toward(from: Point, to: Point, distance: number): Point {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const share = Math.min(distance, length / 2) / length;
  return [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share];
}

/**
 * A closed outline with the points left out that lie within `tolerance` mm of a straight line between their neighbours
 * (Ramer 1972; Douglas and Peucker 1973). What is drawn stays the same to the eye, and is measured much faster.
 */
export function simplified(outline: Line, tolerance: number): Point[] {
  if (outline.length < 8) return [...outline];
  // Closed: kept at two far ends, thinned out between them both ways round.
  const first = outline[0] as Point;
  const far = outline.reduce(
    (best, point, i) => (apart(point, first) > apart(outline[best] as Point, first) ? i : best),
    0,
  );
  const halves = [outline.slice(0, far + 1), [...outline.slice(far), first]];
  return halves.flatMap((half) => thinned(half, tolerance).slice(0, -1));
}

const apart = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);

function thinned(line: Line, tolerance: number): Point[] {
  const [a, b] = [line[0] as Point, line[line.length - 1] as Point];
  let worst = { at: 0, off: tolerance };
  for (let i = 1; i < line.length - 1; i++) {
    const off = segmentDistance(line[i] as Point, a, b);
    if (off > worst.off) worst = { at: i, off };
  }
  if (worst.at === 0) return [a, b];
  return [
    ...thinned(line.slice(0, worst.at + 1), tolerance).slice(0, -1),
    ...thinned(line.slice(worst.at), tolerance),
  ];
}

/** True when the point lies inside the closed outline (even-odd rule). */
export function contains(outline: Line, [px, py]: Point): boolean {
  let inside = false;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [xi, yi] = outline[i] as Point;
    const [xj, yj] = outline[j] as Point;
    if (yi > py !== yj > py && px < ((xj - xi) * (py - yi)) / (yj - yi) + xi) inside = !inside;
  }
  return inside;
}

/**
 * An inner point far from the edges, and how far: where a mark is best seen. Found on a grid, so approximate. It keeps clear of
 * what covers the outline in part.
 */
export function innerPoint(outline: Line, covers: readonly Line[] = []): { at: Point; radius: number } {
  const steps = 12;
  const { x, y, width, height } = boxOf(outline);
  const middle: Point = [x + width / 2, y + height / 2];
  let best = { at: middle, radius: 0, worth: 0 };
  for (let i = 1; i < steps; i++) {
    for (let j = 1; j < steps; j++) {
      const at: Point = [x + (width * i) / steps, y + (height * j) / steps];
      if (!contains(outline, at) || covers.some((cover) => contains(cover, at))) continue;
      // Of equally roomy places the one nearest the middle.
      const off = 0.05 * Math.hypot(at[0] - middle[0], at[1] - middle[1]);
      // Nothing nearer to an edge than this can be better: most places are given up after a few edges.
      const atLeast = best.radius === 0 ? 0 : best.worth + off;
      let radius = edgeDistance(outline, at, atLeast);
      for (const cover of covers)
        if (radius > atLeast) radius = Math.min(radius, edgeDistance(cover, at, atLeast));
      if (radius <= atLeast) continue;
      const worth = radius - off;
      if (radius > 0 && (best.radius === 0 || worth > best.worth)) best = { at, radius, worth };
    }
  }
  return { at: best.at, radius: best.radius };
}

/** Distance to the nearest edge; no more exact than `atLeast` once it is known to be less. */
function edgeDistance(outline: Line, at: Point, atLeast: number): number {
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    least = Math.min(least, segmentDistance(at, outline[j] as Point, outline[i] as Point));
    if (least <= atLeast) return least;
  }
  return least;
}

function segmentDistance([px, py]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay];
  const lengthSquared = dx * dx + dy * dy || 1;
  const t = Math.min(1, Math.max(0, ((px - ax) * dx + (py - ay) * dy) / lengthSquared));
  const [x, y] = [px - ax - t * dx, py - ay - t * dy];
  return Math.sqrt(x * x + y * y);
}
