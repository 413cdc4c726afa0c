import { Arrow, Circle, Label, Line, Rect, Tag, Text } from 'react-konva';
import type { HideBox, Mark, PictureSpot, Place } from '#core/picture';
import { LINE_SHARE, SPOT_RADIUS_SHARE, TEXT_SHARE } from '#core/picture';

const YELLOW = '#ffc933';
const INK = '#14181c';

interface MarkShapesProps {
  width: number;
  height: number;
  marks: readonly Mark[];
  boxes: readonly HideBox[];
  spots: readonly PictureSpot[];
}

/** What is drawn over a picture, as it will be burned into what leaves the yard. */
export function MarkShapes({ width, height, marks, boxes, spots }: MarkShapesProps) {
  const longer = Math.max(width, height);
  const stroke = Math.max(1.5, LINE_SHARE * longer);
  const size = Math.max(9, TEXT_SHARE * longer);
  const px = ({ x, y }: Place): [number, number] => [x * width, y * height];
  const label = (key: string, [x, y]: [number, number], text: string, isCentred: boolean) => (
    <Label key={key} x={isCentred ? x - text.length * size * 0.3 : x} y={y - size * 0.75} listening={false}>
      <Tag fill={YELLOW} />
      <Text text={text} fill={INK} fontSize={size} fontStyle="bold" padding={size * 0.25} />
    </Label>
  );
  const lines = (key: string, from: Place, to: Place, isArrow: boolean) =>
    [INK, YELLOW].map((colour, i) =>
      isArrow ? (
        <Arrow
          key={key + colour}
          points={[...px(from), ...px(to)]}
          stroke={colour}
          fill={colour}
          strokeWidth={stroke * (2 - i)}
          pointerLength={size * 0.8}
          pointerWidth={size * 0.8}
          listening={false}
        />
      ) : (
        <Line
          key={key + colour}
          points={[...px(from), ...px(to)]}
          stroke={colour}
          strokeWidth={stroke * (2 - i)}
          lineCap="round"
          listening={false}
        />
      ),
    );
  const ring = (key: string, at: Place, radius: number) =>
    [INK, YELLOW].map((colour, i) => (
      <Circle
        key={key + colour}
        x={at.x * width}
        y={at.y * height}
        radius={radius}
        stroke={colour}
        strokeWidth={stroke * (2 - i)}
        listening={false}
      />
    ));
  return (
    <>
      {boxes.map((box) => (
        <Rect
          key={`${box.x} ${box.y} ${box.width}`}
          x={box.x * width}
          y={box.y * height}
          width={box.width * width}
          height={box.height * height}
          fill={INK}
          listening={false}
        />
      ))}
      {marks.map((mark, i) => {
        const key = `mark ${i}`;
        switch (mark.kind) {
          case 'ring':
            return ring(key, mark.at, Math.max(3, mark.radius * width));
          case 'arrow':
            return lines(key, mark.from, mark.to, true);
          case 'line':
            return [
              ...lines(key, mark.from, mark.to, false),
              ...(mark.label
                ? [
                    label(
                      `${key} label`,
                      [
                        ((mark.from.x + mark.to.x) / 2) * width,
                        ((mark.from.y + mark.to.y) / 2) * height - size * 1.3,
                      ],
                      mark.label,
                      true,
                    ),
                  ]
                : []),
            ];
          case 'text':
            return label(key, px(mark.at), mark.label, false);
          default:
            return mark satisfies never;
        }
      })}
      {spots.map(({ number, at }) => [
        ...ring(`spot ${number}`, at, SPOT_RADIUS_SHARE * longer),
        label(
          `spot ${number} label`,
          [at.x * width + (SPOT_RADIUS_SHARE * longer + size * 0.8), at.y * height],
          String(number),
          true,
        ),
      ])}
    </>
  );
}
