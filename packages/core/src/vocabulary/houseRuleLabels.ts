/** The schools in words: each rule as a title, each choice as what is done. */
import type { HouseRuleCode } from './houseRules.ts';

export const HOUSE_RULE_LABELS: Record<HouseRuleCode, { title: string; choices: Record<string, string> }> = {
  newBoard: {
    title: 'New board',
    choices: { prime: 'board primer, then finish', 'self-prime': 'self-priming finish for every coat' },
  },
  fillerSpots: {
    title: 'Filler on sound paint',
    choices: { spot: 'prime the spots', 'whole-wall': 'prime the whole surface', none: 'no primer' },
  },
  bareTimberInside: {
    title: 'Bare timber inside',
    choices: { prime: 'wood primer first', 'self-prime': 'self-priming finish' },
  },
  oilTrim: {
    title: 'Old oil gloss on woodwork',
    choices: {
      'block-then-waterborne': 'block, then waterborne',
      'hybrid-direct': 'hybrid enamel direct',
      'etch-direct': 'alkaline etch only',
      'stay-oil': 'stay with oil',
    },
  },
  blocker: {
    title: 'Which blocker',
    choices: {
      'by-situation': 'by the situation',
      shellac: 'shellac',
      oil: 'oil',
      'bonding-acrylic': 'bonding acrylic',
    },
  },
  waterborneOverOil: {
    title: 'Waterborne lying on oil',
    choices: { 'keep-gripping': 'keep what grips', 'strip-all': 'strip it all' },
  },
  woodwork: { title: 'Woodwork finish', choices: { waterborne: 'waterborne', oil: 'oil' } },
  greaseRooms: { title: 'Kitchens and baths', choices: { waterborne: 'waterborne', oil: 'oil' } },
  undercoat: {
    title: 'Undercoat for oil',
    choices: { combined: 'combined primer-undercoat', separate: 'primer, then undercoat' },
  },
  makers: { title: 'Makers', choices: { 'best-of-each': 'the best of each', 'one-maker': 'one maker throughout' } },
  sanding: { title: 'Sanding', choices: { 'where-needed': 'where needed', always: 'always' } },
  primerTint: {
    title: 'Primer tint',
    choices: {
      'grey-by-depth': 'grey by depth',
      'toward-finish': 'toward the finish',
      'dark-to-light-only': 'only from dark to light',
    },
  },
  finishCoats: { title: 'Finish coats', choices: { 'by-coverage': 'by coverage', 'fixed-two': 'always two' } },
  furnitureClear: {
    title: 'Clear coat on furniture',
    choices: { 'low-sheen-only': 'over low sheens', always: 'always' },
  },
  paper: { title: 'Wallpaper', choices: { 'paint-over': 'paint over sound paper', 'strip-first': 'strip first' } },
  exteriorBare: {
    title: 'Bare timber outside',
    choices: {
      'oil-primer': 'oil primer',
      'breathable-waterborne': 'breathable waterborne',
      'epoxy-saturate': 'epoxy to refusal',
    },
  },
  silicone: {
    title: 'Silicone in the way',
    choices: { 'cut-out': 'cut out', bridge: 'bridge with caulk', 'block-with-oil': 'block with oil' },
  },
  caulkWhen: {
    title: 'When to caulk',
    choices: {
      'by-situation': 'by the situation',
      'after-primer': 'after the primer',
      'before-primer': 'before the primer',
    },
  },
  roomOrder: {
    title: 'Order of a room',
    choices: { 'ceiling-wall-trim': 'ceiling, wall, trim', 'trim-first': 'trim first' },
  },
  rollers: { title: 'Rollers', choices: { 'new-each-coat': 'new sleeve each coat', wash: 'washed and used again' } },
  planGoal: {
    title: 'What the plan seeks first',
    choices: {
      'finish-first': 'the earliest finish',
      'fewer-visits': 'the fewest visits',
      'rooms-back-first': 'rooms back soonest',
    },
  },
};
