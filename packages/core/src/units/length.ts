import { inPlainSigns, NUMBER, numberOf } from './number.ts';

/** Metres in one of each unit that a tape shows. */
const METRES: Readonly<Record<string, number>> = {
  m: 1,
  cm: 0.01,
  mm: 0.001,
  ft: 0.3048,
  foot: 0.3048,
  feet: 0.3048,
  "'": 0.3048,
  '′': 0.3048,
  in: 0.0254,
  inch: 0.0254,
  inches: 0.0254,
  '"': 0.0254,
  '″': 0.0254,
  "''": 0.0254,
};

const PART = new RegExp(String.raw`^\s*(${NUMBER})\s*(mm|cm|m|feet|foot|ft|inches|inch|in|''|["'′″])?\.?\s*`, 'i');

/** Feet and inches with a dash between them, as plans have them: 8'-2", and where feet are meant 12-6. */
const withFeet = (text: string, bare: 'm' | 'ft') =>
  text
    .replace(/(['′]|ft\.?|feet)\s*[-–]\s*(?=\d)/i, '$1 ')
    .replace(
      /^(\d+)\s*[-–]\s*(\d+(?:\s+\d+\/\d+)?)(\s*(?:"|″|in\.?|inches)?)$/i,
      (all, feet: string, inches: string, mark: string) => (bare === 'ft' || mark.trim() ? `${feet}' ${inches}"` : all),
    );

/**
 * Reads a length as people write it: "3.2", "3,2 m", "320 cm", `10' 6"`, "10 ft 6 1/2 in", `13-1/4"`, `8’ 2”`, "12-6". A bare number is in
 * `bare` units. Metres out, or null where it cannot be read. No negative lengths.
 */
export function readLength(text: string, bare: 'm' | 'ft' = 'm'): number | null {
  let rest = withFeet(inPlainSigns(text.trim()), bare);
  if (rest === '') return null;
  let metres = 0;
  let last = Infinity;
  while (rest !== '') {
    const part = PART.exec(rest);
    if (!part) return null;
    const unit = part[2]?.toLowerCase();
    // After feet, a number alone is inches.
    const scale = unit
      ? METRES[unit]!
      : last === METRES['ft']
        ? METRES['in']!
        : last === Infinity
          ? METRES[bare]!
          : null;
    if (scale === null || scale >= last) return null;
    metres += numberOf(part[1]!) * scale;
    last = scale;
    rest = rest.slice(part[0].length);
  }
  return Number.isFinite(metres) ? Math.round(metres * 1e6) / 1e6 : null;
}

const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'];

/** A length as a tape shows it: "3.20 m", or `10' 6 1/2"` to the eighth of an inch. */
export function sayLengthM(metres: number, units: 'metric' | 'us'): string {
  if (units === 'metric') return metres < 1 ? `${Math.round(metres * 1000)} mm` : `${metres.toFixed(2)} m`;
  const eighths = Math.round(metres / 0.0254 / 0.125);
  const feet = Math.floor(eighths / 96);
  const inches = Math.floor((eighths % 96) / 8);
  const part = EIGHTHS[eighths % 8]!;
  const small = [inches || !part ? `${inches}` : '', part].filter(Boolean).join(' ');
  return feet ? `${feet}' ${small}"` : `${small}"`;
}
