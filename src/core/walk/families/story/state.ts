import type { z } from 'zod';
import type { storyBodies } from './bodies';

export type StoryTold = Omit<z.output<(typeof storyBodies)['story-told']>, 'fact'>;

export interface DroveTold {
  fine: boolean;
  says?: string;
}
