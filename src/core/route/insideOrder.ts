import { type BodyStyle, handOf, type Part, type PartKind } from '../car';

type Hand = 'l' | 'r';

/** What is reached through one door: the door's inside, its sill, and the seat behind it. */
export interface DoorGroup {
  hand: Hand;
  row: 'front' | 'rear';
  parts: Part[];
}

/** In the order one sees them: the door as it opens, the sill one steps over, the seat, the floor. */
const asSeen: readonly PartKind[] = [
  'doorcard',
  'sillplate',
  'seat',
  'bolster',
  'seatback',
  'seat3',
  'belt',
  'carpet',
];
const seenAs = ({ kind }: Part) => {
  const at = asSeen.indexOf(kind);
  return at < 0 ? asSeen.length : at;
};

/** By its position; what has none lies behind where it is no farther forward than the rear seats. */
const isRear = (part: Part, style: BodyStyle): boolean => {
  if (part.position && part.position.length === 2) return part.position[0] === 'r';
  const rows = [...style.parts.values()].filter(
    ({ kind, position }) => kind === 'seat' && position?.[0] === 'r',
  );
  const from = Math.min(...rows.map(({ box }) => box.y));
  return part.kind !== 'sillplate' && part.box.y >= from;
};

const byHeight = (a: Part, b: Part) =>
  a.box.y + a.box.height / 2 - b.box.y - b.box.height / 2 ||
  a.box.x + a.box.width / 2 - b.box.x - b.box.width / 2;

/**
 * The cabin as one gets in: a door and its seat are finished before the next, both of a hand before one crosses the car. What is in the
 * middle comes with the driver's seat, what lies behind all seats last. Pure.
 * @param first the hand one begins on; its front door comes first, of the other hand the rear one.
 */
export function cabinGroups(style: BodyStyle, first: Hand): { doors: DoorGroup[]; rest: Part[] } {
  const cabin = [...style.parts.values()].filter(({ face }) => face === 'cabin');
  const isReached = (part: Part) => part.position !== undefined;
  const rows = ['front', 'rear'] as const;
  const second: Hand = first === 'l' ? 'r' : 'l';
  const doors = [
    ...rows.map((row): DoorGroup => ({ hand: first, row, parts: [] })),
    ...rows.toReversed().map((row): DoorGroup => ({ hand: second, row, parts: [] })),
  ];
  for (const part of cabin.filter(isReached)) {
    const hand = handOf(part.position as NonNullable<Part['position']>);
    const row = isRear(part, style) ? 'rear' : 'front';
    doors.find((door) => door.hand === hand && door.row === row)?.parts.push(part);
  }
  for (const { parts } of doors) parts.sort((a, b) => seenAs(a) - seenAs(b) || byHeight(a, b));
  // In the middle: before the rear seats it is the driver's, among them it is met from the last rear seat.
  const middle = cabin.filter((part) => !isReached(part)).sort(byHeight);
  const wheel = middle.find(({ kind }) => kind === 'steeringwheel');
  const driver: Hand = wheel && wheel.box.x + wheel.box.width / 2 > style.faces.cabin.width / 2 ? 'r' : 'l';
  const ofDriver = doors.find((door) => door.row === 'front' && door.hand === driver);
  const overhead = middle.filter(({ kind }) => kind === 'headlining' || kind === 'smell' || kind === 'bunk');
  const between = middle.filter((part) => !overhead.includes(part));
  ofDriver?.parts.push(...between.filter((part) => !isRear(part, style)));
  const lastRear = doors.findLast(({ row, parts }) => row === 'rear' && parts.length > 0) ?? ofDriver;
  lastRear?.parts.push(...between.filter((part) => isRear(part, style)));
  return { doors: doors.filter(({ parts }) => parts.length > 0), rest: overhead };
}
