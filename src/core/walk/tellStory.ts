import type { FaceId, PartId, Vocabulary } from '../car';
import { listed, own, starting, type Text } from '../told';
import type { Conditions } from './conditions';
import type { StatementMade } from './families/course/sweep';
import type { DroveTold, StoryTold } from './families/story/state';
import type { DriveGroup } from './families/story/storyWords';
import { inEnglish, say } from './words';

export interface Placing {
  nameOf: (part: PartId) => Text;
  sideOf: (face: FaceId) => Text;
}

/** A statement as a reader is told it: "nearside (left): panels line up", "one repair over a and b: haze over both". */
export function statementTold({ over, is, says }: StatementMade, { nameOf, sideOf }: Placing): Text {
  const where =
    over.of === 'car'
      ? say('statement.wholeCar')
      : over.of === 'side'
        ? sideOf(over.face)
        : listed('and', over.parts.map(nameOf));
  const said = own(says ?? '');
  if (is === 'one-repair') return say('statement.repair', { where, says: said });
  if (is === 'other') return say('statement', { where, says: said });
  const what = say(`statement.${is}`);
  return says ? say('statement.more', { where, what, says: said }) : say('statement', { where, says: what });
}

export interface StatementSpeech {
  vocabulary: Vocabulary;
  nameOf: (part: PartId) => string;
  /** "Nearside (left)"; "left" where it is left out. */
  sideOf?: (face: FaceId) => string;
}
export const statementSays = (
  made: StatementMade,
  { vocabulary, nameOf, sideOf = (face) => face }: StatementSpeech,
): string =>
  inEnglish(
    starting(
      statementTold(made, { nameOf: (part) => own(nameOf(part)), sideOf: (face) => own(sideOf(face)) }),
    ),
    vocabulary,
  );

/** "overcast; dry; washed, not polished; in the yard": what of it is known. */
export const conditionsTold = ({ light, wet, dirt, place }: Partial<Conditions>): Text =>
  listed('semicolon', [
    light && say(`light.${light}`),
    wet && say(`wet.${wet}`),
    dirt && say(`dirt.${dirt}`),
    place ? own(place) : undefined,
  ]);
export const conditionLine = (noted: Partial<Conditions>): string => inEnglish(conditionsTold(noted), 'uk');

/** "Keepers: two from new (said by the last keeper)": every fact names its source. */
export function storyTold({ about, says, source, by }: StoryTold): Text {
  const values = { about: say(`story.${about}`), says: own(says), source };
  return by ? say('story.by', { ...values, by: own(by) }) : say('story', values);
}
export const storySays = (told: StoryTold): string => inEnglish(starting(storyTold(told)), 'uk');

/** "clutch: in order; bites low": what was tried is said also where all is well. */
export function driveTold(of: DriveGroup, { fine, says }: DroveTold): Text {
  const values = { group: say(`drive.${of}`), fine: fine ? 'yes' : 'no' };
  return says ? say('drive.more', { ...values, says: own(says) }) : say('drive', values);
}
export const driveSays = (group: DriveGroup, told: DroveTold): string =>
  inEnglish(driveTold(group, told), 'uk');
