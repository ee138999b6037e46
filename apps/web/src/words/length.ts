import { readLength, sayLengthM } from '@rustic/core';
import type { Units } from '../store/store.ts';

/** What was typed as a length, in metres; null where it cannot be read. */
export const readTyped = (text: string, units: Units) => readLength(text, units === 'us' ? 'ft' : 'm');

/** A length in the units this person reads. */
export const sayMetres = (metres: number, units: Units) => sayLengthM(metres, units);
