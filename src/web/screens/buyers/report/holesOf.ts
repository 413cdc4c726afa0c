import { type BodyStyle, kindName, type PartId, plateName, type Speech } from '#core/car';
import { type LeftCode, type LeftItem, type LeftScreen, leftOf, type WhatIsLeft } from '#core/readings';
import { sentence } from '#core/wording';
import { leftInWords } from './leftInWords';

/** One thing that is left, and where it is closed: on a screen of its own, at a part, or anywhere on the walk. */
export interface HoleItem {
  says: string;
  to: { screen?: LeftScreen; part?: PartId };
}

/** A group of what is left, as it stands before a report is frozen. */
export interface Hole {
  title: string;
  items: readonly HoleItem[];
  count: number;
}

/** What is to be settled before somebody signs: it stands in the report as it is, and speaks against itself. */
export function questionsOf(left: WhatIsLeft, nameOf: (part: PartId) => string): HoleItem[] {
  const ask = (code: LeftCode, words: (place: string, item: LeftItem) => string): HoleItem[] =>
    leftOf(left, code).map((item) => ({ says: words(nameOf(item.part ?? ''), item), to: wayTo(item) }));
  return [
    ...ask('disagreement', (_, { says = '' }) => says),
    ...ask('contradiction', (place, { says }) => `${place}: ${says}`),
    ...ask(
      'clear-but',
      (place, { says }) => `${place}: said to be clear, and yet ${says}; the report says both`,
    ),
    ...ask('second-look', (place) => `${place}: a suspicion is not settled`),
    ...ask('overdue', (_, { says }) => `To follow, and its day is over: ${says}`),
    ...ask('promise', (place, { finding, says }) => `${finding}, ${place}: ${says}`),
  ];
}

/** In the order a report tells it. */
export function holesOf(
  left: WhatIsLeft,
  style: BodyStyle,
  speech: Speech,
  nameOf: (part: PartId) => string,
): Hole[] {
  const place = ({ part = '' }: LeftItem) => nameOf(part);
  const numbered = (item: LeftItem) => `${item.finding}, ${place(item)}`;
  const says = (item: LeftItem) => item.says ?? '';
  /** One line for all of a kind. */
  const once =
    (words: (count: number) => string) =>
    (items: readonly LeftItem[]): string[] => [words(items.length)];
  const each =
    (words: (item: LeftItem) => string) =>
    (items: readonly LeftItem[]): string[] =>
      items.map(words);
  const begun = (subject: 'functions' | 'kit' | 'papers', nothing: string) =>
    left.notBegun.has(subject) ? () => [nothing] : each(says);

  const tyre = kindName('tyre', speech);
  const plate = plateName(speech);
  const groups: [LeftCode, string, (items: readonly LeftItem[]) => string[]][] = [
    ['part', 'Parts not looked at', () => []],
    ['not-seen', 'Could not be seen', each((item) => `${place(item)}: ${item.says}`)],
    ['tread', 'Tread not read', each(place)],
    ['tyre-make', `Brand or size of a ${tyre} not noted`, each(place)],
    ['tyre-age', `Week of make of a ${tyre} not noted`, each(place)],
    ['odometer', 'Odometer', each(() => 'not read')],
    ['weak-spot', 'Known of such cars, and not looked for', each((item) => `${item.says}, ${place(item)}`)],
    ['unnamed', 'Marks not named yet', each(numbered)],
    ['close-up', 'No close-up', each(numbered)],
    ['after-photo', 'Put right, and no photo of how it is now', each(numbered)],
    ['place-photo', 'No photo of where it is', each(numbered)],
    ['part-photo', 'No photo of the part', each(place)],
    [
      'plate',
      sentence(`${plate}s`),
      once(
        (count) =>
          `${count} ${count === 1 ? 'photo' : 'photos'} on which a ${plate} may be read: nobody has looked`,
      ),
    ],
    [
      'poor-photo',
      'Photos that may not show what they should',
      once(() => 'soft, shaken, too dark or too bright: look at them again'),
    ],
    ['unplaced-photo', 'Photos without a place', once(() => 'they are not in the report')],
    ['distance', 'Distance worked out, not walked', each(numbered)],
    ['function', 'Functions not tried', begun('functions', 'none was tried')],
    ['item', 'What comes with it, not counted', begun('kit', 'nothing was counted')],
    ['smell', 'Smell of the cabin', each(() => 'not noted')],
    ['papers', 'Papers', begun('papers', 'nothing was noted')],
    ['conditions', 'Conditions', each(() => 'light, wet and dirt not noted')],
  ];
  return groups.flatMap(([code, title, words]) => {
    const items = leftOf(left, code);
    const [first] = items;
    if (!first) return [];
    const said = words(items);
    const told: HoleItem[] =
      code === 'part'
        ? leftInWords(left.cover, style, speech).map(({ says: name, part }) => ({ says: name, to: { part } }))
        : said.map((name, i) => ({ says: name, to: wayTo(said.length === items.length ? items[i] : first) }));
    // A line that speaks for all of a kind is counted by what it speaks for, one about a subject nobody has begun as one.
    const isForAll =
      code === 'part' || code === 'plate' || code === 'poor-photo' || code === 'unplaced-photo';
    return [
      {
        title,
        items: told,
        count: isForAll ? items.length : told.length,
      },
    ];
  });
}

const wayTo = ({ screen, part }: Pick<LeftItem, 'screen' | 'part'> = {}): HoleItem['to'] =>
  screen ? { screen } : { ...(part !== undefined && { part }) };
