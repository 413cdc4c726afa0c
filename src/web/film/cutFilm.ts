import {
  BlobSource,
  BufferTarget,
  Conversion,
  Input,
  MP4,
  Output,
  QTFF,
  QUALITY_MEDIUM,
  type Source,
  UrlSource,
  type VideoSample,
  WEBM,
  WebMOutputFormat,
} from 'mediabunny';
import type { HideBox } from '#core/picture';

export interface Cut {
  fromS: number;
  toS: number;
  of: 'video' | 'sound';
  /** Covered in every frame, so that nobody outside the yard gets to see it: shares of width and height. */
  boxes: readonly Pick<HideBox, 'x' | 'y' | 'width' | 'height'>[];
}

/** Wide enough to see a dent, small enough for a phone abroad. */
const WIDTH = 960;

/**
 * Some seconds of a film as a film of their own: pictures without sound, or sound without pictures. Everything is encoded anew, so that nothing the camera wrote,
 * and nothing under a box, goes along. Runs in a worker. Throws where this device cannot encode.
 */
export async function cutFilm(from: Blob | string, { fromS, toS, of, boxes }: Cut): Promise<Blob> {
  const source: Source = typeof from === 'string' ? new UrlSource(from) : new BlobSource(from);
  const input = new Input({ source, formats: [MP4, QTFF, WEBM] });
  const target = new BufferTarget();
  const output = new Output({ format: new WebMOutputFormat(), target });
  const isVideo = of === 'video';
  const conversion = await Conversion.init({
    input,
    output,
    trim: { start: fromS, end: toS },
    video: isVideo
      ? {
          width: WIDTH,
          fit: 'contain',
          codec: 'vp9',
          quality: QUALITY_MEDIUM,
          forceTranscode: true,
          process: covering(boxes),
        }
      : { discard: true },
    audio: isVideo ? { discard: true } : { codec: 'opus', quality: QUALITY_MEDIUM, forceTranscode: true },
    tags: {},
    showWarnings: false,
  });
  if (!conversion.isValid) throw new Error('nothing to cut');
  await conversion.execute();
  input.dispose();
  if (!target.buffer) throw new Error('nothing was cut');
  return new Blob([target.buffer], { type: isVideo ? 'video/webm' : 'audio/webm' });
}

function covering(boxes: Cut['boxes']) {
  let canvas: OffscreenCanvas | undefined;
  return (sample: VideoSample) => {
    const { displayWidth: width, displayHeight: height } = sample;
    canvas ??= new OffscreenCanvas(width, height);
    const pen = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D;
    sample.draw(pen, 0, 0);
    pen.fillStyle = '#14181c';
    for (const box of boxes)
      pen.fillRect(box.x * width, box.y * height, box.width * width, box.height * height);
    return canvas;
  };
}
