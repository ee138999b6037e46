/** Makes a photo small enough to send, off the page's own thread. Drawn anew, it keeps no position and no camera. */
const LONGEST_PX = 1600;
const QUALITY = 0.82;

self.onmessage = async ({ data }: MessageEvent<File>) => {
  try {
    const read = await createImageBitmap(data, { imageOrientation: 'from-image' });
    const scale = Math.min(1, LONGEST_PX / Math.max(read.width, read.height));
    const canvas = new OffscreenCanvas(Math.round(read.width * scale), Math.round(read.height * scale));
    canvas.getContext('2d')!.drawImage(read, 0, 0, canvas.width, canvas.height);
    read.close();
    self.postMessage({ picture: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }) });
  } catch {
    // What cannot be drawn is no picture, whatever it is called.
    self.postMessage({ picture: null });
  }
};
