import { readPatchPicture, type Picture } from '@rustic/core';
import { drawnOn } from '../photos/drawnOn.ts';
import type { Asked, Told } from './asked.ts';

/** A picture is read at no more than this: finer than that a patch is only noise. */
const LONGEST_PX = 2400;

let picture: Picture | null = null;

const tell = (told: Told) => self.postMessage(told);

/** Opens a picture once, and measures in it as often as its corners are set, off the page's own thread. */
self.onmessage = async ({ data }: MessageEvent<Asked>) => {
  if ('open' in data) {
    picture = await opened(data.open).catch(() => null);
    return tell({ opened: picture !== null });
  }
  if (!picture) return;
  const { seq, setting, count } = data;
  tell({ seq, read: readPatchPicture(picture, setting, count) });
};

async function opened(file: Blob): Promise<Picture> {
  const canvas = new OffscreenCanvas(1, 1);
  const drawing = await drawnOn(canvas, file, LONGEST_PX, { willReadFrequently: true });
  return drawing.getImageData(0, 0, canvas.width, canvas.height);
}
