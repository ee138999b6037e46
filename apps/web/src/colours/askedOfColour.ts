import type { ColourFromPhoto, ColourSetting, PhotoReference, PictureUnread } from '@rustic/core';

/** What is asked of a photo: where the reference and the colour lie, what the reference is, and its colour if it is a paint. */
export interface AskedOfColour {
  setting: ColourSetting;
  reference: PhotoReference;
  known: string | null;
}

export type ColourTold = ColourFromPhoto | PictureUnread;
