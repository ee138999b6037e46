export { coverage, dryFilm, mixFor, tinsForNeed, wetFilm, type Reckoned } from './coats.ts';
export { evenSpacing, mostThatFit, SIXTEENTH_M, type Spacing, type SpacingAsked } from './spacing.ts';
