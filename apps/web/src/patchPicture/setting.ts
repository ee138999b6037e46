import { intoPicture, type PatchSetting, type PicturePoint } from '@rustic/core';

/** Where a picture of patches is taken for lying before anybody has set it. */
export const UNSET: PatchSetting = {
  corners: {
    topLeft: { x: 0.12, y: 0.15 },
    topRight: { x: 0.88, y: 0.15 },
    bottomRight: { x: 0.88, y: 0.85 },
    bottomLeft: { x: 0.12, y: 0.85 },
  },
  band: { from: 0.35, to: 0.65 },
};

/** The corners, in their order round. */
export const CORNERS: readonly { name: keyof PatchSetting['corners']; words: string }[] = [
  { name: 'topLeft', words: 'Upper left' },
  { name: 'topRight', words: 'Upper right' },
  { name: 'bottomRight', words: 'Lower right' },
  { name: 'bottomLeft', words: 'Lower left' },
];

/** The edges of the strong colour, from above. */
export const EDGES: readonly { edge: keyof PatchSetting['band']; words: string }[] = [
  { edge: 'from', words: 'Upper' },
  { edge: 'to', words: 'Lower' },
];

/** An edge of the strong colour drawn to where a place of the picture is, down the patches; never past the other. */
export function withEdge(
  { corners, band }: PatchSetting,
  edge: keyof PatchSetting['band'],
  to: PicturePoint,
): PatchSetting {
  const down = downOf(corners, to);
  const moved =
    edge === 'from'
      ? { from: Math.min(down, band.to - LEAST), to: band.to }
      : { from: band.from, to: Math.max(down, band.from + LEAST) };
  return { corners, band: moved };
}
/** The strong colour is no narrower than this. */
const LEAST = 0.05;

/** How far down the patches a place lies: halved again and again along their middle. */
function downOf(corners: PatchSetting['corners'], place: PicturePoint): number {
  const into = intoPicture(corners);
  const [top, end] = [into(0.5, 0), into(0.5, 1)];
  const along = ({ x, y }: PicturePoint) => (x - top.x) * (end.x - top.x) + (y - top.y) * (end.y - top.y);
  let [low, high] = [0, 1];
  for (let i = 0; i < 20; i += 1) {
    const middle = (low + high) / 2;
    if (along(into(0.5, middle)) < along(place)) low = middle;
    else high = middle;
  }
  return low;
}
