import type { HouseRuleCode } from '../../vocabulary/index.ts';

/** Who tends to work this way, and why. Source: practice: each is legitimate, with its conditions. */
export interface SchoolWord {
  prefers: string;
  because: string;
}

/** One row for each choice of each house rule. */
export const SCHOOLS: Record<HouseRuleCode, Record<string, SchoolWord>> = {
  newBoard: {
    prime: { prefers: 'most firms', because: 'a cheap primer evens the joints and saves finish' },
    'self-prime': { prefers: 'firms that spray new builds', because: 'one product on the van, no change of tins' },
  },
  fillerSpots: {
    spot: { prefers: 'careful decorators', because: 'it seals what drinks and nothing more' },
    'whole-wall': { prefers: 'firms that light their walls from the side', because: 'one even ground never flashes' },
    none: { prefers: 'firms that use dead-flat paint', because: 'a forgiving sheen hides the difference' },
  },
  bareTimberInside: {
    prime: { prefers: 'joiners and most painters', because: 'a wood primer holds the fibre and the knots' },
    'self-prime': { prefers: 'firms with little time on site', because: 'three coats of one tin, no waiting for another' },
  },
  oilTrim: {
    'block-then-waterborne': { prefers: 'most firms today', because: 'it grips at once and never yellows' },
    'hybrid-direct': { prefers: 'firms that trust one hybrid enamel', because: 'a coat less, where the dulling is thorough' },
    'etch-direct': { prefers: 'a few who avoid dust and solvent', because: 'no sanding in a lived-in house; it waits for its patch' },
    'stay-oil': { prefers: 'those who restore old houses', because: 'the hardest film, laid like the one beneath' },
  },
  blocker: {
    'by-situation': { prefers: 'most firms', because: 'each stain has its own best block' },
    shellac: { prefers: 'firms that want it done in a day', because: 'it grips, blocks and is ready within the hour' },
    oil: { prefers: 'those with oil in their hands', because: 'it soaks in, and stands heat and weather' },
    'bonding-acrylic': { prefers: 'firms in lived-in houses', because: 'little smell, flexible, cleaned up with water' },
  },
  waterborneOverOil: {
    'keep-gripping': { prefers: 'most, where it holds', because: 'stripping what holds costs more than it is worth' },
    'strip-all': { prefers: 'firms that guarantee their doors', because: 'what lies under it is the weakest bond' },
  },
  woodwork: {
    waterborne: { prefers: 'most firms today', because: 'quick, low in odour, stays white' },
    oil: { prefers: 'painters of heavily used houses', because: 'a hard film that levels and wipes clean' },
  },
  greaseRooms: {
    waterborne: { prefers: 'most firms', because: 'modern films wipe well and dry overnight' },
    oil: { prefers: 'those who paint busy kitchens', because: 'grease and steam do not get into it' },
  },
  undercoat: {
    combined: { prefers: 'most', because: 'one tin fewer and one wait fewer' },
    separate: { prefers: 'those who want a mirror finish', because: 'a primer for the wood, an undercoat for the gloss' },
  },
  makers: {
    'best-of-each': { prefers: 'firms that test', because: 'no maker is best at everything' },
    'one-maker': { prefers: 'firms that want one guarantee', because: 'nobody can point at another tin' },
  },
  sanding: {
    'where-needed': { prefers: 'most', because: 'a face that grips needs no dust' },
    always: { prefers: 'furniture painters', because: 'the hand feels what the eye misses' },
  },
  primerTint: {
    'grey-by-depth': { prefers: 'firms that paint deep colours', because: 'a grey as deep as the finish hides in fewest coats' },
    'toward-finish': { prefers: 'those with a tinting machine near', because: 'a knock shows its own colour' },
    'dark-to-light-only': { prefers: 'firms that keep one white primer', because: 'nothing to mix, nothing left over' },
  },
  finishCoats: {
    'by-coverage': { prefers: 'those who price by the hour', because: 'a coat that is not needed is not laid' },
    'fixed-two': { prefers: 'firms with one price list', because: 'the same film everywhere, and no argument' },
  },
  furnitureClear: {
    'low-sheen-only': { prefers: 'most', because: 'a satin or gloss takes its own wear' },
    always: { prefers: 'those who sell what they paint', because: 'the clear takes every knock' },
  },
  paper: {
    'paint-over': { prefers: 'most, where it is sound', because: 'old plaster behind it may come off with it' },
    'strip-first': { prefers: 'firms that own the wall afterwards', because: 'nothing under the paint that can let go' },
  },
  exteriorBare: {
    'oil-primer': { prefers: 'most on old timber', because: 'it soaks into weathered fibre' },
    'breathable-waterborne': { prefers: 'firms that paint new joinery', because: 'moisture gets out and the film moves with it' },
    'epoxy-saturate': { prefers: 'boat-minded painters', because: 'end grain that cannot drink cannot rot' },
  },
  silicone: {
    'cut-out': { prefers: 'nearly everybody', because: 'nothing holds on silicone' },
    bridge: { prefers: 'those called for one day', because: 'quick; it is recorded and not promised' },
    'block-with-oil': { prefers: 'a few', because: 'oil primer may hold; it is tugged the next day' },
  },
  caulkWhen: {
    'by-situation': { prefers: 'most', because: 'paper and bare timber ask for different things' },
    'after-primer': { prefers: 'joinery painters', because: 'a bead holds better on primer' },
    'before-primer': { prefers: 'those who spray', because: 'one primer over bead and wood, no line' },
  },
  roomOrder: {
    'ceiling-wall-trim': { prefers: 'most', because: 'what drips falls on what is still to come' },
    'trim-first': { prefers: 'those who tape', because: 'woodwork is masked once and walls are cut to it' },
  },
  rollers: {
    'new-each-coat': { prefers: 'firms that count hours', because: 'a sleeve costs less than washing it' },
    wash: { prefers: 'thrifty hands', because: 'a washed sleeve sheds no lint' },
  },
  planGoal: {
    'finish-first': { prefers: 'most', because: 'the house is given back whole, and the next job can begin' },
    'fewer-visits': { prefers: 'firms that drive far', because: 'a day on the road paints nothing' },
    'rooms-back-first': { prefers: 'those who paint lived-in houses', because: 'a family can do without one room, not five' },
  },
};
