export {
  JOB_FILE_TYPE,
  JOB_FILE_VERSION,
  checkJobFile,
  readJobFile,
  jobFileJsonSchema,
  type JobFile,
  type JobFileCounts,
} from './jobFile.ts';
export { verifyJobFile } from './verify.ts';
