import type { z } from 'zod';
import type { storyBodies } from './bodies';
import { type DriveGroup, driveGroupNames, type StorySource, storyNames } from './storyWords';

export type StoryTold = Omit<z.output<(typeof storyBodies)['story-told']>, 'fact'>;

export interface DroveTold {
  fine: boolean;
  says?: string;
}

const sourceWords: Record<StorySource, string> = {
  said: 'said',
  seen: 'seen here',
  proven: 'proven',
};

/** "Keepers: two from new (said by the last keeper)": every fact names its source. */
export const storySays = ({ about, says, source, by }: StoryTold): string =>
  `${storyNames[about]}: ${says} (${sourceWords[source]}${by ? ` by ${by}` : ''})`;

/** "clutch: in order; bites low": what was tried is said also where all is well. */
export const driveSays = (group: DriveGroup, { fine, says }: DroveTold): string =>
  `${driveGroupNames[group].toLowerCase()}: ${fine ? 'in order' : 'not in order'}${says ? `; ${says}` : ''}`;
