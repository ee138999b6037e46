import { readLength, sayLengthM } from '@rustic/core';
import type { Units } from '../store/store.ts';

/** What was typed as a length, in metres; null where it cannot be read. */
export const readTyped = (text: string, units: Units) => readLength(text, units === 'us' ? 'ft' : 'm');

/** A length in the units this person reads. */
export const sayMetres = (metres: number, units: Units) => sayLengthM(metres, units);

const SQUARE_FOOT_M2 = 0.09290304;

/** An area in the units this person reads: 12.4 m², 133 sq ft. */
export const sayArea = (m2: number, units: Units) =>
  units === 'us' ? `${Math.round(m2 / SQUARE_FOOT_M2)} sq ft` : `${Math.round(m2 * 100) / 100} m²`;

/** A typed area in m²: a bare number in the person's units. Null where it cannot be read. */
export function readArea(text: string, units: Units): number | null {
  const read = /^\s*(-?\d+(?:[.,]\d+)?)\s*(m²|m2|sqm|sq\s*m|sq\.?\s*ft|ft²|ft2|sf)?\s*$/i.exec(text);
  if (!read) return null;
  const n = Number(read[1]!.replace(',', '.'));
  const feet = read[2] ? /f/i.test(read[2]) : units === 'us';
  return feet ? Math.round(n * SQUARE_FOOT_M2 * 100) / 100 : n;
}
