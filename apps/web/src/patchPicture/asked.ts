import type { PatchSetting, PatchShows } from '@rustic/core';

/** What the page asks of the worker that measures: to open a picture, or to measure in it. */
export type Asked = { open: Blob } | { seq: number; setting: PatchSetting; count: number };

/** What was measured, or why it cannot be. */
export type Measured = PatchShows[] | { unread: string };
export type Told = { opened: boolean } | { seq: number; read: Measured };
