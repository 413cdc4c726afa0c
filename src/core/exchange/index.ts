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
