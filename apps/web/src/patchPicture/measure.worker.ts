import { readPatchPicture, type Picture } from '@rustic/core';
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
  const read = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, LONGEST_PX / Math.max(read.width, read.height));
  const canvas = new OffscreenCanvas(Math.round(read.width * scale), Math.round(read.height * scale));
  const drawing = canvas.getContext('2d', { willReadFrequently: true })!;
  drawing.drawImage(read, 0, 0, canvas.width, canvas.height);
  read.close();
  return drawing.getImageData(0, 0, canvas.width, canvas.height);
}
