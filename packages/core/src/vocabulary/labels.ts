/** The firm's own words for the codes. Codes never reach a screen; these do. */
import type { Condition, Element, Exposure, Finish, Substrate, Texture } from './surface.ts';
import type { Chemistry } from './families.ts';
import type { Plane } from './tests.ts';
import type { Fault, Method, StepKind, Tint, Wear } from './work.ts';
import type { HouseRuleCode } from './houseRules.ts';

export const ELEMENT_LABELS: Record<Element, string> = {
  wall: 'Wall',
  ceiling: 'Ceiling',
  trim: 'Trim',
  window: 'Window',
  sill: 'Sill',
  door: 'Door',
  cabinet: 'Cabinet',
  shelf: 'Shelf',
  furniture: 'Furniture',
  stair: 'Stair',
  siding: 'Siding',
  'fascia-soffit': 'Fascia and soffit',
  'rainwater-goods': 'Gutters and pipes',
  gate: 'Gate',
  railing: 'Railing',
  masonry: 'Masonry',
  radiator: 'Radiator',
  floor: 'Floor',
};

export const SUBSTRATE_LABELS: Record<Substrate, string> = {
  drywall: 'plasterboard',
  'skim-plaster': 'skim plaster',
  'lime-plaster': 'lime plaster',
  softwood: 'softwood',
  hardwood: 'hardwood',
  'tannin-wood': 'tannin-rich timber',
  mdf: 'MDF',
  plywood: 'plywood',
  melamine: 'melamine',
  thermofoil: 'foil-wrapped board',
  'wallpaper-paper': 'paper',
  'wallpaper-vinyl': 'vinyl paper',
  'wallpaper-embossed': 'embossed paper',
  brick: 'brick',
  concrete: 'concrete or block',
  render: 'render',
  'ferrous-metal': 'iron or steel',
  'galvanised-metal': 'galvanised metal',
  aluminium: 'aluminium',
  upvc: 'uPVC',
  'ceramic-tile': 'tile',
  glass: 'glass',
  plastic: 'plastic',
};

export const EXPOSURE_LABELS: Record<Exposure, string> = {
  'interior-dry': 'dry room',
  'interior-wet': 'wet room',
  'interior-grease': 'cooking grease',
  'interior-hightouch': 'much handled',
  'interior-hot': 'hot',
  'exterior-sheltered': 'outside, sheltered',
  'exterior-exposed': 'outside, exposed',
};

export const TEXTURE_LABELS: Record<Texture, string> = {
  smooth: 'smooth',
  light: 'lightly textured',
  sprayed: 'sprayed',
  'hand-textured': 'hand-textured',
  heavy: 'heavily textured',
};

export const FINISH_LABELS: Record<Finish, string> = {
  bare: 'bare',
  'waterborne-acrylic': 'waterborne paint',
  'oil-alkyd': 'oil paint',
  'waterborne-over-oil': 'waterborne over oil',
  'clear-oil-varnish': 'oil varnish',
  'waterborne-clear': 'waterborne varnish',
  shellac: 'shellac',
  lacquer: 'lacquer',
  stain: 'stain',
  'wax-oil': 'wax or oil',
  'factory-laminate': 'factory laminate',
  distemper: 'distemper',
  'primer-only': 'primer only',
  'unknown-aerosol': 'spray-can paint',
};

export const CONDITION_LABELS: Record<Condition, string> = {
  sound: 'sound',
  peeling: 'peeling',
  flaking: 'flaking',
  chalking: 'chalking',
  cracking: 'cracking',
  blistering: 'blistering',
  glossy: 'glossy',
  greasy: 'greasy',
  smoke: 'smoke or nicotine',
  soot: 'soot',
  'water-stain': 'water stain',
  marker: 'pen or marker',
  'rust-stain': 'rust stain',
  'tannin-bleed': 'tannin bleed',
  knots: 'knots',
  mould: 'mould',
  odour: 'smell',
  'loose-paper': 'loose paper',
  'paste-residue': 'paste left',
  'torn-board-face': 'torn board face',
  'sanding-dust': 'sanding dust',
  'filler-patches': 'filler patches',
  gaps: 'gaps',
  'moving-joints': 'moving joints',
  'nail-holes': 'nail holes',
  'proud-nails': 'proud nails',
  rot: 'rot',
  damp: 'damp',
  silicone: 'silicone',
  wax: 'wax',
  'end-grain': 'open end grain',
  scratches: 'scratches',
  'weathered-wood': 'weathered wood',
  efflorescence: 'salts',
  'aerosol-paint': 'spray-can paint',
  'sealant-unknown': 'unknown sealant',
  'substrate-crack': 'crack in the ground',
  'joint-tape-lifting': 'joint tape lifting',
  'old-runs': 'old runs',
  'painted-shut': 'painted shut',
};

