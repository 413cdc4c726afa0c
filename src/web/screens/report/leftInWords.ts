import { type BodyStyle, faceIds, faceName, partNameForAnyone, type Speech } from '#core/car';
import { type Coverage, firstRoute } from '#core/walk';

/** Parts left, with a whole side said in one phrase instead of part by part. */
export function leftInWords({ left }: Pick<Coverage, 'left'>, style: BodyStyle, speech: Speech): string[] {
  const missing = new Set(left.map((stop) => stop.part));
  const route = firstRoute(style);
  const whole = faceIds.filter((face) =>
    route.filter((stop) => stop.face === face).every((stop) => missing.has(stop.part)),
  );
  const single = left.filter((stop) => !stop.face || !whole.includes(stop.face));
  return [
    ...whole.map((face) => `everything at the ${faceName(face, speech)}`),
    ...single.map(({ part }) => {
      const found = style.parts.get(part);
      return found ? partNameForAnyone(found, speech) : part;
    }),
  ];
}
