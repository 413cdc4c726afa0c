/** What lies under the paint where it is gone. */
export type Ground = 'steel' | 'aluminium' | 'plastic' | 'glass' | 'lacquered';

/** Thickness of the layers of paint from the top, micrometres: common practice, rounded. */
const CLEAR_UM = 40;
const BASE_UM = 18;
const PRIMER_UM = 62;

type Rgb = readonly [number, number, number];

/** Something that lies on the surface at a point. */
export interface Deposit {
  colour: Rgb;
  /** 0..1: how far it hides what is below. */
  amount: number;
  rough: number;
  /** Share of the gloss that is left, 0..1. */
  gloss: number;
  heightMm?: number;
}

/**
 * A piece of panel on a grid: how far it is bent, how much of the paint is gone, what lies on it. Every damage is told in these
 * three terms, and how it looks and how big it is both follow from them.
 */
export class Layers {
  readonly columns: number;
  readonly rows: number;
  readonly bendMm: Float32Array;
  readonly removedUm: Float32Array;
  /** Fine scratching of the coat, 0..1. */
  readonly haze: Float32Array;
  private readonly deposit: Float32Array;
  private readonly depositMm: Float32Array;
  private readonly depositColour: Uint8ClampedArray;
  private readonly depositFeel: Uint8ClampedArray;
  /** Marks that are not part of the damage itself do not count for its size. */
  private readonly counts: Uint8Array;

  constructor(
    readonly widthMm: number,
    readonly heightMm: number,
    readonly mmPerPixel: number,
  ) {
    this.columns = Math.ceil(widthMm / mmPerPixel);
    this.rows = Math.ceil(heightMm / mmPerPixel);
    const size = this.columns * this.rows;
    this.bendMm = new Float32Array(size);
    this.removedUm = new Float32Array(size);
    this.haze = new Float32Array(size);
    this.deposit = new Float32Array(size);
    this.depositMm = new Float32Array(size);
    this.depositColour = new Uint8ClampedArray(size * 3);
    this.depositFeel = new Uint8ClampedArray(size * 2);
    this.counts = new Uint8Array(size);
  }

  /** Visits every point of a box round a middle; x to the right, y up, millimetres from the middle of the patch. */
  each(
    [cx, cy]: readonly [number, number],
    reachX: number,
    reachY: number,
    visit: (index: number, x: number, y: number) => void,
  ): void {
    const { columns, rows, mmPerPixel: m, widthMm, heightMm } = this;
    const from = Math.max(0, Math.floor((cx - reachX + widthMm / 2) / m));
    const to = Math.min(columns - 1, Math.ceil((cx + reachX + widthMm / 2) / m));
    const low = Math.max(0, Math.floor((cy - reachY + heightMm / 2) / m));
    const high = Math.min(rows - 1, Math.ceil((cy + reachY + heightMm / 2) / m));
    for (let j = low; j <= high; j++)
      for (let i = from; i <= to; i++)
        visit(j * columns + i, (i + 0.5) * m - widthMm / 2, (j + 0.5) * m - heightMm / 2);
  }

  /** Takes paint away, down to at least this depth. */
  remove(index: number, um: number): void {
    if (um <= (this.removedUm[index] as number)) return;
    this.removedUm[index] = um;
    this.counts[index] = 1;
  }

  bend(index: number, mm: number, counts: boolean): void {
    this.bendMm[index] = (this.bendMm[index] as number) + mm;
    if (counts) this.counts[index] = 1;
  }

  scour(index: number, amount: number): void {
    this.haze[index] = Math.min(1, Math.max(this.haze[index] as number, amount));
    if (amount > 0.25) this.counts[index] = 1;
  }

  lay(index: number, { colour, amount, rough, gloss, heightMm = 0 }: Deposit): void {
    if (amount <= (this.deposit[index] as number)) return;
    this.deposit[index] = amount;
    this.depositMm[index] = heightMm;
    this.depositColour.set(colour, index * 3);
    this.depositFeel.set([rough * 255, gloss * 255], index * 2);
    if (amount > 0.3) this.counts[index] = 1;
  }

