import { ALL_FORMATS, BlobSource, CanvasSink, Input, type InputVideoTrack, UrlSource } from 'mediabunny';
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

/** A film on this device, read piece by piece: it is never held in memory whole. Runs in a worker. */
export class FilmFile {
  readonly #input: Input;
  #video: InputVideoTrack | null = null;
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
    this.#video = video;
    return { ...told, width: video.displayWidth, height: video.displayHeight };
  }

  /** The frame at one of these seconds that `choose` takes, in all its pixels: each is judged, and only the chosen one is kept. */
  pull(
    times: readonly number[],
    choose: (frames: readonly JudgedFrame[]) => JudgedFrame | undefined,
  ): Promise<PulledFrame | undefined> {
    return Promise.race([this.#pull(times, choose), this.#closed]);
  }

  async #pull(
    times: readonly number[],
    choose: (frames: readonly JudgedFrame[]) => JudgedFrame | undefined,
  ): Promise<PulledFrame | undefined> {
    if (!this.#video) return undefined;
    const sink = new CanvasSink(this.#video);
    const inOrder = [...times].sort((a, b) => a - b);
    const judged: (JudgedFrame & { canvas: OffscreenCanvas })[] = [];
    let at = 0;
    for await (const taken of sink.canvasesAtTimestamps(inOrder)) {
      const atS = inOrder[at++] ?? 0;
      if (!taken) continue;
      const canvas = taken.canvas as OffscreenCanvas;
      judged.push({ atS, blurPx: measureQuality(greyOfImage(canvas, JUDGED_SIDE)).sharpest, canvas });
    }
    const chosen = choose(judged);
    const frame = judged.find(({ atS }) => atS === chosen?.atS);
    if (!frame) return undefined;
    const jpeg = await frame.canvas.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
    return { atS: frame.atS, blurPx: frame.blurPx, jpeg };
  }

  close(): void {
    this.#closed.catch(() => undefined);
    this.#giveUp();
    this.#input.dispose();
  }
}
