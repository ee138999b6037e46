import fc from 'fast-check';
import {
  CONDITIONS,
  ELEMENTS,
  EXPOSURES,
  HOUSE_RULES,
  SUBSTRATES,
  type Condition,
  type Element,
  type Ground,
  type Substrate,
} from '../src/index.ts';
import { groundOf } from '../src/evidence/facts.ts';

/** A painted surface of any kind: where it is, what it is made of, what is wrong with it. */
export const anySurface = fc.record({
  element: fc.constantFrom(...ELEMENTS),
  substrate: fc.constantFrom(...SUBSTRATES),
  exposure: fc.constantFrom(...EXPOSURES),
  conditions: fc.subarray([...CONDITIONS], { maxLength: 4 }),
  areaM2: fc.integer({ min: 1, max: 60 }),
  builtYear: fc.constantFrom(1905, 1968, 2019),
  currentColour: fc.constantFrom('#f4f1e8', '#22384d'),
});

/** Some house rules, each set to one of its choices; the others are left unsaid. */
export const anyHouseRules = fc.record(
  Object.fromEntries(Object.entries(HOUSE_RULES).map(([rule, choices]) => [rule, fc.constantFrom(...choices)])),
  { requiredKeys: [] },
);

/** What elements are made of, as painters meet them. */
const MADE_OF: Partial<Record<Element, readonly Substrate[]>> = {
  wall: ['drywall', 'skim-plaster', 'lime-plaster', 'wallpaper-paper', 'wallpaper-vinyl', 'brick'],
  ceiling: ['drywall', 'skim-plaster', 'lime-plaster', 'wallpaper-paper'],
  trim: ['softwood', 'hardwood', 'mdf', 'tannin-wood'],
  window: ['softwood', 'hardwood', 'upvc'],
  door: ['softwood', 'hardwood', 'mdf', 'plywood'],
  cabinet: ['softwood', 'mdf', 'melamine', 'thermofoil'],
  furniture: ['softwood', 'hardwood', 'melamine'],
  shelf: ['mdf', 'melamine'],
  stair: ['softwood', 'hardwood'],
  floor: ['softwood', 'concrete'],
  radiator: ['ferrous-metal'],
  railing: ['ferrous-metal', 'galvanised-metal'],
  siding: ['softwood', 'tannin-wood'],
  'fascia-soffit': ['softwood', 'plywood', 'upvc'],
  sill: ['softwood'],
  gate: ['softwood', 'hardwood', 'ferrous-metal'],
  masonry: ['brick', 'render', 'concrete'],
};
const OUTSIDE: readonly Element[] = ['siding', 'fascia-soffit', 'sill', 'gate', 'masonry'];
/** What is found wrong with each ground. */
const FOUND_ON: Readonly<Record<Ground, readonly Condition[]>> = {
  timber: [
    'peeling',
    'flaking',
    'cracking',
    'glossy',
    'greasy',
    'marker',
    'knots',
    'tannin-bleed',
    'mould',
    'gaps',
  ].concat(['nail-holes', 'rot', 'damp', 'wax', 'end-grain', 'scratches', 'old-runs', 'silicone']) as Condition[],
  plaster: [
    'peeling',
    'flaking',
    'cracking',
    'smoke',
    'soot',
    'water-stain',
    'marker',
    'mould',
    'filler-patches',
  ].concat(['gaps', 'nail-holes', 'damp', 'substrate-crack', 'joint-tape-lifting', 'greasy']) as Condition[],
  paper: ['loose-paper', 'smoke', 'water-stain', 'greasy', 'marker'],
  masonry: ['peeling', 'chalking', 'efflorescence', 'damp', 'mould', 'substrate-crack', 'soot'],
  metal: ['rust-stain', 'peeling', 'glossy', 'greasy'],
  laminate: ['scratches', 'greasy', 'peeling'],
  hard: ['greasy', 'chalking'],
};
const coatedWith = (ground: Ground) =>
  ground === 'timber'
    ? (['waterborne-acrylic', 'oil-alkyd', 'clear-oil-varnish', 'bare'] as const)
    : ground === 'laminate'
      ? (['factory-laminate', 'waterborne-acrylic'] as const)
      : (['waterborne-acrylic', 'oil-alkyd', 'bare'] as const);

/** A surface as a painter may well meet it: of what such things are made of, with what is found on them, its film known. */
export const anyUsual = fc
  .constantFrom(...(Object.keys(MADE_OF) as Element[]))
  .chain((element) => fc.record({ element: fc.constant(element), substrate: fc.constantFrom(...MADE_OF[element]!) }))
  .chain(({ element, substrate }) =>
    fc.record({
      element: fc.constant(element),
      substrate: fc.constant(substrate),
      exposure: OUTSIDE.includes(element)
        ? fc.constantFrom('exterior-exposed' as const, 'exterior-sheltered' as const)
        : fc.constantFrom('interior-dry' as const, 'interior-wet' as const, 'interior-hightouch' as const),
      conditions: fc.subarray([...FOUND_ON[groundOf(substrate)]], { maxLength: 2 }),
      areaM2: fc.integer({ min: 2, max: 40 }),
      builtYear: fc.constantFrom(1968, 2010),
      currentFinish: fc.constantFrom(...coatedWith(groundOf(substrate))),
    }),
  );
