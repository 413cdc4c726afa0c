export type { Block } from './blocks/block';
export { coverOf, findingLines, reportBlocks, reportFacts } from './blocks/reportBlocks';
export { canonicalForm, fingerprintWords } from './canonicalForm';
export { compareReports, type ReportChanges, reportChangesSchema } from './compareReports';
export { composeReport, EmptyWalkError, type PhotoFacts, type ReportInputs } from './composeReport';
export { type Cue, cueSheet } from './cueSheet';
export type { Drawing, Shape } from './drawings/drawing';
export { svgOf } from './drawings/svgOf';
export { hasChanges } from './hasChanges';
export { photoCaption } from './orderPhotos';
export {
  REPORT_VERSION,
  type ReportDocument,
  type ReportFinding,
  type ReportPhoto,
  reportDocumentSchema,
} from './reportDocument';
