export { canonicalForm, fingerprintWords } from './canonicalForm';
export { compareReports, hasChanges, type ReportChanges, reportChangesSchema } from './compareReports';
export { composeReport, EmptyWalkError, type PhotoFacts, type ReportInputs } from './composeReport';
export { type Cue, cueSheet } from './cueSheet';
export { photoCaption } from './orderPhotos';
export {
  REPORT_VERSION,
  type ReportDocument,
  type ReportFinding,
  type ReportPhoto,
  reportDocumentSchema,
} from './reportDocument';