  /** Where something is to be seen, for measuring it. */
  get mask(): Uint8Array {
    return this.counts;
  }

  /** Colour with cover, finish and height as a surface wears them. */
  compose(paint: Rgb, ground: Ground): { colour: Uint8Array; finish: Uint8Array; height: Float32Array } {
    const size = this.columns * this.rows;
    const colour = new Uint8Array(size * 4);
    const finish = new Uint8Array(size * 4);
    const height = new Float32Array(size);
    for (let i = 0; i < size; i++) {
      const under = layerAt(this.removedUm[i] as number, paint, ground);
      let [r, g, b] = under.colour as [number, number, number];
      let { cover, rough, metal, coat } = under;
      let coatRough = 0.02 + 0.3 * (this.haze[i] as number) + under.coatRough;
      const on = this.deposit[i] as number;
      if (on > 0) {
        const share = cover + on - cover * on;
        const weight = on / share;
        r = r * (1 - weight) + (this.depositColour[i * 3] as number) * weight;
        g = g * (1 - weight) + (this.depositColour[i * 3 + 1] as number) * weight;
        b = b * (1 - weight) + (this.depositColour[i * 3 + 2] as number) * weight;
        rough = rough * (1 - weight) + ((this.depositFeel[i * 2] as number) / 255) * weight;
        metal *= 1 - weight;
        const gloss = (this.depositFeel[i * 2 + 1] as number) / 255;
        coat = coat * (1 - on) + gloss * on;
        cover = share;
        coatRough *= 1 - on;
      }
      colour.set([r, g, b, cover * 255], i * 4);
      finish.set([rough * 255, metal * 255, coat * 255, Math.min(1, coatRough) * 255], i * 4);
      height[i] =
        (this.bendMm[i] as number) +
        (this.depositMm[i] as number) * on -
        (this.removedUm[i] as number) / 1000;
    }
    return { colour, finish, height };
  }
}

interface Bare {
  colour: Rgb;
  cover: number;
  rough: number;
  metal: number;
  coat: number;
  coatRough: number;
}

const grounds: Record<Ground, Pick<Bare, 'colour' | 'rough' | 'metal'>> = {
  steel: { colour: [132, 130, 128], rough: 0.5, metal: 0.75 },
  aluminium: { colour: [176, 177, 178], rough: 0.45, metal: 0.8 },
  plastic: { colour: [30, 31, 33], rough: 0.75, metal: 0 },
  glass: { colour: [196, 204, 206], rough: 0.5, metal: 0 },
  lacquered: { colour: [160, 160, 158], rough: 0.5, metal: 0.4 },
};

/** What shows once so much is gone. */
function layerAt(um: number, paint: Rgb, ground: Ground): Bare {
  if (um <= 0) return { colour: paint, cover: 0, rough: 0.5, metal: 0, coat: 1, coatRough: 0 };
  const pale = paint.map((v) => v + (215 - v) * 0.34) as unknown as Rgb;
  if (um < CLEAR_UM) {
    // In the coat only: broken edges scatter white.
    const t = um / CLEAR_UM;
    return { colour: pale, cover: 0.55 * t, rough: 0.6, metal: 0, coat: 1 - 0.75 * t, coatRough: 0.3 * t };
  }
  if (um < CLEAR_UM + BASE_UM)
    return { colour: pale, cover: 0.9, rough: 0.7, metal: 0.1, coat: 0.1, coatRough: 0.3 };
  if (ground !== 'glass' && um < CLEAR_UM + BASE_UM + PRIMER_UM)
    return { colour: [152, 151, 147], cover: 1, rough: 0.85, metal: 0, coat: 0, coatRough: 0.3 };
  return { ...grounds[ground], cover: 1, coat: 0, coatRough: 0.3 };
}
