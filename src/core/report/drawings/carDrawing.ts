import { type BodyStyle, type FaceId, faceName, type Part, type Point, type Speech } from '../../car';
import { sentence } from '../../wording';
import { colours, type Drawing, fitter, type Place, type Shape } from './drawing';

/** As wide as the text of a page. */
const WIDTH = 500;
/** As wide as a phone, for faces drawn large; and as high as one of them may be. */
const [NARROW, NEAR_HEIGHT] = [340, 150] as const;
const AIR = 6;
const NAME_SIZE = 8;

/** Faces in rows, each with its share of the width. */
const outside: readonly FaceRow[] = [
  {
    height: 120,
    faces: [
      ['front', 0.3],
      ['top', 0.4],
      ['rear', 0.3],
    ],
  },
  {
    height: 90,
    faces: [
      ['left', 0.5],
      ['right', 0.5],
    ],
  },
];

interface FaceRow {
  height: number;
  faces: readonly (readonly [FaceId, number])[];
}

interface CarDrawingOptions {
  says: string;
  style: BodyStyle;
  speech: Speech;
  /** Places with a map of their own that are shown beside the outside, two to a row. */
  inside?: readonly FaceId[];
  /** These faces alone, large, one below the other, in place of the whole car. */
  only?: readonly FaceId[];
  /** What is drawn of a part itself. */
  partLook: (part: Part) => Pick<Extract<Shape, { is: 'polygon' }>, 'fill' | 'stroke' | 'isHatched'>;
  /** What is drawn over the parts of a face. */
  over: (parts: readonly Part[], at: (point: Point) => Place) => readonly Shape[];
}

/** The faces of a car beside each other, parts and what lies on them. */
export function carDrawing({
  says,
  style,
  speech,
  inside = [],
  only,
  partLook,
  over,
}: CarDrawingOptions): Drawing {
  const across = only ? NARROW : WIDTH;
  const rows = only
    ? only.map((face): FaceRow => ({ height: NEAR_HEIGHT, faces: [[face, 1]] }))
    : wholeCar(inside);
  const shapes: Shape[] = [];
  let y = 0;
  for (const { height, faces } of rows) {
    let x = 0;
    for (const [id, share] of faces) {
      const width = share * across;
      const face = style.faces[id];
      const box = { x: x + AIR, y: y + NAME_SIZE + 2, width: width - 2 * AIR, height };
      const { at } = fitter(face, box, face.mirrored);
      const parts = [...style.parts.values()].filter((part) => part.face === id);
      shapes.push(
        {
          is: 'label',
          at: [x + width / 2, y + NAME_SIZE / 2],
          text: sentence(faceName(id, speech)),
          size: NAME_SIZE,
        },
        ...parts.map(
          (part): Shape => ({
            is: 'polygon',
            points: part.outline.map(at),
            line: 0.5,
            stroke: colours.rule,
            ...partLook(part),
          }),
        ),
        ...over(parts, at),
      );
      x += width;
    }
    y += height + NAME_SIZE + 2 + AIR;
  }
  return { says, width: across, height: y, shapes };
}

/** The outside, and places with a map of their own, two to a row. */
function wholeCar(inside: readonly FaceId[]): readonly FaceRow[] {
  const pairs = inside.flatMap((face, i) => (i % 2 === 0 ? [[face, inside[i + 1]] as const] : []));
  return [
    ...outside,
    ...pairs.map(
      ([a, b]): FaceRow => ({
        height: 130,
        faces: b
          ? [
              [a, 0.5],
              [b, 0.5],
            ]
          : [[a, 0.5]],
      }),
    ),
  ];
}
