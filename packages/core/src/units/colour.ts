import { differenceCiede2000, formatHex, lab65, lch65, lrgb, parse, xyz65 } from 'culori';

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

/** Light reflectance, 0 (black) to 100 (white): CIE Y of the colour under D65; null where there is none. Source: CIE 15. */
export function reflectancePct(colour: string | null): number | null {
  const read = colour ? parse(colour) : undefined;
  return read ? Math.min(100, Math.max(0, xyz65(read).y * 100)) : null;
}

/** A colour in CIELAB under D65. */
export interface Lab {
  l: number;
  a: number;
  b: number;
}

/** A `#rrggbb` colour in CIELAB under D65; null where it is none. */
export function labOf(colour: string): Lab | null {
  const read = parse(colour);
  if (!read) return null;
  const { l, a, b } = lab65(read);
  return { l, a, b };
}

/** Linear light (red, green and blue as shares of what white gives) in CIELAB under D65. */
export function labOfLight([r, g, b]: readonly [red: number, green: number, blue: number]): Lab {
  const { l, a, b: yellow } = lab65({ mode: 'lrgb', r, g, b });
  return { l, a, b: yellow };
}

/** A `#rrggbb` colour as linear light; null where it is none. */
export function lightOf(colour: string): [red: number, green: number, blue: number] | null {
  const read = parse(colour);
  if (!read) return null;
  const { r, g, b } = lrgb(read);
  return [r, g, b];
}

/** CIEDE2000 difference of two colours in CIELAB. Source: CIE 142-2001; checked against published pairs. */
export const ciede2000Of = (one: Lab, other: Lab): number =>
  ciede2000({ mode: 'lab65', ...one }, { mode: 'lab65', ...other });

/** The `#rrggbb` that lies nearest to a colour in CIELAB under D65: what a screen cannot show is cut to what it can. */
export const hexOfLab = (lab: Lab): string => formatHex({ mode: 'lab65', ...lab });
