/** The schools: legitimate ways of working on which good firms differ. The first choice of each is the default. */

export const HOUSE_RULES = {
  newBoard: ['prime', 'self-prime'],
  fillerSpots: ['spot', 'whole-wall', 'none'],
  bareTimberInside: ['prime', 'self-prime'],
  oilTrim: ['block-then-waterborne', 'hybrid-direct', 'etch-direct', 'stay-oil'],
  blocker: ['by-situation', 'shellac', 'oil', 'bonding-acrylic'],
  waterborneOverOil: ['keep-gripping', 'strip-all'],
  woodwork: ['waterborne', 'oil'],
  greaseRooms: ['waterborne', 'oil'],
  undercoat: ['combined', 'separate'],
  makers: ['best-of-each', 'one-maker'],
  sanding: ['where-needed', 'always'],
  primerTint: ['grey-by-depth', 'toward-finish', 'dark-to-light-only'],
  finishCoats: ['by-coverage', 'fixed-two'],
  furnitureClear: ['low-sheen-only', 'always'],
  paper: ['paint-over', 'strip-first'],
  exteriorBare: ['oil-primer', 'breathable-waterborne', 'epoxy-saturate'],
  silicone: ['cut-out', 'bridge', 'block-with-oil'],
  caulkWhen: ['by-situation', 'after-primer', 'before-primer'],
  roomOrder: ['ceiling-wall-trim', 'trim-first'],
  rollers: ['new-each-coat', 'wash'],
  planGoal: ['finish-first', 'fewer-visits', 'rooms-back-first'],
} as const;

export type HouseRuleCode = keyof typeof HOUSE_RULES;
export type HouseRules = { [R in HouseRuleCode]: (typeof HOUSE_RULES)[R][number] };
export const HOUSE_RULE_CODES = Object.keys(HOUSE_RULES) as HouseRuleCode[];

/** Every rule at its first choice. */
export const DEFAULT_HOUSE_RULES = Object.fromEntries(HOUSE_RULE_CODES.map((rule) => [rule, HOUSE_RULES[rule][0]])) as unknown as HouseRules;
