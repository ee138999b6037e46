/** What people call a hue: from its first degree of the CIE hue angle on, up to the next row. Source: CIE L*C*h*, set by eye. */
export const HUES: readonly (readonly [fromDegree: number, name: string])[] = [
  [0, 'rose'],
  [25, 'red'],
  [50, 'orange'],
  [76, 'yellow'],
  [108, 'green'],
  [170, 'blue-green'],
  [225, 'blue'],
  [302, 'violet'],
  [330, 'rose'],
];

/** How deep a colour is: from this CIE L* on. */
export const DEPTHS: readonly (readonly [fromLightness: number, words: string])[] = [
  [0, 'very deep'],
  [26, 'deep'],
  [45, 'mid'],
  [64, 'light'],
  [80, 'pale'],
];

/** What has hardly a hue, by CIE L*. */
export const GREYS: readonly (readonly [fromLightness: number, words: string])[] = [
  [0, 'black'],
  [18, 'charcoal grey'],
  [40, 'mid grey'],
  [65, 'light grey'],
  [85, 'pale grey'],
  [92, 'white'],
];

/** Below this CIE chroma a colour is a grey, below the second it is greyed, and from the third it is strong. */
export const GREY_BELOW = 4;
export const GREYED_BELOW = 16;
export const STRONG_FROM = 55;
/** From this CIE L* a colour of little chroma is an off-white. */
export const OFF_WHITE_FROM = 88;
/** An orange or a yellow that is deep and not vivid is a brown. */
export const BROWN = { belowLightness: 58, belowChroma: 50, fromDegree: 40, toDegree: 95 } as const;
