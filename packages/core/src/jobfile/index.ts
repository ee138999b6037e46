export {
  JOB_FILE_TYPE,
  JOB_FILE_VERSION,
  JOB_IN_ZIP,
  photoInZip,
  checkJobFile,
  readJobFile,
  jobFileJsonSchema,
  type JobFile,
  type JobFileCounts,
} from './jobFile.ts';
export { verifyJobFile } from './verify.ts';
