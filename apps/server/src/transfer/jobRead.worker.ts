import { UnusableInput, type InputFault } from '@rustic/core';
import { readWholeJob, type ReadJob } from './jobRead.ts';

/** Reads a whole job beside the requests; its faults come back as a list. */
export default async function readInThread(sent: Uint8Array): Promise<ReadJob | { faults: InputFault[] }> {
  try {
    return await readWholeJob(sent);
  } catch (error) {
    if (error instanceof UnusableInput) return { faults: error.errors };
    throw error;
  }
}
