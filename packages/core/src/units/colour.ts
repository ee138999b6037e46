import { differenceCiede2000, lab65, lch65, parse } from 'culori';

const ciede2000 = differenceCiede2000();

/** CIE L* (0 black … 100 white) of a `#rrggbb` colour, or null where there is none. Source: CIE 15. */
export function lightness(colour: string | null): number | null {
  const read = colour ? parse(colour) : undefined;
  return read ? lab65(read).l : null;
}

/** CIE chroma of a `#rrggbb` colour, 0 for grey, or null where there is none. */
export function chroma(colour: string | null): number | null {
  const read = colour ? parse(colour) : undefined;
  return read ? lch65(read).c : null;
}

/** CIE hue angle in degrees, or null for a grey or where there is no colour. */
export function hue(colour: string | null): number | null {
  const read = colour ? parse(colour) : undefined;
  return read ? (lch65(read).h ?? null) : null;
}

/** CIEDE2000 difference of two `#rrggbb` colours; 1 is about the least an eye sees side by side. */
export function colourDifference(a: string, b: string): number {
  return ciede2000(a, b);
}
