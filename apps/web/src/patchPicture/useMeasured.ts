import { useMemo } from 'react';
import type { PatchSetting } from '@rustic/core';
import { useReadPicture } from '../photos/useReadPicture.ts';
import type { AskedOfPatches, Measured } from './asked.ts';

const start = () => new Worker(new URL('./measure.worker.ts', import.meta.url), { type: 'module' });

/** What is measured in a picture, in a worker, each time that its corners are set; null while it is being read. */
export function useMeasured(file: Blob, setting: PatchSetting, count: number): Measured | null {
  const question = useMemo((): AskedOfPatches => ({ setting, count }), [setting, count]);
  return useReadPicture<AskedOfPatches, Measured>(start, file, question);
}
