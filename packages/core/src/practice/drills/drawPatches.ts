import { randomLcg, randomNormal, randomUniform } from 'd3-random';
import type { Corners } from '../../patchPicture/corners.ts';
import type { Picture } from '../../patchPicture/picture.ts';

/** What one patch is: what shows for want of hiding, and dye that rises, as shares of light that they take. */
export interface DrawnPatch {
  /** Of the strong colour, how much is still seen through so many coats at first. */
  hiding: number;
  /** What dye takes in the end, and the hours within which two thirds of it have come. */
  dye: number;
  withinH: number;
}

/** How the picture was taken: where from, in what light, by what camera. */
export interface Taken {
  stand: Stand;
  corners: Corners;
  band: { from: number; to: number };
  light: [number, number, number];
  /** From left to right and from top to bottom, how much the light falls off. */
  falls: [number, number];
  noise: number;
}

/** What the strong colour takes of red, green and blue: brown, as tannin or nicotine is. */
const TAKES = [0.35, 0.62, 0.95] as const;

/** Draws by lot; numbers that follow one another draw far apart. */
export const byLot = (seed: number) => randomLcg((seed * 0.618_033_988_75) % 1);

/** The byte of sRGB that a share of light is kept as. */
export const byteOf = (light: number): number => {
  const v = light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055;
  return Math.round(Math.min(1, Math.max(0, v)) * 255);
};

/** A way to take it, drawn by lot: crooked, in warm or cold light that falls off, by a noisy camera. */
export function takenBy(seed: number): Taken {
  const source = byLot(seed);
  const off = randomUniform.source(source)(-0.06, 0.06);
  const stand: Stand = {
    corner: [-0.36 + off(), -0.34 + off(), 1 + off()],
    along: [0.7, off(), 4 * off()],
    down: [off(), 0.68, 4 * off()],
  };
  const warm = randomUniform.source(source)(0.72, 1);
  const bright = randomUniform.source(source)(0.45, 0.85)();
  return {
    stand,
    corners: cornersOf(stand),
    band: { from: 0.36, to: 0.66 },
    light: [bright, bright * warm(), bright * warm()],
    falls: [randomUniform.source(source)(-0.25, 0.25)(), randomUniform.source(source)(-0.2, 0.2)()],
    noise: randomUniform.source(source)(1, 5)(),
  };
}

/** How much of the strong colour's light each patch takes after some hours. */
const takenAway = ({ hiding, dye, withinH }: DrawnPatch, hours: number, more: number): number =>
  hiding * 0.3 ** more + dye * (1 - Math.exp(-hours / withinH));

/** A picture of patches side by side, pixel after pixel: each is a ray that meets the wall. */
export function drawPatches(
  patches: readonly DrawnPatch[],
  taken: Taken,
  {
    hours,
    more = 0,
    seed,
    width = 180,
    height = 130,
    pencilled = false,
  }: {
    hours: number;
    more?: number;
    seed: number;
    width?: number;
    height?: number;
    /** A pencil line between neighbours, as painters draw one. */
    pencilled?: boolean;
  },
): Picture {
  const noise = randomNormal.source(byLot(seed))(0, taken.noise);
  const data = new Uint8ClampedArray(width * height * 4);
  for (let row = 0; row < height; row += 1)
    for (let column = 0; column < width; column += 1) {
      const [x, y] = [(column + 0.5) / width, (row + 0.5) / height];
      const [u, v] = met(taken.stand, x, y);
      const isOn = u >= 0 && u < 1 && v >= 0 && v < 1;
      const patch = isOn ? patches[Math.floor(u * patches.length)]! : null;
      const strong = softly(v, taken.band);
      const share = strong * (patch ? takenAway(patch, hours, more) : 1);
      const line = pencilled && isOn && nearALine(u * patches.length) ? PENCIL : 1;
      const shade = line * (1 + taken.falls[0] * (x - 0.5) + taken.falls[1] * (y - 0.5));
      const [at, grain] = [(row * width + column) * 4, noise()];
      for (let i = 0; i < 3; i += 1) {
        const sent = (patch ? 0.82 : 0.7) * (1 - TAKES[i]! * share) * taken.light[i]! * shade;
        // The grain of the three is nearly of one kind, as cameras' is.
        data[at + i] = byteOf(sent) + grain * (1 + 0.3 * (i - 1));
      }
      data[at + 3] = 255;
    }
  return { width, height, data };
}

/** What a pencil line sends back, and how wide it is, of a patch. */
const PENCIL = 0.72;
const nearALine = (at: number): boolean => at > 0.5 && Math.abs(at - Math.round(at)) < 0.008;

/** The edge of a stain is soft. */
const softly = (v: number, { from, to }: Taken['band']): number => {
  const edge = 0.02;
  return 1 / (1 + Math.exp(-(v - from) / edge)) / (1 + Math.exp((v - to) / edge));
};

type Space = readonly [number, number, number];
const cross = (a: Space, b: Space): Space => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const dot = (a: Space, b: Space): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** The patches as they stand before the camera: a corner, and the two sides that go out from it. */
export interface Stand {
  corner: Space;
  along: Space;
  down: Space;
}

/** Their corners, as a pinhole camera sees them. */
function cornersOf({ corner, along, down }: Stand): Corners {
  const seen = (u: number, v: number) => {
    const [x, y, z] = corner.map((at, i) => at + u * along[i]! + v * down[i]!) as [number, number, number];
    return { x: 0.5 + x / z, y: 0.5 + y / z };
  };
  return { topLeft: seen(0, 0), topRight: seen(1, 0), bottomRight: seen(1, 1), bottomLeft: seen(0, 1) };
}

/** Which place of the patches is seen at a place of the picture: where the ray through it meets their plane. */
function met({ corner, along, down }: Stand, x: number, y: number): [number, number] {
  const upright = cross(along, down);
  const ray: Space = [x - 0.5, y - 0.5, 1];
  const far = dot(corner, upright) / dot(ray, upright);
  const place: Space = [ray[0] * far - corner[0], ray[1] * far - corner[1], ray[2] * far - corner[2]];
  const square = dot(upright, upright);
  return [dot(cross(place, down), upright) / square, dot(cross(along, place), upright) / square];
}
