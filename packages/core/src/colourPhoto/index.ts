export { chipsNear, type NearChip } from './chipsNear.ts';
export { PHOTO_REFERENCES, type PhotoReference } from './knowledge/references.ts';
export { colourFromPhoto, type ColourFromPhoto, type ColourSetting } from './readColour.ts';