/** Which bond let go. */
export const PLANE_LABELS: Record<Plane, string> = {
  substrate: 'from the ground',
  primer: 'from the primer',
  'between-coats': 'between coats',
};

export const CHEMISTRY_LABELS: Record<Chemistry, string> = {
  waterborne: 'waterborne',
  'solvent-borne': 'oil',
  'alcohol-borne': 'alcohol-borne',
  'two-part': 'two-part',
};

export const STEP_LABELS: Record<StepKind, string> = {
  'contain-lead': 'Contain for lead',
  protect: 'Protect',
  mask: 'Mask',
  ventilate: 'Ventilate',
  unhang: 'Take off the hinges',
  'close-opening': 'Close the opening',
  'remove-hardware': 'Take off the hardware',
  'free-sash': 'Free the sash',
  strip: 'Strip',
  scrape: 'Scrape',
  wash: 'Wash',
  rinse: 'Rinse',
  'mould-treat': 'Treat the mould',
  'dry-out': 'Dry out',
  'solvent-wipe': 'Solvent wipe',
  degloss: 'Dull the gloss',
  sand: 'Sand',
  'set-nails': 'Set the nails',
  repair: 'Repair',
  'replace-board': 'Replace the board',
  'stick-down': 'Stick down',
  fill: 'Fill',
  caulk: 'Caulk',
  'remove-sealant': 'Cut out the sealant',
  'dust-off': 'Dust off',
  'tack-off': 'Tack off',
  'test-patch': 'Test patch',
  'pre-prime': 'Pre-prime',
  'spot-prime': 'Spot-prime',
  prime: 'Prime',
  undercoat: 'Undercoat',
  'sand-between': 'Sand between coats',
  'finish-coat': 'Finish',
  'clear-coat': 'Clear coat',
  distress: 'Distress',
  'cure-hold': 'Leave to cure',
  unmask: 'Unmask',
  'refit-hardware': 'Refit the hardware',
  rehang: 'Hang again',
  'clean-up': 'Clean up',
  'other-trade': 'Another trade first',
  inspect: 'Inspect',
  revisit: 'Come back',
};

export const WEAR_LABELS: Record<Wear, string> = {
  'respirator-dust': 'dust respirator',
  'respirator-vapour': 'vapour respirator',
  gloves: 'gloves',
  'eye-protection': 'eye protection',
  coverall: 'coverall',
  'knee-pads': 'knee pads',
};

export const FAULT_LABELS: Record<Fault, string> = {
  peels: 'peels',
  crawls: 'crawls',
  flashes: 'flashes',
  bleeds: 'bleeds',
  'shows-through': 'shows through',
  sinks: 'sinks',
  runs: 'runs',
  'brush-marks': 'brush marks',
  'roller-stipple': 'roller stipple',
  bubbles: 'bubbles',
  crackles: 'crackles',
  cracks: 'cracks',
  wrinkles: 'wrinkles',
  'sticks-shut': 'sticks shut',
  'ragged-line': 'ragged line',
  'dust-in-film': 'dust in the film',
  'rough-grain': 'rough grain',
  'detail-filled': 'detail filled',
  knock: 'knock',
  miss: 'miss',
  stain: 'stain',
};

export const METHOD_LABELS: Record<Method, string> = {
  brush: 'brush',
  roll: 'roller',
  'cut-in-and-roll': 'cut in and roll',
  'roll-and-lay-off': 'roll and lay off',
  spray: 'spray',
  aerosol: 'spray can',
  flood: 'flood',
};

export const TINT_LABELS: Record<Tint, string> = {
  white: 'white',
  'grey-light': 'light grey',
  'grey-mid': 'mid grey',
  'grey-deep': 'deep grey',
  'toward-finish': 'tinted toward the finish',
};

export const HOUSE_RULE_LABELS: Record<HouseRuleCode, { title: string; choices: Record<string, string> }> = {
  newBoard: {
    title: 'New board',
    choices: { prime: 'board primer, then finish', 'self-prime': 'self-priming finish for every coat' },
  },
  fillerSpots: {
    title: 'Filler on sound paint',
    choices: { spot: 'prime the spots', 'whole-wall': 'prime the whole wall', none: 'no primer' },
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
