import type { PatchSetting, PatchShows, PictureUnread } from '@rustic/core';

/** What is asked of a picture of patches: where they lie in it, and how many. */
export interface AskedOfPatches {
  setting: PatchSetting;
  count: number;
}

/** What was measured, or why it cannot be. */
export type Measured = PatchShows[] | PictureUnread;
