export { asBuilt } from './asBuilt';
export { cautionAt, cautionSays } from './cautions';
export {
  CLOCK_TOLERANCE_MS,
  checkEntry,
} from './checkEntry';
export {
  laps,
  type NoticeDistance,
  noticeDistances,
  noticeWords,
  notSeenReasons,
  type PhotoRole,
  photoRoles,
  repairQualities,
  repairWords,
  testAnswers,
  testWords,
} from './choices';
export {
  adviceAt,
  type Conditions,
  conditionWords,
  type Dirt,
  dirtStates,
  type Light,
  lights,
  type Wet,
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
export { type Cure, cureName, cures, type Sureness, surenesses } from './cures';
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
export { type FilmCover, filmCovers, filmWords } from './families/build/filmCovers';
export { statementKinds } from './families/course/statementKinds';
export type { Over, StatementMade } from './families/course/sweep';
export { type EquipmentStanding, equipmentStandings } from './families/equipment/bodies';
export { type EquipmentNoted, equipmentSays } from './families/equipment/state';
export type { LogSpeech } from './families/family';
export type { FindingChanges, FindingDetails, StoredDetails } from './families/findings/bodies';
export type { FirstLine } from './families/firstLines/bodies';
export { firstLineKey } from './families/firstLines/family';
export {
  type FunctionState,
  functionStateWords,
  LARGEST_FILM_BYTES,
  LARGEST_RECORDING_BYTES,
  LONGEST_FILM_S,
  LONGEST_RECORDING_S,
  type RecordingKind,
  recordingKinds,
} from './families/functions/functionStates';
export type { DriveNoted, FunctionRun, FunctionTried, Recording } from './families/functions/state';
export type { ItemCounted } from './families/kit/state';
export {
  type KeyState,
  keyStates,
  manualStates,
  type NumberPlace,
  numberPlaces,
  numberPlaceWords,
  registrationStates,
} from './families/papers/paperStates';
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
export { type FoundAgain, foundAgain, type RemedyAbout } from './families/remedies/bodies';
export { foundWords } from './families/remedies/foundWords';
export { type MendChecked, type RemedyNoted, remedyKey } from './families/remedies/state';
export type { StoryTold } from './families/story/state';
export {
  type DriveGroup,
  driveGroupNames,
  driveGroups,
  type StoryAbout,
  type StorySource,
  storyAbout,
  storyNames,
  storySources,
} from './families/story/storyWords';
export { followings, type ToFollow } from './families/toFollow/bodies';
export { CAPTIONS_OF_ONE } from './families/walkFilm/bodies';
export { recordingsNamed } from './families/walkFilm/finish';
export {
  captionsOf,
  type DraftTaken,
  type FilmCaption,
  type FilmClip,
  type SaidInFilm,
  type WalkFilm,
} from './families/walkFilm/state';
export {
  type SpotAnswer,
  type SpotWay,
  spotAnswers,
  spotWays,
  spotWordsSchema,
} from './families/weakSpots/bodies';
export { type SpotAsked, spotKey } from './families/weakSpots/state';
export { findingCaution, stopsDriving } from './findingCaution';
export {
  type FindingKind,
  findingKindIds,
  findingKindName,
  findingKindOf,
  isOdd,
  kindFits,
  kindsFor,
  likelyCures,
  otherKindsFor,
  type Test,
} from './findingKinds';
export { mayHaveHidden } from './hiding';
export {
  type HowBad,
  hasDepths,
  howBadOf,
  howBads,
  howBadWords,
  weightOf,
} from './howBad';
export { ordered } from './liveEntries';
export { looksFor, looksForAll, standingLooks } from './lookedFor';
export { type LookId, lookIds, lookKinds, lookWords } from './lookTable';
export { meantToBeSo } from './meantToBeSo';
export {
  clockDeg,
  measureExtent,
  spotOnClock,
  spreadMm,
} from './measureExtent';
export { type NotableMaterial, notableMaterials } from './notableMaterials';
export { openPromises } from './openPromises';
export { estimateSeconds, learnPace, noPace, type Pace, paceSchema } from './pace';
export {
  hasTyre,
  isGauged,
  isHeavy,
  isMetal,
  isPaintedPlastic,
  mostTreadMm,
} from './readable';
export { type Decision, decisionNames, decisions, type Remedy } from './remedy';
export type { Cures, StoredDecision } from './remedySchema';
export {
  guessDetails,
  mirrorFinding,
  oneMoreAt,
  repeatedWords,
  sameAgain,
} from './repeatFinding';
export { replay } from './replay';
export { type Amount, amounts, amountWords, firmnesses, type Severity, severities } from './severity';
export { sha256Schema } from './sha256';
export { type Spot, spotSchema } from './spot';
export { type SpotStanding, spotStanding } from './spotStanding';
export { statementNames } from './statements';
export { type SweepOver, sweepPlan } from './sweepParts';
export { clockWords, rimShareWords } from './tellExtent';
export { cautionTold, findingLine, findingTold, severityWords, testLine, testsTold } from './tellFinding';
export { notThereTold, notThereWords } from './tellNotThere';
export {
  adviceLine,
  adviceTold,
  adviceWords,
  checkedLine,
  checkedTold,
  dayWords,
  decisionLine,
  decisionTold,
  dueTold,
  dueWords,
  isPromised,
  keptTold,
  workLine,
  workTold,
} from './tellRemedy';
export {
  conditionLine,
  conditionsTold,
  driveSays,
  driveTold,
  statementSays,
  statementTold,
  storySays,
  storyTold,
} from './tellStory';
export { toFollowTold } from './tellToFollow';
export { type TreadThird, thirdName, treadThirds } from './treadThirds';
export {
  type AttachedPhoto,
  type Finding,
  isStanding,
  type NotThere,
  type PartLook,
  type WalkState,
} from './walkState';
export { say as sayOfWalk, walkWords } from './words';
