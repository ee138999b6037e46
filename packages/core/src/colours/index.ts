export { asOrdered, chipLike, colourWords, holdsWords, nameOfColour } from './colourWords.ts';
export { describeColour } from './describe.ts';
export { CARD_FORMATS, readCard, writeCard, type CardFormat } from './cards/cardFile.ts';
export type { BadChip, CardRead } from './cards/cardRead.ts';
export { colourSchedule, type ColouredSurface, type ColourPlace, type ScheduleLine } from './schedule.ts';
