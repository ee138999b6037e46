import jsQR from 'jsqr';

/** A square code is read best at about this size. */
const LONGEST_PX = 1200;

/** Reads the square code of a label from a picture, beside the page. */
self.onmessage = async ({ data }: MessageEvent<Blob>) => {
  try {
    const picture = await createImageBitmap(data);
    const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
    const width = Math.max(1, Math.round(picture.width * scale));
    const height = Math.max(1, Math.round(picture.height * scale));
    const paper = new OffscreenCanvas(width, height).getContext('2d')!;
    paper.drawImage(picture, 0, 0, width, height);
    self.postMessage({ code: jsQR(paper.getImageData(0, 0, width, height).data, width, height)?.data ?? null });
  } catch {
    self.postMessage({ code: null });
  }
};
