import { ChevronLeft, ChevronRight } from 'lucide-react';
import { type FaceId, faceIds, faceName, type Speech } from '#core/car';
import { sentence } from '#core/wording';

/** Turns to the next face of the car where there is no room for the plan. */
export function FaceTurner({
  face,
  speech,
  onFace,
}: {
  face: FaceId;
  speech: Speech;
  onFace: (face: FaceId) => void;
}) {
  const by = (step: number) =>
    onFace(faceIds[(faceIds.indexOf(face) + step + faceIds.length) % faceIds.length] as FaceId);
  const look =
    'absolute top-1/2 grid size-12 -translate-y-1/2 place-items-center rounded-md border border-line bg-ground/90';
  return (
    <>
      <p className="absolute top-0 left-1 text-sm text-soft">{sentence(faceName(face, speech))}</p>
      <button type="button" aria-label="Turn back" className={`${look} left-0`} onClick={() => by(-1)}>
        <ChevronLeft aria-hidden size={24} />
      </button>
      <button type="button" aria-label="Turn on" className={`${look} right-0`} onClick={() => by(1)}>
        <ChevronRight aria-hidden size={24} />
      </button>
    </>
  );
}
