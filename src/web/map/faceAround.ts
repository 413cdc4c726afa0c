import type { FaceId } from '#core/car';

/** Faces one passes on the way round the car. */
export type LoopFace = 'front' | 'left' | 'rear' | 'right';
export const walkOrder: readonly LoopFace[] = ['front', 'left', 'rear', 'right'];
export const isLoop = (face: FaceId): face is LoopFace => walkOrder.some((each) => each === face);

/** The face one comes to by walking on round the car, or back. */
export function faceAround(face: FaceId, by: 1 | -1): FaceId {
  const at = isLoop(face) ? walkOrder.indexOf(face) : -1;
  if (at < 0) return 'left';
  return walkOrder[(at + by + walkOrder.length) % walkOrder.length] as FaceId;
}
