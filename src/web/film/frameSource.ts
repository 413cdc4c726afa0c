import { bestFrame, frameTimes } from '#core/filmed';
import { judgePhoto } from '../pictures/pictureWorker';
import type { PulledFrame } from './filmFile';
import { bestFrameAt, frameAt } from './filmWorker';

/** Where the pictures of an open film come from. */
export interface FrameSource {
  /** The sharpest one round a second of the film. */
  best: (atS: number) => Promise<PulledFrame | undefined>;
  /** The one at this very second. */
  one: (atS: number) => Promise<PulledFrame | undefined>;
}

/** Taken apart by the worker: at full size, whatever is on the screen. */
export const takenApart: FrameSource = { best: bestFrameAt, one: frameAt };

const SEEK_MS = 4000;
const JPEG_QUALITY = 0.9;

/** A player that is not shown, for films that the browser plays and cannot be taken apart. */
export class HiddenPlayer implements FrameSource {
  readonly #video = document.createElement('video');
  #turn: Promise<unknown> = Promise.resolve();

  private constructor(private readonly seconds: number) {}

  /** Undefined where the browser does not play it either. */
  static async open(
    url: string,
    seconds: number,
  ): Promise<{ player: HiddenPlayer; width: number; height: number } | undefined> {
    const player = new HiddenPlayer(seconds);
    const video = player.#video;
    Object.assign(video, { muted: true, playsInline: true, preload: 'auto', src: url });
    const isPlayed = await happens(video, 'loadeddata');
    const { videoWidth: width, videoHeight: height } = video;
    return isPlayed && width > 0 ? { player, width, height } : undefined;
  }

  one = (atS: number): Promise<PulledFrame | undefined> => this.#inTurn(() => this.#pull(atS));

  best = (atS: number): Promise<PulledFrame | undefined> =>
    this.#inTurn(async () => {
      const frames: PulledFrame[] = [];
      for (const time of frameTimes(atS, this.seconds)) {
        const frame = await this.#pull(time);
        if (frame) frames.push(frame);
      }
      const best = bestFrame(frames, atS);
      return frames.find((frame) => frame.atS === best?.atS);
    });

  close(): void {
    this.#video.removeAttribute('src');
    this.#video.load();
  }

  /** One seek after another: a player stands at one place. */
  #inTurn<T>(work: () => Promise<T>): Promise<T> {
    const mine = this.#turn.then(work, work);
    this.#turn = mine.catch(() => undefined);
    return mine;
  }

  async #pull(atS: number): Promise<PulledFrame | undefined> {
    const video = this.#video;
    const seeked = happens(video, 'seeked');
    video.currentTime = atS;
    if (!(await seeked)) return undefined;
    const canvas = new OffscreenCanvas(video.videoWidth, video.videoHeight);
    const pen = canvas.getContext('2d');
    if (!pen) return undefined;
    pen.drawImage(video, 0, 0);
    const jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
    return { atS, blurPx: (await judgePhoto(jpeg))?.quality.sharpest, jpeg };
  }
}

/** Whether a player comes so far, rather than to an error or nowhere. */
function happens(video: HTMLVideoElement, what: 'loadeddata' | 'seeked'): Promise<boolean> {
  return new Promise((tell) => {
    const end = (how: boolean) => () => {
      clearTimeout(timer);
      video.removeEventListener(what, yes);
      video.removeEventListener('error', no);
      tell(how);
    };
    const [yes, no] = [end(true), end(false)];
    const timer = setTimeout(no, SEEK_MS);
    video.addEventListener(what, yes);
    video.addEventListener('error', no);
  });
}
