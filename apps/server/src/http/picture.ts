import { UnsupportedMediaTypeException } from '@nestjs/common';
import sharp, { type Sharp } from 'sharp';

/** What a camera or a browser sends. Drawings that could carry scripts are none of them. */
const TAKEN = ['jpeg', 'png', 'webp', 'heif'];
const MOST_PIXELS = 80_000_000;

export const noPicture = () =>
  new UnsupportedMediaTypeException({
    code: 'no-image',
    message: 'This is not a picture that can be read (JPEG, PNG, WebP). Nothing was kept; choose another file.',
  });

/** Makes something anew of what was sent as a picture: no position, no camera, nothing but the picture. */
export async function madeAnew<T>(sent: Buffer, make: (image: Sharp) => Promise<T>): Promise<T> {
  try {
    const image = sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
    const { format } = await image.metadata();
    if (!TAKEN.includes(format)) throw noPicture();
    return await make(image.rotate());
  } catch {
    throw noPicture();
  }
}
