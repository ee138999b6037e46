import type { PicturePoint } from './corners.ts';

/** A decoded picture: four bytes a pixel (red, green, blue, opacity), in sRGB, row after row from the top left. */
export interface Picture {
  width: number;
  height: number;
  data: Uint8ClampedArray | Uint8Array;
}

/** A picture in which something cannot be read: why, and what to do, in whole sentences. */
export interface PictureUnread {
  unread: string;
}

/** Light, not code values: red, green and blue as shares of what white gives, linear. */
export type Light = [red: number, green: number, blue: number];

/** Linear light of each sRGB byte. Source: IEC 61966-2-1. */
export const LIGHT_OF_BYTE: Float64Array = Float64Array.from({ length: 256 }, (_, byte) => {
  const v = byte / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
});

/** Where nothing was recorded: burnt out, or lost in the dark. Bytes. */
const BURNT = 252;
const DARK = 6;

/** The mean light of a grid of places of a picture, and which share of them were burnt out or too dark to tell. */
export interface Sampled {
  light: Light;
  burnt: number;
  dark: number;
}

/** Samples a picture at places that are handed over one by one. */
export function sampler({ width, height, data }: Picture) {
  const sum: Light = [0, 0, 0];
  let [count, burnt, dark] = [0, 0, 0];
  return {
    at({ x, y }: PicturePoint): void {
      const column = Math.min(width - 1, Math.max(0, Math.floor(x * width)));
      const row = Math.min(height - 1, Math.max(0, Math.floor(y * height)));
      const pixel = (row * width + column) * 4;
      const [r, g, b] = [data[pixel]!, data[pixel + 1]!, data[pixel + 2]!];
      if (r >= BURNT || g >= BURNT || b >= BURNT) burnt += 1;
      if (r <= DARK && g <= DARK && b <= DARK) dark += 1;
      sum[0] += LIGHT_OF_BYTE[r]!;
      sum[1] += LIGHT_OF_BYTE[g]!;
      sum[2] += LIGHT_OF_BYTE[b]!;
      count += 1;
    },
    read(): Sampled {
      const light = sum.map((all) => all / Math.max(1, count)) as Light;
      return { light, burnt: burnt / Math.max(1, count), dark: dark / Math.max(1, count) };
    },
  };
}
