export {
  type Person,
  type PhotoRecord,
  personSchema,
  photoRecordSchema,
  readWalkFile,
  WALK_FILE_VERSION,
  type WalkFile,
  type WalkFileReading,
  walkFileSchema,
} from './walkFile';
