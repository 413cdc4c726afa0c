export { checkEntry, type EntryCheck, type EntryProblem, type EntryProblemCode } from './checkEntry';
export {
  type Action,
  actionName,
  actions,
  type NoticeDistance,
  noticeDistances,
  noticeWords,
  notSeenReasons,
  type PhotoRole,
  photoRoles,
  testAnswers,
  testWords,
} from './choices';
export { type Coverage, coverage, nextLeft, type PartStatus, partStatus } from './coverage';
export { actionLine, findingLine, sizeWords, testLine } from './describeFinding';
export {
  type Entry,
  type EntryKind,
  type EntryOf,
  entryKinds,
  entrySchema,
  type Fact,
  type FindingChanges,
  type FindingDetails,
  findingDetailsSchema,
  type Spot,
  sha256Schema,
  spotSchema,
} from './entries';
export {
  type FindingKind,
  findingKindIds,
  findingKindName,
  findingKindOf,
  kindFits,
  kindsFor,
  type Test,
} from './findingKinds';
export { ordered } from './liveEntries';
export { replay } from './replay';
export { firstRoute, type Stop } from './route';
export {
  type AttachedPhoto,
  type Finding,
  type FindingStanding,
  isDismissed,
  type PartLook,
  type WalkState,
} from './walkState';
