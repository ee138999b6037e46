type Canvas = HTMLCanvasElement | OffscreenCanvas;
type Drawing = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/** Draws a picture upright on a canvas, no longer a side than so many pixels; throws where it is no picture. */
export async function drawnOn(
  canvas: Canvas,
  file: Blob,
  longestPx: number,
  settings?: CanvasRenderingContext2DSettings,
): Promise<Drawing> {
  const read = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, longestPx / Math.max(read.width, read.height));
  [canvas.width, canvas.height] = [Math.round(read.width * scale), Math.round(read.height * scale)];
  const drawing = canvas.getContext('2d', settings) as Drawing;
  drawing.drawImage(read, 0, 0, canvas.width, canvas.height);
  read.close();
  return drawing;
}
