export { type CautionId, cautionAt, cautionIds, cautionSays } from './cautions';
export {
  CLOCK_TOLERANCE_MS,
  checkEntry,
  type EntryCheck,
  type EntryProblem,
  type EntryProblemCode,
} from './checkEntry';
export {
  type Action,
  actionName,
  actions,
  type Lap,
  laps,
  type NoticeDistance,
  noticeDistances,
  noticeWords,
  notSeenReasons,
  type PhotoRole,
  photoRoles,
  type RepairQuality,
  repairQualities,
  repairWords,
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
  type Coverage,
  coverage,
  nextLeft,
  type PartStatus,
  type PhotoLeft,
  partStatus,
  routeOf,
  WHOLE_CAR_PHOTOS,
} from './coverage';
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
} from './entries';
export { estimateNotice, type NoticeSource, noticeOf } from './estimateNotice';
export { type Extent, extentSchema } from './extent';
export {
  type FindingKind,
  findingKindIds,
  findingKindName,
  findingKindOf,
  kindFits,
  kindsFor,
  type Test,
} from './findingKinds';
export {
  type FunctionState,
  functionStates,
  functionStateWords,
  LARGEST_RECORDING_BYTES,
  LONGEST_RECORDING_S,
  type RecordingKind,
  recordingKinds,
} from './functionBodies';
export type { DriveNoted, FunctionRun, FunctionTried, Recording } from './functionState';
export type { Alteration, ItemCounted, Kit, SmellsNoticed } from './kitState';
export { ordered } from './liveEntries';
export { meantToBeSo } from './meantToBeSo';
export {
  arcLengthMm,
  clockDeg,
  clockWords,
  measureExtent,
  rimShareWords,
  spotOnClock,
  spreadMm,
} from './measureExtent';
export { estimateSeconds, learnPace, noPace, type Pace, paceSchema } from './pace';
export {
  figureSources,
  manualStates,
  type NumberPlace,
  numberPlaces,
  numberPlaceWords,
  registrationStates,
} from './papersBodies';
export type { DatedFigure, Papers, PapersNoted } from './papersState';
export { type BroughtPhoto, type PictureState, pictureOf, picturesNamed } from './pictureState';
export {
  hasTyre,
  isGauged,
  isHeavy,
  isMetal,
  isPaintedPlastic,
  mostTreadMm,
} from './readable';
export type { PaintSource } from './readingBodies';
export type { PaintRead, ScreenPlanned, TreadRead, TyreDescribed, WheelDescribed } from './readingState';
export { mirrorFinding, oneMoreAt, repeatFinding } from './repeatFinding';
export { replay } from './replay';
export { sha256Schema } from './sha256';
export { type Spot, spotSchema } from './spot';
export { type TreadThird, thirdName, treadThirds } from './treadThirds';
export {
  type Answer,
  type AttachedPhoto,
  type Finding,
  type FindingStanding,
  isStanding,
  type MeasuredSize,
  type PartLook,
  type WalkState,
} from './walkState';
