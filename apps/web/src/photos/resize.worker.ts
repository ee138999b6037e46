import { drawnOn } from './drawnOn.ts';

/** Makes a photo small enough to send, off the page's own thread. Drawn anew, it keeps no position and no camera. */
const LONGEST_PX = 1600;
const QUALITY = 0.82;

self.onmessage = async ({ data }: MessageEvent<File>) => {
  try {
    const canvas = new OffscreenCanvas(1, 1);
    await drawnOn(canvas, data, LONGEST_PX);
    self.postMessage({ picture: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }) });
  } catch {
    // What cannot be drawn is no picture, whatever it is called.
    self.postMessage({ picture: null });
  }
};
