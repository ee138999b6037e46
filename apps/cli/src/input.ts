import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { strFromU8, unzipSync } from 'fflate';
import { JOB_IN_ZIP, photoInZip, UnusableInput } from '@rustic/core';

/** What was given on the command line: its JSON as text, and, where it was a zip of a whole job, the parts beside it. */
export interface Given {
  text: string;
  parts: Readonly<Record<string, Uint8Array>> | null;
}

const isZip = (bytes: Uint8Array) => bytes[0] === 0x50 && bytes[1] === 0x4b;

export async function readGiven(file: string): Promise<Given> {
  const bytes = file === '-' ? await standardInput() : await readFile(file);
  if (!isZip(bytes)) return { text: bytes.toString('utf8'), parts: null };
  const parts = unzipSync(bytes);
  const job = parts[JOB_IN_ZIP];
  if (!job) throw new Error(`there is no ${JOB_IN_ZIP} in the zip`);
  return { text: strFromU8(job), parts };
}

async function standardInput(): Promise<Buffer> {
  const parts: Buffer[] = [];
  for await (const part of process.stdin) parts.push(part as Buffer);
  return Buffer.concat(parts);
}

/** Holds the photos of a zip against the hashes that its job names. Throws `UnusableInput` with each that is missing or another. */
export function checkPhotos(input: unknown, parts: NonNullable<Given['parts']>): void {
  const { photos } = input as { photos?: unknown };
  if (!Array.isArray(photos)) return;
  const faults = (photos as { id?: unknown; hash?: unknown }[]).flatMap(({ id, hash }, i) => {
    const name = photoInZip(String(id));
    const picture = parts[name];
    const fault = !picture
      ? `${name} is not in the zip`
      : createHash('sha256').update(picture).digest('hex') !== hash
        ? `${name} is another picture than the file names`
        : null;
    return fault ? [{ path: `photos[${i}]`, message: fault }] : [];
  });
  if (faults.length) throw new UnusableInput(faults);
}
