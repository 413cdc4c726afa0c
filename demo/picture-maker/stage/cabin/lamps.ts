type Draw = (pen: CanvasRenderingContext2D) => void;

const lit =
  (colour: string, draw: Draw): Draw =>
  (pen) => {
    pen.strokeStyle = colour;
    pen.fillStyle = colour;
    pen.lineWidth = 1.7;
    pen.lineJoin = 'round';
    pen.lineCap = 'round';
    pen.shadowColor = colour;
    pen.shadowBlur = 10;
    draw(pen);
  };

const line = (pen: CanvasRenderingContext2D, ...points: readonly (readonly [number, number])[]) => {
  pen.beginPath();
  for (const [x, y] of points) pen.lineTo(x, y);
  pen.stroke();
};

/** Warning lamps of our own drawing, each about 22 units wide about its middle. */
export const lampDrawings: Readonly<Record<string, Draw>> = {
  /** A gear wheel with a spanner's gap: the engine wants looking at. */
  engine: lit('#f0a020', (pen) => {
    pen.beginPath();
    for (let i = 0; i <= 32; i++) {
      const a = (i / 32) * Math.PI * 2;
      const r = i % 4 < 2 ? 9.5 : 7;
      pen.lineTo(Math.cos(a) * r, Math.sin(a) * r);
    }
    pen.stroke();
    line(pen, [-3, 3], [0, -4], [0, 1], [3, -2]);
  }),
  /** A tyre from the front, sagging. */
  tyre: lit('#f0a020', (pen) => {
    line(pen, [-6, -9], [-7, -3], [-9, 5], [-6, 8], [6, 8], [9, 5], [7, -3], [6, -9]);
    line(pen, [-4, 8], [-4, 5]);
    line(pen, [0, 8], [0, 5]);
    line(pen, [4, 8], [4, 5]);
    line(pen, [0, -6], [0, 0]);
  }),
  /** A belt across a seat. */
  belt: lit('#e03020', (pen) => {
    pen.beginPath();
    pen.arc(0, -6, 3, 0, Math.PI * 2);
    pen.stroke();
    line(pen, [-5, 8], [-4, 0], [4, 0], [5, 8]);
    line(pen, [-5, -1], [5, 7]);
  }),
  /** A jug under a drop. */
  oil: lit('#e03020', (pen) => {
    line(pen, [-9, 1], [-6, 7], [5, 7], [9, -2], [2, 1], [-9, 1]);
    line(pen, [0, -8], [-2, -4], [0, -2], [2, -4], [0, -8]);
  }),
  /** A drum between two shoes. */
  brake: lit('#e03020', (pen) => {
    pen.beginPath();
    pen.arc(0, 0, 6.5, 0, Math.PI * 2);
    pen.stroke();
    pen.beginPath();
    pen.arc(0, 0, 10, 2.4, 3.9);
    pen.stroke();
    pen.beginPath();
    pen.arc(0, 0, 10, -0.75, 0.75);
    pen.stroke();
    line(pen, [0, -3.5], [0, 1]);
    line(pen, [0, 3.5], [0, 3.6]);
  }),
};
