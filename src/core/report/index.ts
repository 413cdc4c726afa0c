export type { Block } from './blocks/block';
export { buildFacts } from './blocks/buildFacts';
export { bandKey, standingNames, stoodLines } from './blocks/judgementBlocks';
export { otherPromiseLine, promiseLine, remedyLines } from './blocks/remedyLines';
export {
  coverBlocks,
  coverOf,
  findingLines,
  reportBlocks,
  reportFacts,
} from './blocks/reportBlocks';
export { equipmentLines } from './blocks/toldBlocks';
export { canonicalForm, fingerprintWords } from './canonicalForm';
export { compareReports, type ReportChanges, reportChangesSchema } from './compareReports';
export { COMPOSED_BY } from './composedBy';
export { composeReport } from './composeReport';
export { cueSheet } from './cueSheet';
export { axisOf, bandedRows } from './drawings/ageDrawing';
export type { Drawing, Shape } from './drawings/drawing';
export { type DrawnFinding, findingsDrawing } from './drawings/findingsDrawing';
export { svgOf } from './drawings/svgOf';
export { hasChanges } from './hasChanges';
export { type IdentityTelling, identityTellings, NOT_TOLD } from './identityTelling';
export { photoCaption } from './orderPhotos';
export { type PartGroup, partGroups } from './partGroups';
export {
  type CoverNote,
  covered,
  coverNoteSchema,
  coverNotes,
  type PhotoCovers,
  photoCovers,
  withCovers,
} from './photoCovers';
export { type Chapter, type ChapterId, chapterOfArea, chaptersOf } from './reader/chapters';
export { foldLines } from './reader/foldLines';
export { firstLinesOf, type MustKnow, mustKnow, safetySays, saidNothingOf } from './reader/mustKnow';
export { onArrivalSays } from './reader/onArrival';
export { readerLines } from './reader/readerLines';
export { type ReadersUnits, readersUnits, unitsOfLanguage, withReadersUnits } from './reader/readersUnits';
export { type RecordingTold, recordingsTold } from './reader/recordingsTold';
export { type ReaderArea, type Verdict, verdictLine, verdictsOf } from './reader/verdicts';
export { type WalkStep, walkSteps } from './reader/walkSteps';
export {
  type ReportDocument,
  type ReportFinding,
  type ReportPhoto,
  reportDocumentSchema,
} from './reportDocument';
export type { ReportInputs } from './reportInputs';
export { isNoticeUnsaid, noticedWords, stopsTheDrive } from './wording';
