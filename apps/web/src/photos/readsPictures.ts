import type { Picture } from '@rustic/core';
import { drawnOn } from './drawnOn.ts';

/** What a page asks of a worker that reads pictures: to open one, or something about it. */
export type AskedOfPicture<Q> = { open: Blob } | { seq: number; question: Q };
/** Whether it is a picture; what was read, by the number of its question. */
export type ToldOfPicture<R> = { opened: boolean } | { seq: number; read: R };

/** A picture is read at no more than this: finer than that a face is only noise. */
const LONGEST_PX = 2400;

/** Makes a worker of a reader of pictures: it opens a picture once, and answers as often as it is asked. */
export function readsPictures<Q, R>(read: (picture: Picture, question: Q) => R): void {
  let picture: Picture | null = null;
  const tell = (told: ToldOfPicture<R>) => self.postMessage(told);
  self.onmessage = async ({ data }: MessageEvent<AskedOfPicture<Q>>) => {
    if ('open' in data) {
      picture = await opened(data.open).catch(() => null);
      return tell({ opened: picture !== null });
    }
    if (picture) tell({ seq: data.seq, read: read(picture, data.question) });
  };
}

async function opened(file: Blob): Promise<Picture> {
  const canvas = new OffscreenCanvas(1, 1);
  const drawing = await drawnOn(canvas, file, LONGEST_PX, { willReadFrequently: true });
  return drawing.getImageData(0, 0, canvas.width, canvas.height);
}
