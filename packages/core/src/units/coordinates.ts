import { z } from 'zod';

/** A place on the earth, in degrees of WGS 84: north and east are above nothing. */
export const coordinatesSchema = z.strictObject({
  lat: z
    .number()
    .min(-90, 'must lie between 90° south and 90° north')
    .max(90, 'must lie between 90° south and 90° north'),
  lon: z
    .number()
    .min(-180, 'must lie between 180° west and 180° east')
    .max(180, 'must lie between 180° west and 180° east'),
});
export type Coordinates = z.infer<typeof coordinatesSchema>;

const NUMBER = String.raw`\d{1,3}(?:[.,]\d+)?`;
const MINUTES = String.raw`(?:\s*(\d{1,2}(?:[.,]\d+)?)\s*['’′]\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*(?:"|”|″|''))?)?`;
const ONE = new RegExp(String.raw`^\s*([NSEWO])?\s*([-+−]?)\s*(${NUMBER})\s*°?${MINUTES}\s*([NSEWO])?\s*$`, 'i');
const figure = (text: string | undefined) => Number((text ?? '0').replace(',', '.'));

/** Degrees of one half, and what its letter says it is; null where it cannot be read. */
function readHalf(text: string): { degrees: number; letter: string } | null {
  const found = ONE.exec(text);
  if (!found) return null;
  const [, before, sign, whole, minutes, seconds, after] = found;
  if (before && after) return null;
  const letter = (before ?? after ?? '').toUpperCase();
  if (sign && letter) return null;
  if (figure(minutes) >= 60 || figure(seconds) >= 60) return null;
  const size = figure(whole) + figure(minutes) / 60 + figure(seconds) / 3600;
  return { degrees: sign === '-' || sign === '−' || 'SWO'.includes(letter || 'N') ? -size : size, letter };
}

/**
 * Coordinates as a map or a phone writes them: "52.204, -1.733", "52,204; -1,733", "52°12'14"N 1°44'0"W",
 * "N 52.204 W 1.733". North comes first where no letter says otherwise. Null where they cannot be read.
 */
export function readCoordinates(text: string): Coordinates | null {
  const [first, second, ...more] = halvesOf(text.trim()).map(readHalf);
  if (!first || !second || more.length > 0) return null;
  const turned = /[EWO]/.test(first.letter) || /[NS]/.test(second.letter);
  const [north, east] = turned ? [second, first] : [first, second];
  if (/[EWO]/.test(north.letter) || /[NS]/.test(east.letter)) return null;
  const read = coordinatesSchema.safeParse({ lat: north.degrees, lon: east.degrees });
  return read.success ? read.data : null;
}

/** The two halves: by a semicolon, a comma with a space or no other commas, a letter, or the space between. */
function halvesOf(text: string): string[] {
  if (text.includes(';')) return text.split(';');
  const comma = /^([^,]*),\s*([^,]*)$/.exec(text) ?? /^(.*\d[^,]*),\s+(.*)$/.exec(text);
  if (comma) return [comma[1]!, comma[2]!];
  const letters = /^(.*?[NSEWO])\s*(?=[\d+-])(.*[NSEWO])$/i.exec(text) ?? /^([NSEWO].*?)\s*([NSEWO].*)$/i.exec(text);
  if (letters) return [letters[1]!, letters[2]!];
  return text.split(/\s+/);
}

/** As they are written: five digits behind the point are a metre. */
export const sayCoordinates = ({ lat, lon }: Coordinates) => `${lat.toFixed(5)}, ${lon.toFixed(5)}`;

const EARTH_KM = 6371.0088;
const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** How far east and north of `from` a place lies, in kilometres, as flat as a county is. */
export function offsetKm(from: Coordinates, to: Coordinates): { east: number; north: number } {
  const across = ((to.lon - from.lon + 540) % 360) - 180;
  return {
    east: EARTH_KM * radians(across) * Math.cos(radians((from.lat + to.lat) / 2)),
    north: EARTH_KM * radians(to.lat - from.lat),
  };
}

/** The place that lies so far from another: `offsetKm` turned round. */
export function placeAt(from: Coordinates, { east, north }: { east: number; north: number }): Coordinates {
  const lat = from.lat + (north / EARTH_KM) * (180 / Math.PI);
  const lon = from.lon + (east / (EARTH_KM * Math.cos(radians((from.lat + lat) / 2)))) * (180 / Math.PI);
  return { lat: Math.round(lat * 1e5) / 1e5, lon: Math.round(lon * 1e5) / 1e5 };
}
