import { type CrewSet, usualCrew } from '#core/schedule';

const names: Readonly<Record<string, string>> = {
  hands: 'Tomas, our own hands',
  'valet-bay': 'Valet bay',
  workshop: 'Workshop and tyres',
  dents: 'Dents, on Thursdays',
  paint: 'Local paint, on Tuesdays',
  wheels: 'Wheels, on Wednesdays',
  glass: 'Glass, every other day',
  trim: 'Trim, on Fridays',
  'body-shop': 'Body shop, two cars at once',
};

/** Who works in the invented yard and when: its own people and bays, trades that visit, a body shop. */
export const crew: CrewSet = {
  ...usualCrew,
  members: usualCrew.members.map((member) => ({
    ...member,
    name: names[member.id] ?? member.name,
    // The valeter works on Saturdays too.
    ...(member.id === 'valet-bay' && { weekdays: [0, 1, 2, 3, 4, 5] }),
  })),
};
