import { inPlainSigns, NUMBER, numberOf } from './number.ts';
import { LITRES_A_GALLON } from './usFigures.ts';

const FLUID_OUNCE_L = 0.0295735296;
/** Litres in one of each measure that a tin is sold by. */
const LITRES: Readonly<Record<string, number>> = {
  l: 1,
  litre: 1,
  litres: 1,
  ml: 0.001,
  gal: LITRES_A_GALLON,
  gallon: LITRES_A_GALLON,
  gallons: LITRES_A_GALLON,
  qt: 0.946352946,
  quart: 0.946352946,
  quarts: 0.946352946,
  pt: 0.473176473,
  pint: 0.473176473,
  pints: 0.473176473,
  'fl oz': FLUID_OUNCE_L,
  floz: FLUID_OUNCE_L,
  oz: FLUID_OUNCE_L,
  'fluid ounce': FLUID_OUNCE_L,
  'fluid ounces': FLUID_OUNCE_L,
};

const VOLUME = new RegExp(String.raw`^\s*(${NUMBER})\s*([a-z]+(?:\.?\s+[a-z]+)?)?\.?\s*$`, 'i');

/**
 * Reads a volume as people write it: "2.5", "750 ml", "1 1/2 gal", "2 qt", "8 fl oz". A bare number is in `bare` units. Litres
 * out, or null where it cannot be read.
 */
export function readVolume(text: string, bare: 'l' | 'gal' = 'l'): number | null {
  const read = VOLUME.exec(inPlainSigns(text));
  const scale = read && LITRES[read[2]?.toLowerCase().replace(/\.?\s+/, ' ') ?? bare];
  if (!read || scale === null || scale === undefined) return null;
  const amount = numberOf(read[1]!);
  return Number.isFinite(amount) ? amount * scale : null;
}

/** A volume as a shop says it: "2.5 L", "750 ml"; "1.3 gal", "2.1 qt". */
export function sayVolume(litres: number, units: 'metric' | 'us'): string {
  const shown = (x: number, places: number) => String(Number(x.toFixed(places)));
  if (units === 'us') {
    const gallons = litres / LITRES['gal']!;
    if (gallons >= 1) return `${shown(gallons, 2)} gal`;
    const quarts = litres / LITRES['qt']!;
    // Under half a quart people measure by the cup and the ounce.
    return quarts >= 0.5 || litres === 0 ? `${shown(quarts, 2)} qt` : `${shown(litres / FLUID_OUNCE_L, 1)} fl oz`;
  }
  return litres >= 1 || litres === 0 ? `${shown(litres, 2)} L` : `${Math.round(litres * 1000)} ml`;
}
