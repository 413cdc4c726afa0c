export { cautionAt, cautionSays } from './cautions';
export {
  CLOCK_TOLERANCE_MS,
  checkEntry,
} from './checkEntry';
export {
  type Action,
  actionName,
  actions,
  laps,
  type NoticeDistance,
  noticeDistances,
  noticeWords,
  notSeenReasons,
  type PhotoRole,
  photoRoles,
  repairQualities,
  repairWords,
  rustDepths,
  rustWords,
  testAnswers,
  testWords,
} from './choices';
export {
  adviceAt,
  type Conditions,
  conditionLine,
  conditionWords,
  dirtStates,
  lights,
  mayHaveHidden,
  wetStates,
} from './conditions';
export {
  type Concerns,
  type Coverage,
  coverage,
  nextLeft,
  type PartStatus,
  partStatus,
  routeOf,
  WHOLE_CAR_PHOTOS,
} from './coverage';
export { actionLine, findingLine, testLine } from './describeFinding';
export {
  type Entry,
  type EntryBody,
  type EntryKind,
  entrySchema,
  type Fact,
} from './entries';
export { noticeOf } from './estimateNotice';
export { type Extent, extentSchema } from './extent';
export { entryWords, isSilent } from './families/allFamilies';
export type { LogSpeech } from './families/family';
export type { FindingChanges, FindingDetails } from './families/findings/bodies';
export {
  type FunctionState,
  functionStateWords,
  LARGEST_RECORDING_BYTES,
  LONGEST_RECORDING_S,
  type RecordingKind,
  recordingKinds,
} from './families/functions/bodies';
export type { DriveNoted, FunctionTried, Recording } from './families/functions/state';
export type { ItemCounted } from './families/kit/state';
export {
  manualStates,
  type NumberPlace,
  numberPlaces,
  numberPlaceWords,
  registrationStates,
} from './families/papers/bodies';
export type { DatedFigure, Papers } from './families/papers/state';
export { pictureOf, picturesNamed } from './families/pictures/state';
export type { BroughtPhoto } from './families/pictures/told';
export type { PaintSource } from './families/readings/bodies';
export type {
  PaintRead,
  ScreenPlanned,
  TreadRead,
  TyreDescribed,
} from './families/readings/state';
export { findingCaution, stopsDriving } from './findingCaution';
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
export { meantToBeSo } from './meantToBeSo';
export {
  clockDeg,
  clockWords,
  measureExtent,
  rimShareWords,
  spotOnClock,
  spreadMm,
} from './measureExtent';
export { estimateSeconds, learnPace, noPace, type Pace, paceSchema } from './pace';
export {
  hasTyre,
  isGauged,
  isHeavy,
  isMetal,
  isPaintedPlastic,
  mostTreadMm,
} from './readable';
export {
  guessDetails,
  mirrorFinding,
  oneMoreAt,
  repeatedWords,
  sameAgain,
} from './repeatFinding';
export { replay } from './replay';
export { sha256Schema } from './sha256';
export { type Spot, spotSchema } from './spot';
export { type TreadThird, thirdName, treadThirds } from './treadThirds';
export {
  type AttachedPhoto,
  type Finding,
  isStanding,
  type WalkState,
} from './walkState';
