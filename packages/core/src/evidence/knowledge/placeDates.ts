/**
 * The dates from which a place's houses count as free of a hazard until tested otherwise. They differ from place to
 * place: a firm sets its own, and the law of the place decides. Source: the dates most often met.
 */
export const USUAL_DATES = {
  /** A home from before this year is treated as leaded until tested. */
  leadYear: 1978,
  /** Textured coatings, boards and floor backings from before this year may hold asbestos. */
  asbestosYear: 2000,
};
