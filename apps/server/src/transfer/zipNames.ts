/** Where things lie in the zip of a whole job. */
export const JOB_IN_ZIP = 'job.json';
export const photoInZip = (id: string) => `photos/${id}.jpg`;
