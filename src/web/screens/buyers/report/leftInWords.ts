import {
  type BodyStyle,
  type FaceId,
  faceIds,
  faceName,
  type PartId,
  partNames,
  type Speech,
} from '#core/car';
import type { Coverage } from '#core/walk';

/** How a face is spoken of after "everything"; its name follows unless that says it all. */
const whereabouts: Record<FaceId, string> = {
  front: 'at the ',
  left: 'at the ',
  rear: 'at the ',
  right: 'at the ',
  top: 'at the ',
  cabin: 'in the ',
  boot: 'in the ',
  engine: '',
  under: 'underneath',
};
const named: ReadonlySet<FaceId> = new Set(['under']);

/** A part left, or a whole side of them by its first. */
export interface LeftSaid {
  says: string;
  part: PartId;
}

/** Parts left, with a whole side said in one phrase instead of part by part. */
export function leftInWords({ left }: Pick<Coverage, 'left'>, style: BodyStyle, speech: Speech): LeftSaid[] {
  const nameOf = partNames(style, speech);
  const missing = new Set(left.map((stop) => stop.part));
  const parts = [...style.parts.values()];
  const whole = faceIds.filter((face) => {
    const here = parts.filter((part) => part.face === face);
    return here.length > 0 && here.every((part) => missing.has(part.id));
  });
  const single = left.filter((stop) => !stop.face || !whole.includes(stop.face));
  return [
    ...whole.flatMap((face) => {
      const first = left.find((stop) => stop.face === face);
      const says = `everything ${whereabouts[face]}${named.has(face) ? '' : faceName(face, speech)}`;
      return first ? [{ says, part: first.part }] : [];
    }),
    ...single.map(({ part }) => ({ says: nameOf(part), part })),
  ];
}
