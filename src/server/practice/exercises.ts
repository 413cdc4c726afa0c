import { type Exercise, exerciseSchema } from '#core/practice';
import stored from './exercises.json' with { type: 'json' };

/** Pictures to look at, with what is in them. Their files are `/practice/ID.jpg`. */
export const exercises: readonly Exercise[] = exerciseSchema.array().parse(stored);
