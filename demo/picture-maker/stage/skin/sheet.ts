import { ATLAS, type Zone, type Zones } from './zones';

/** What a surface is made of, as the light meets it. Roughness, metalness and coat run 0..1. */
export interface Wear {
  colour: string;
  rough: number;
  metal: number;
  coat: number;
}

export const trim = {
  glass: { colour: '#0b0f10', rough: 0.04, metal: 0, coat: 1 },
  plastic: { colour: '#17181a', rough: 0.72, metal: 0, coat: 0 },
  gloss: { colour: '#0a0b0c', rough: 0.2, metal: 0, coat: 1 },
  rubber: { colour: '#0d0e0e', rough: 0.85, metal: 0, coat: 0 },
  chrome: { colour: '#d9dcde', rough: 0.1, metal: 1, coat: 0 },
  lens: { colour: '#b9c2c6', rough: 0.16, metal: 0.55, coat: 1 },
  amber: { colour: '#b4641a', rough: 0.2, metal: 0.1, coat: 1 },
  red: { colour: '#6d0a10', rough: 0.16, metal: 0.1, coat: 1 },
  brightRed: { colour: '#a5121a', rough: 0.14, metal: 0.2, coat: 1 },
} as const satisfies Record<string, Wear>;

export type Path = readonly (readonly [a: number, b: number])[];

/** Three drawings that share their strokes: colour, finish (roughness, metal, coat) and height. */
export class Sheet {
  readonly colour = pen(ATLAS);
  readonly finish = pen(ATLAS);
  readonly height = pen(ATLAS);
  private zone: Zone = 'side';

  constructor(
    private readonly zones: Zones,
    paint: Wear,
  ) {
    this.colour.fillStyle = paint.colour;
    this.finish.fillStyle = finishOf(paint);
    this.height.fillStyle = '#808080';
    for (const on of this.pens) on.fillRect(0, 0, ATLAS, ATLAS);
  }

  private get pens() {
    return [this.colour, this.finish, this.height] as const;
  }

  /** Draws only inside one zone from here on. */
  on(zone: Zone): this {
    this.zone = zone;
    const [x, y, width, height] = this.zones[zone].px;
    for (const each of this.pens) {
      each.restore();
      each.save();
      each.beginPath();
      each.rect(x, y, width, height);
      each.clip();
    }
    return this;
  }

  private place([a, b]: readonly [number, number]): [number, number] {
    const { px, from, size } = this.zones[this.zone];
    return [px[0] + ((a - from[0]) / size[0]) * px[2], px[1] + (1 - (b - from[1]) / size[1]) * px[3]];
  }

  /** Pixels that one unit up or down takes in this zone. */
  private get scale(): number {
    const { px, size } = this.zones[this.zone];
    return px[3] / size[1];
  }

  private trace(path: Path, closed: boolean, use: (on: CanvasRenderingContext2D) => void): void {
    const points = path.map((point) => this.place(point));
    for (const on of this.pens) {
      on.beginPath();
      for (const [x, y] of points) on.lineTo(x, y);
      if (closed) on.closePath();
      use(on);
    }
  }

  fill(path: Path, wear: Wear): this {
    this.trace(path, true, (on) => {
      if (on === this.height) return;
      on.fillStyle = on === this.colour ? wear.colour : finishOf(wear);
      on.fill();
    });
    return this;
  }

  /** A band of another material along a line. */
  band(path: Path, widthMm: number, wear: Wear, closed = false): this {
    this.trace(path, closed, (on) => {
      if (on === this.height) return;
      on.lineWidth = widthMm * this.scale;
      on.strokeStyle = on === this.colour ? wear.colour : finishOf(wear);
      on.stroke();
    });
    return this;
  }

  /** A gap between two panels: dark, and with edges that fall into it. */
  shut(path: Path, closed = false, widthMm = 4.5): this {
    this.trace(path, closed, (on) => {
      if (on === this.height) {
        on.lineWidth = (widthMm + 5) * this.scale;
        on.strokeStyle = '#747474';
        on.stroke();
      }
      on.lineWidth = widthMm * this.scale;
      on.strokeStyle =
        on === this.colour ? '#060707' : on === this.finish ? finishOf(trim.rubber) : '#404040';
      on.stroke();
    });
    return this;
  }

  /** Something seen through glass or a lens: colour only. */
  tint(path: Path, colour: string): this {
    this.trace(path, true, (on) => {
      if (on !== this.colour) return;
      on.fillStyle = colour;
      on.fill();
    });
    return this;
  }
}

/** Both sides of a drawing that is the same left and right. */
export const mirrored = (path: Path): Path => path.map(([a, b]) => [-a, b] as const);

const finishOf = ({ rough, metal, coat }: Wear) =>
  `rgb(${Math.round(rough * 255)},${Math.round(metal * 255)},${Math.round(coat * 255)})`;

function pen(size: number): CanvasRenderingContext2D {
  const canvas = document.createElement('canvas');
  canvas.width = size;
  canvas.height = size;
  const made = canvas.getContext('2d') as CanvasRenderingContext2D;
  made.lineJoin = 'round';
  made.lineCap = 'round';
  made.save();
  return made;
}
