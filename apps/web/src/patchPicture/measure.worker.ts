import { readPatchPicture } from '@rustic/core';
import { readsPictures } from '../photos/readsPictures.ts';
import type { AskedOfPatches, Measured } from './asked.ts';

/** Measures what shows through patches, off the page's own thread. */
readsPictures<AskedOfPatches, Measured>((picture, { setting, count }) => readPatchPicture(picture, setting, count));
