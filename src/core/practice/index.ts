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
export { type Agreement, agreementOf } from './kappa';
export { type PracticeResults, practiceResults, type Rate, type Scored, type SkillResult } from './results';
export { agreementByKind, type KindAgreement, type WalkedTwice } from './sameCar';
export { type PracticeScore, scorePractice } from './score';
