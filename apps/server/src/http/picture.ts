import { UnsupportedMediaTypeException } from '@nestjs/common';
import sharp, { type Sharp } from 'sharp';
import { Turns } from './turns.ts';

/** What a camera or a browser sends. Drawings that could carry scripts are none of them. */
const TAKEN = ['jpeg', 'png', 'webp', 'heif'];
const MOST_PIXELS = 80_000_000;

export const noPicture = () =>
  new UnsupportedMediaTypeException({
    code: 'no-image',
    message: 'This is not a picture that can be read (JPEG, PNG, WebP). Nothing was kept; choose another file.',
  });

/** Unpacked, one picture is a quarter of a gigabyte: they are made one after the other, by one thread, and not kept. */
const turns = new Turns({
  atOnce: 1,
  mostWaiting: 8,
  againAfterS: 5,
  words: (waiting) => `${waiting} pictures wait to be read before this one.`,
});
sharp.concurrency(1);
sharp.cache(false);

/** Makes something anew of what was sent as a picture: no position, no camera, nothing but the picture. */
export const madeAnew = <T>(sent: Buffer, make: (image: Sharp) => Promise<T>): Promise<T> =>
  turns.take(() => anew(sent, make));

async function anew<T>(sent: Buffer, make: (image: Sharp) => Promise<T>): Promise<T> {
  try {
    const image = sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
    const { format } = await image.metadata();
    if (!TAKEN.includes(format)) throw noPicture();
    return await make(image.rotate());
  } catch {
    throw noPicture();
  }
}
