import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { unzipSync } from 'fflate';
import {
  JOB_IN_ZIP,
  photoInZip,
  readJobFile,
  UnusableInput,
  verifyJobFile,
  type InputFault,
  type JobFile,
} from '@rustic/core';
import { unreadableBody } from '../http/readableBody.middleware.ts';

/** A job file with its photos, read and found whole. */
export interface ReadJob {
  file: JobFile;
  photos: Map<string, Uint8Array>;
}

/** So much may lie in a zip once it is unpacked, and so much in one part of it. */
const UNPACKED_BYTES = 400 * 1024 * 1024;
const PART_BYTES = 64 * 1024 * 1024;
const MOST_PARTS = 10_001;
const DEEPEST = 60;
const SHOWN = 200;

const stop = (path: string, message: string): never => {
  throw new UnusableInput([{ path, message }]);
};

/**
 * Reads what was sent as a whole job: a zip, or the bare file where it has no photos. Throws `UnusableInput` with every
 * fault: shape, what points nowhere, a chain that does not hold, records at odds with their entries, photos that are missing or another.
 */
export async function readWholeJob(sent: Uint8Array): Promise<ReadJob> {
  const parts = partsOf(sent);
  const json = parsed(parts.get(JOB_IN_ZIP) ?? stop('$', `has no ${JOB_IN_ZIP} in it`));
  const unreadable = unreadableBody(json, DEEPEST);
  if (unreadable) stop('$', unreadable);
  const file = readFirstFaults(json);
  const chain = verifyJobFile(json);
  if (!chain.whole)
    stop(
      chain.brokenAt ? `ledger[${chain.brokenAt - 1}]` : 'ledger',
      `entry ${chain.brokenAt ?? 'missing'}: ${chain.why}`,
    );
  const photos = new Map<string, Uint8Array>();
  const faults: InputFault[] = [];
  for (const [i, { id, hash, width, height }] of file.photos.entries()) {
    const picture = parts.get(photoInZip(id));
    const fault = picture ? await photoFault(picture, { hash, width, height }) : `${photoInZip(id)} is not in the zip`;
    if (fault) faults.push({ path: `photos[${i}]`, message: fault });
    else photos.set(id, picture!);
  }
  if (faults.length) throw new UnusableInput(faults.slice(0, SHOWN));
  return { file, photos };
}

const isZip = (sent: Uint8Array) => sent[0] === 0x50 && sent[1] === 0x4b;

/** The parts of a zip by name, or the bare file as the only part. Sizes are looked at before anything is unpacked. */
function partsOf(sent: Uint8Array): Map<string, Uint8Array> {
  if (!isZip(sent)) return new Map([[JOB_IN_ZIP, sent]]);
  let parts = 0;
  let bytes = 0;
  const within = ({ name, originalSize }: { name: string; originalSize: number }) => {
    parts += 1;
    bytes += originalSize;
    if (originalSize > PART_BYTES || bytes > UNPACKED_BYTES || parts > MOST_PARTS)
      stop('$', 'is larger unpacked than is taken');
    return name === JOB_IN_ZIP || name.startsWith('photos/');
  };
  try {
    return new Map(Object.entries(unzipSync(sent, { filter: within })));
  } catch (error) {
    if (error instanceof UnusableInput) throw error;
    return stop('$', 'is no zip that can be unpacked');
  }
}

function parsed(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return stop('$', 'is no job file: neither a zip of one nor its JSON');
  }
}

function readFirstFaults(json: unknown): JobFile {
  try {
    return readJobFile(json);
  } catch (error) {
    if (error instanceof UnusableInput) error.errors.splice(SHOWN);
    throw error;
  }
}

/** What is wrong with a picture: it must be the JPEG that the file names, to the byte. */
async function photoFault(
  picture: Uint8Array,
  said: { hash: string; width: number; height: number },
): Promise<string | null> {
  if (createHash('sha256').update(picture).digest('hex') !== said.hash) return 'is another picture than the file names';
  try {
    const { format, width, height } = await sharp(picture).metadata();
    return format === 'jpeg' && width === said.width && height === said.height
      ? null
      : 'is not the picture it is said to be';
  } catch {
    return 'is no picture';
  }
}
