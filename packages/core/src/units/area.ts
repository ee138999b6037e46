const SQUARE_FOOT_M2 = 0.09290304;

/** An area as it is said: 12.4 m², 133 sq ft. */
export const sayArea = (m2: number, units: 'metric' | 'us') =>
  units === 'us' ? `${Math.round(m2 / SQUARE_FOOT_M2)} sq ft` : `${Math.round(m2 * 100) / 100} m²`;

const AREA = /^\s*(-?\d+(?:[.,]\d+)?)\s*(m²|m2|sqm|sq\.?\s*m\.?|sq\.?\s*ft\.?|square\s+feet|sqft|ft²|ft2|sf)?\s*$/i;
/** 1,250: a comma between thousands, where feet are meant. Where metres are, it is the decimal point. */
const THOUSANDS = /(\d),(?=\d{3}(?!\d))/g;

/** Reads an area as people write it, in m²: a bare number is in `bare` units. Null where it cannot be read. */
export function readArea(text: string, bare: 'metric' | 'us'): number | null {
  const read = AREA.exec(bare === 'us' ? text.replace(THOUSANDS, '$1') : text);
  if (!read) return null;
  const n = Number(read[1]!.replace(',', '.'));
  const feet = read[2] ? /f/i.test(read[2]) : bare === 'us';
  return feet ? Math.round(n * SQUARE_FOOT_M2 * 100) / 100 : n;
}
