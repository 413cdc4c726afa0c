export {
  type Person,
  type PhotoRecord,
  personSchema,
  photoRecordSchema,
  type RecordingMime,
  type RecordingRecord,
  readWalkFile,
  recordingMimes,
  recordingRecordSchema,
  WALK_FILE_VERSION,
  type WalkFile,
  walkFileSchema,
} from './walkFile';
export { readYardFile, YARD_FILE_VERSION, type YardFile } from './yardFile';
