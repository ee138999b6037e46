export { cornersRefused, intoPicture, outOfPicture, type Corners, type PicturePoint } from './corners.ts';
export type { Picture, PictureUnread } from './picture.ts';
export { readPatchPicture } from './readPatchPicture.ts';
export { patchSeen, PICTURE_SURE, SEEN_AS, type PatchPictureRead, type PatchSeen, type SeenAs } from './seen.ts';
export { SEEN } from './knowledge/limits.ts';
export { sayPatchSeen } from './words.ts';
