import { driveSays, storySays } from '../../tellStory';
import { familyOf } from '../family';
import type { storyBodies } from './bodies';
import type { DroveTold, StoryTold } from './state';
import { type DriveGroup, driveGroupNames } from './storyWords';

export const story = familyOf<typeof storyBodies>()({
  empty: () => ({
    story: new Map<string, StoryTold>(),
    drove: new Map<DriveGroup, DroveTold>(),
  }),
  noters: {
    'story-told': ({ state }, { body: { fact, ...told } }) => {
      state.story.set(fact, told);
    },
    'story-taken-back': ({ state }, { body }) => {
      state.story.delete(body.fact);
    },
    'drove-told': ({ state }, { body: { group, fine, says } }) => {
      if (fine === null) state.drove.delete(group);
      else state.drove.set(group, { fine, ...(says && { says }) });
    },
  },
  words: {
    'story-told': (told) => storySays(told),
    'story-taken-back': () => 'Part of the story taken back',
    'drove-told': ({ group, fine, says }) =>
      fine === null
        ? `${driveGroupNames[group]}: taken back`
        : `On the drive, ${driveSays(group, { fine, ...(says && { says }) })}`,
  },
});
