import { colourFromPhoto } from '@rustic/core';
import { readsPictures } from '../photos/readsPictures.ts';
import type { AskedOfColour, ColourTold } from './askedOfColour.ts';

/** Reads a colour against its reference, off the page's own thread. */
readsPictures<AskedOfColour, ColourTold>((picture, { setting, reference, known }) =>
  colourFromPhoto(picture, setting, reference, known),
);
