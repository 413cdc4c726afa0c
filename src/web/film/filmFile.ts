import { ALL_FORMATS, BlobSource, CanvasSink, Input, UrlSource } from 'mediabunny';
import type { JudgedFrame } from '#core/filmed';
import { JUDGED_SIDE, measureQuality } from '#core/photos';
import { greyOfImage } from '../pictures/readPixels';

/** A film as it was opened. */
export interface FilmTold {
  seconds: number;
  /** Absent for a sound, and for a film whose pictures this device cannot make out. */
  width?: number;
  height?: number;
  hasSound: boolean;
  /** There are pictures in it, but no decoder for them here. */
  cannotSee?: true;
}

export interface PulledFrame {
  atS: number;
  blurPx: number | undefined;
  jpeg: Blob;
}

/** As good as a phone's own pictures. */
const JPEG_QUALITY = 0.9;

const sharpestOf = (canvas: OffscreenCanvas): number | undefined =>
  measureQuality(greyOfImage(canvas, JUDGED_SIDE)).sharpest;

/** A film on this device, read piece by piece: it is never held in memory whole. Runs in a worker. */
export class FilmFile {
  readonly #input: Input;
  /** One canvas each, drawn on again and again: what is let go of is given back late. */
  #small: CanvasSink | undefined;
  #whole: CanvasSink | undefined;
  #turn: Promise<unknown> = Promise.resolve();
  #giveUp: () => void = () => undefined;
  /** What is under way when the film is closed would otherwise never end. */
  readonly #closed = new Promise<never>((_, fail) => {
    this.#giveUp = () => fail(new Error('closed'));
  });

  /** From this device, or from an address that is read piece by piece. */
  constructor(from: Blob | string) {
    const source = typeof from === 'string' ? new UrlSource(from) : new BlobSource(from);
    this.#input = new Input({ source, formats: ALL_FORMATS });
  }

  /** Throws where the file is no film or sound, or was cut off. */
  async open(): Promise<FilmTold> {
    const [video, audio] = [
      await this.#input.getPrimaryVideoTrack(),
      await this.#input.getPrimaryAudioTrack(),
    ];
    if (!video && !audio) throw new Error('no tracks');
    const seconds = await this.#input.computeDuration();
    const told = { seconds, hasSound: audio !== null };
    if (!video) return told;
    if (!(await video.canDecode())) return { ...told, cannotSee: true };
    this.#small = new CanvasSink(video, { width: JUDGED_SIDE, poolSize: 1 });
    this.#whole = new CanvasSink(video, { poolSize: 1 });
    return { ...told, width: video.displayWidth, height: video.displayHeight };
  }

  /** The frame at one of these seconds that `choose` takes, in all its pixels: each is judged, and only the chosen one is kept. */
  pull(
    times: readonly number[],
    choose: (frames: readonly JudgedFrame[]) => JudgedFrame | undefined,
  ): Promise<PulledFrame | undefined> {
    const mine = this.#turn.then(() => this.#pull(times, choose));
    this.#turn = mine.catch(() => undefined);
    return Promise.race([mine, this.#closed]);
  }

  async #pull(
    times: readonly number[],
    choose: (frames: readonly JudgedFrame[]) => JudgedFrame | undefined,
  ): Promise<PulledFrame | undefined> {
    if (!this.#small || !this.#whole) return undefined;
    // Judged small: only the chosen one is wanted in all its pixels.
    const inOrder = [...times].sort((a, b) => a - b);
    const judged: JudgedFrame[] = [];
    let at = 0;
    for await (const taken of this.#small.canvasesAtTimestamps(inOrder)) {
      const atS = inOrder[at++] ?? 0;
      if (taken) judged.push({ atS, blurPx: sharpestOf(taken.canvas as OffscreenCanvas) });
    }
    const chosen = choose(judged);
    const taken = chosen && (await this.#whole.getCanvas(chosen.atS));
    if (!taken) return undefined;
    const canvas = taken.canvas as OffscreenCanvas;
    const jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
    return { ...chosen, jpeg };
  }

  close(): void {
    this.#closed.catch(() => undefined);
    this.#giveUp();
    this.#input.dispose();
  }
}
