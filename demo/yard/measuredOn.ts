import { type Homography, type Measurement, measureOnPicture, project } from '#core/picture';
import type { Fact } from '#core/walk';
import type { Truth } from '../picture-maker/truth';

/** Screen pixels per pixel of the picture, as on a phone held near. */
const ZOOM = 1;

/** A length taken from a close-up by the tape measure lying beside the fault, as somebody marking both would take it. */
export function measuredOn(
  truth: Truth,
  photo: string,
  finding: string,
  { lengthMm, angleDeg }: { lengthMm: number; angleDeg: number },
): Fact[] {
  const { scale, plane } = truth;
  if (scale?.kind !== 'tape-measure') throw new Error(`No tape measure lies in ${truth.name}`);
  const turn = (angleDeg * Math.PI) / 180;
  const place = (mm: number): [number, number] => {
    const along: [number, number] = [mm * Math.cos(turn), mm * Math.sin(turn)];
    const [x, y] = project(plane.homography.flat() as unknown as Homography, along) ?? [0, 0];
    return [Math.round(x), Math.round(y)];
  };
  const [from, to] = scale.pixels.map(([x, y]): [number, number] => [x, y]);
  const measurement: Measurement = {
    scale: { by: 'line', from: from ?? [0, 0], to: to ?? [0, 0], lengthMm: scale.sizeMm.widthMm ?? 0 },
    mark: { of: 'length', from: place(-lengthMm / 2), to: place(lengthMm / 2) },
    zoom: ZOOM,
  };
  const measured = measureOnPicture(measurement.scale, measurement.mark, ZOOM);
  if (!measured.ok) throw new Error(`${truth.name}: ${measured.problem}`);
  // By a line there is no saying how true it is.
  const { value } = measured;
  return [{ kind: 'picture-measured', body: { photo, finding, measurement, value } }];
}
