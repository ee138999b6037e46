/** What a surface is: the parts of a house, what they are made of, how they are used and what is wrong with them. */

export const ELEMENTS = [
  'wall',
  'ceiling',
  'trim',
  'window',
  'sill',
  'door',
  'cabinet',
  'shelf',
  'furniture',
  'stair',
  'siding',
  'fascia-soffit',
  'rainwater-goods',
  'gate',
  'railing',
  'masonry',
  'radiator',
  'floor',
] as const;
export type Element = (typeof ELEMENTS)[number];

export const SUBSTRATES = [
  'drywall',
  'skim-plaster',
  'lime-plaster',
  'softwood',
  'hardwood',
  'tannin-wood',
  'mdf',
  'plywood',
  'melamine',
  'thermofoil',
  'wallpaper-paper',
  'wallpaper-vinyl',
  'wallpaper-embossed',
  'brick',
  'concrete',
  'render',
  'ferrous-metal',
  'galvanised-metal',
  'aluminium',
  'upvc',
  'ceramic-tile',
  'glass',
  'plastic',
] as const;
export type Substrate = (typeof SUBSTRATES)[number];

export const EXPOSURES = ['interior-dry', 'interior-wet', 'interior-grease', 'interior-hightouch', 'interior-hot', 'exterior-sheltered', 'exterior-exposed'] as const;
export type Exposure = (typeof EXPOSURES)[number];

export const TEXTURES = ['smooth', 'light', 'sprayed', 'hand-textured', 'heavy'] as const;
export type Texture = (typeof TEXTURES)[number];

/** What lies on top of the surface now. */
export const FINISHES = [
  'bare',
  'waterborne-acrylic',
  'oil-alkyd',
  'waterborne-over-oil',
  'clear-oil-varnish',
  'waterborne-clear',
  'shellac',
  'lacquer',
  'stain',
  'wax-oil',
  'factory-laminate',
  'distemper',
  'primer-only',
  'unknown-aerosol',
] as const;
export type Finish = (typeof FINISHES)[number];

export const CONDITIONS = [
  'sound',
  'peeling',
  'flaking',
  'chalking',
  'cracking',
  'blistering',
  'glossy',
  'greasy',
  'smoke',
  'soot',
  'water-stain',
  'marker',
  'rust-stain',
  'tannin-bleed',
  'knots',
  'mould',
  'odour',
  'loose-paper',
  'paste-residue',
  'torn-board-face',
  'sanding-dust',
  'filler-patches',
  'gaps',
  'moving-joints',
  'nail-holes',
  'proud-nails',
  'rot',
  'damp',
  'silicone',
  'wax',
  'end-grain',
  'scratches',
  'weathered-wood',
  'efflorescence',
  'aerosol-paint',
  'sealant-unknown',
  'substrate-crack',
  'joint-tape-lifting',
  'old-runs',
  'painted-shut',
] as const;
export type Condition = (typeof CONDITIONS)[number];

export const SHEENS = ['flat', 'matt', 'eggshell', 'satin', 'semi-gloss', 'gloss'] as const;
export type Sheen = (typeof SHEENS)[number];
