export { cardAfter, type PracticeCard, practiceCardSchema } from './cards';
export { type Done, nextExercise } from './choose';
export {
  type Exercise,
  exerciseSchema,
  type PracticeAnswer,
  type PracticeMark,
  type PracticeTruth,
  practiceAnswerSchema,
  practiceTruthSchema,
  type Skill,
  skillOf,
} from './exercise';
export { practiceResults, type Scored } from './results';
export { agreementByKind, type WalkedTwice } from './sameCar';
export { type PracticeScore, scorePractice } from './score';
