import type { TestRecord } from '@rustic/core';

/** A spirit rub at a place of the demo. */
export const rubbed = (result: string, place: string): TestRecord => ({ kind: 'spirit-rub', result, place });
