import { answerBodies } from './answers/bodies';
import { buildBodies } from './build/bodies';
import { courseBodies } from './course/bodies';
import { equipmentBodies } from './equipment/bodies';
import { findingBodies } from './findings/bodies';
import { firstLineBodies } from './firstLines/bodies';
import { functionBodies } from './functions/bodies';
import { kitBodies } from './kit/bodies';
import { odometerBodies } from './odometer/bodies';
import { papersBodies } from './papers/bodies';
import { pictureBodies } from './pictures/bodies';
import { readingBodies } from './readings/bodies';
import { remedyBodies } from './remedies/bodies';
import { storyBodies } from './story/bodies';
import { toFollowBodies } from './toFollow/bodies';
import { undoBodies } from './undo/bodies';
import { walkFilmBodies } from './walkFilm/bodies';
import { weakSpotBodies } from './weakSpots/bodies';

/** Every kind of entry with the shape of its body. The order is that of the published schema. */
export const allBodies = {
  ...courseBodies,
  ...findingBodies,
  ...pictureBodies,
  ...readingBodies,
  ...functionBodies,
  ...papersBodies,
  ...kitBodies,
  ...answerBodies,
  ...odometerBodies,
  ...remedyBodies,
  ...buildBodies,
  ...storyBodies,
  ...equipmentBodies,
  ...walkFilmBodies,
  ...weakSpotBodies,
  ...firstLineBodies,
  ...toFollowBodies,
  ...undoBodies,
} as const;
