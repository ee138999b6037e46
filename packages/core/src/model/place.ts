import type { TestRecord } from './test.ts';

/** The place that a test names; empty where it names none. */
export const placeOf = (test: Pick<TestRecord, 'place'>): string => (test.place ?? '').trim();
