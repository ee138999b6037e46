export {
  JOB_FILE_TYPE,
  JOB_FILE_VERSION,
  checkJobFile,
  verifyJobFile,
  jobFileJsonSchema,
  type JobFile,
} from './jobFile.ts';
