import { describe, expect, test } from '@jest/globals';
import { assess, type Assessment, type StepKind } from '../src/index.ts';

/** Every row of the trade's knowledge, as a painter would check it: what must be there, what must not, and in what order. */
interface Row {
  what: string;
  surface: Record<string, unknown>;
  more?: Record<string, unknown>;
  has?: StepKind[];
  hasNot?: StepKind[];
  primers?: string[];
  noPrimer?: string[];
  finish?: string;
  coats?: number;
  sheen?: string;
  blocks?: string[];
  noBlocks?: string[];
  cautions?: string[];
  order?: [StepKind, StepKind][];
}
const rub = (result: string) => ({ kind: 'spirit-rub', result });
const WATERBORNE = { tests: [rub('transfer')] };
const OIL = { tests: [rub('no-transfer')] };

const ROWS: Row[] = [
  {
    what: 'new board by the firm that primes',
    surface: { element: 'wall', substrate: 'drywall', isNew: true, areaM2: 30 },
    has: ['dust-off'],
    hasNot: ['wash', 'degloss'],
    primers: ['pva-primer'],
    finish: 'acrylic-wall',
    coats: 2,
    order: [['dust-off', 'prime']],
  },
  {
    what: 'new board by the firm that does not',
    surface: { element: 'wall', substrate: 'drywall', isNew: true, areaM2: 30 },
    more: { houseRules: { newBoard: 'self-prime' } },
    primers: [],
    finish: 'acrylic-wall',
    coats: 2,
  },
  {
    what: 'filler spots primed by the spot',
    surface: { element: 'wall', substrate: 'drywall', conditions: ['filler-patches'], builtYear: 2004, areaM2: 20 },
    more: WATERBORNE,
    has: ['spot-prime'],
    hasNot: ['prime'],
  },
  {
    what: 'filler spots, the whole wall primed by rule',
    surface: { element: 'wall', substrate: 'drywall', conditions: ['filler-patches'], builtYear: 2004, areaM2: 20 },
    more: { ...WATERBORNE, houseRules: { fillerSpots: 'whole-wall' } },
    has: ['prime'],
    hasNot: ['spot-prime'],
  },
  {
    what: 'filler spots, none primed by rule',
    surface: { element: 'wall', substrate: 'drywall', conditions: ['filler-patches'], builtYear: 2004, areaM2: 20 },
    more: { ...WATERBORNE, houseRules: { fillerSpots: 'none' } },
    hasNot: ['prime', 'spot-prime'],
  },
  {
    what: 'sound waterborne wall, near colour',
    surface: { element: 'wall', substrate: 'drywall', builtYear: 2005, currentColour: '#e8e0cc', areaM2: 20 },
    more: { ...WATERBORNE, wanted: { colour: '#e7dfca' } },
    primers: [],
    coats: 1,
    noBlocks: ['waterborne-on-oil', 'dry-sand-lead'],
  },
  {
    what: 'the same by the firm that always gives two',
    surface: { element: 'wall', substrate: 'drywall', builtYear: 2005, currentColour: '#e8e0cc', areaM2: 20 },
    more: { ...WATERBORNE, wanted: { colour: '#e7dfca' }, houseRules: { finishCoats: 'fixed-two' } },
    primers: [],
    coats: 2,
  },
  {
    what: 'bare interior timber',
    surface: { element: 'trim', substrate: 'softwood', isNew: true, areaM2: 8 },
    has: ['sand', 'sand-between'],
    primers: ['wood-acrylic-primer'],
    order: [
      ['sand', 'prime'],
      ['prime', 'sand-between'],
    ],
  },
  {
    what: 'bare timber with knots',
    surface: { element: 'trim', substrate: 'softwood', isNew: true, conditions: ['knots'], areaM2: 8 },
    primers: ['shellac-primer'],
  },
  {
    what: 'varnished timber to be painted',
    surface: { element: 'door', substrate: 'softwood', currentFinish: 'clear-oil-varnish', builtYear: 1990, areaM2: 4 },
    more: { ...OIL, wanted: { colour: '#f4f1e8' } },
    has: ['wash', 'sand'],
    primers: ['shellac-primer'],
  },
  {
    what: 'old oil gloss going waterborne',
    surface: { element: 'trim', substrate: 'softwood', builtYear: 1990, conditions: ['glossy'], areaM2: 10 },
    more: { ...OIL, wanted: { chemistry: 'waterborne' } },
    has: ['wash', 'rinse', 'degloss', 'sand'],
    primers: ['shellac-primer'],
    blocks: ['waterborne-on-oil'],
    order: [
      ['degloss', 'prime'],
      ['prime', 'finish-coat'],
    ],
  },
  {
    what: 'old oil gloss, bonding primer by rule',
    surface: { element: 'trim', substrate: 'softwood', builtYear: 1990, conditions: ['glossy'], areaM2: 10 },
    more: { ...OIL, wanted: { chemistry: 'waterborne' }, houseRules: { blocker: 'bonding-acrylic' } },
    primers: ['bonding-acrylic-primer'],
  },
  {
    what: 'old oil staying oil',
    surface: { element: 'trim', substrate: 'softwood', builtYear: 1990, areaM2: 10 },
    more: { ...OIL, houseRules: { oilTrim: 'stay-oil' } },
    has: ['wash', 'sand'],
    primers: [],
    finish: 'oil-enamel',
    noBlocks: ['waterborne-on-oil'],
    cautions: ['oily-rags', 'solvent-vapour'],
  },
  {
    what: 'bare timber to be oil-enamelled',
    surface: { element: 'door', substrate: 'softwood', isNew: true, areaM2: 4 },
    more: { wanted: { chemistry: 'solvent-borne' } },
    has: ['undercoat', 'sand-between'],
    finish: 'oil-enamel',
  },
  {
    what: 'bare timber to be oil-enamelled, primer and undercoat apart',
    surface: { element: 'door', substrate: 'softwood', isNew: true, areaM2: 4 },
    more: { wanted: { chemistry: 'solvent-borne' }, houseRules: { undercoat: 'separate' } },
    has: ['prime', 'undercoat'],
    order: [['prime', 'undercoat']],
  },
  {
    what: 'stripped wallpaper with paste left',
    surface: { element: 'wall', substrate: 'skim-plaster', conditions: ['paste-residue'], builtYear: 1985, areaM2: 24 },
    more: { tests: [{ kind: 'damp-sponge', result: 'slick' }] },
    has: ['wash', 'rinse', 'dry-out'],
    blocks: ['paint-on-paste'],
    order: [['wash', 'prime']],
  },
  {
    what: 'torn board face is sealed before it is wetted',
    surface: {
      element: 'wall',
      substrate: 'drywall',
      conditions: ['torn-board-face', 'paste-residue'],
      builtYear: 1985,
      areaM2: 24,
    },
    has: ['pre-prime', 'wash'],
    order: [['pre-prime', 'wash']],
  },
  {
    what: 'painting over loose paper',
    surface: {
      element: 'wall',
      substrate: 'wallpaper-paper',
      conditions: ['loose-paper'],
      builtYear: 1985,
      areaM2: 20,
    },
    has: ['stick-down'],
    primers: ['wallpaper-sealer'],
    coats: 2,
    order: [['stick-down', 'prime']],
  },
  {
    what: 'paper stripped first by rule',
    surface: { element: 'wall', substrate: 'wallpaper-vinyl', builtYear: 1985, areaM2: 20 },
    more: { houseRules: { paper: 'strip-first' } },
    has: ['strip'],
  },
  {
    what: 'a small leak stain is sprayed',
    surface: {
      element: 'ceiling',
      substrate: 'drywall',
      conditions: ['water-stain'],
      builtYear: 2004,
      areaM2: 12,
      extents: { 'water-stain': { areaM2: 0.1 } },
    },
    more: WATERBORNE,
    has: ['inspect', 'spot-prime'],
    primers: ['shellac-primer'],
    hasNot: ['prime'],
  },
  {
    what: 'pen on a wall, the spot only',
    surface: { element: 'wall', substrate: 'drywall', conditions: ['marker'], builtYear: 2004, areaM2: 12 },
    more: WATERBORNE,
    has: ['spot-prime'],
    hasNot: ['prime'],
    noPrimer: ['stain-blocking-acrylic-primer', 'multi-purpose-acrylic-primer'],
  },
  {
    what: 'soot over the whole room',
    surface: { element: 'wall', substrate: 'drywall', conditions: ['soot'], builtYear: 2004, areaM2: 40 },
    more: WATERBORNE,
    has: ['prime', 'ventilate'],
    primers: ['shellac-primer'],
    cautions: ['flammable-vapour'],
  },
  {
    what: 'foil-wrapped fronts',
    surface: { element: 'cabinet', substrate: 'thermofoil', areaM2: 8 },
    more: { wanted: { handling: 'heavy', sheen: 'eggshell' } },
    has: ['wash', 'sand', 'tack-off', 'prime', 'clear-coat', 'cure-hold'],
    order: [
      ['wash', 'prime'],
      ['finish-coat', 'clear-coat'],
      ['clear-coat', 'cure-hold'],
    ],
  },
  {
    what: 'glass',
    surface: { element: 'window', substrate: 'glass', areaM2: 2 },
    has: ['wash', 'test-patch'],
    primers: ['bonding-acrylic-primer'],
  },
  {
    what: 'exterior peeling, epoxy by rule',
    surface: { element: 'fascia-soffit', substrate: 'softwood', conditions: ['peeling'], builtYear: 1999, areaM2: 9 },
    more: { ...WATERBORNE, houseRules: { exteriorBare: 'epoxy-saturate' } },
    has: ['inspect', 'scrape'],
    cautions: ['sensitiser', 'ladder'],
  },
  {
    what: 'exterior peeling, breathable by rule',
    surface: { element: 'siding', substrate: 'softwood', conditions: ['peeling'], builtYear: 1999, areaM2: 30 },
    more: { ...WATERBORNE, houseRules: { exteriorBare: 'breathable-waterborne' } },
    primers: ['microporous-primer'],
  },
  {
    what: 'a new front door',
    surface: { element: 'door', substrate: 'softwood', exposure: 'exterior-exposed', isNew: true, areaM2: 4 },
    has: ['unhang', 'close-opening', 'rehang', 'revisit', 'cure-hold'],
    cautions: ['open-house', 'heavy-lift'],
    order: [['unhang', 'rehang']],
  },
  {
    what: 'end grain outside, sealed first, flexible bead after',
    surface: {
      element: 'railing',
      substrate: 'softwood',
      exposure: 'exterior-exposed',
      isNew: true,
      conditions: ['end-grain'],
      areaM2: 5,
    },
    primers: ['penetrating-epoxy'],
    order: [['pre-prime', 'caulk']],
  },
  {
    what: 'silicone in the way, bridged by rule',
    surface: { element: 'trim', substrate: 'mdf', conditions: ['silicone'], builtYear: 2004, areaM2: 5 },
    more: { ...WATERBORNE, houseRules: { silicone: 'bridge' } },
    hasNot: ['remove-sealant'],
    blocks: ['paint-on-silicone'],
  },
  {
    what: 'moving gaps where flat was asked for',
    surface: { element: 'wall', substrate: 'softwood', conditions: ['moving-joints'], builtYear: 2000, areaM2: 12 },
    more: { ...WATERBORNE, wanted: { sheen: 'flat' } },
    sheen: 'eggshell',
    has: ['caulk'],
  },
  {
    what: 'a steamy bathroom with mould',
    surface: {
      element: 'ceiling',
      substrate: 'drywall',
      exposure: 'interior-wet',
      conditions: ['mould'],
      builtYear: 2001,
      areaM2: 6,
    },
    more: { tests: [rub('transfer'), { kind: 'bleach-drop', result: 'lightens' }] },
    has: ['mould-treat'],
    finish: 'moisture-resistant-acrylic',
    blocks: ['paint-on-mould'],
    cautions: ['bleach-mixing'],
  },
  {
    what: 'what was taken for mould is dirt',
    surface: {
      element: 'ceiling',
      substrate: 'drywall',
      exposure: 'interior-wet',
      conditions: ['mould'],
      builtYear: 2001,
      areaM2: 6,
    },
    more: { tests: [rub('transfer'), { kind: 'bleach-drop', result: 'unchanged' }] },
    hasNot: ['mould-treat'],
    noBlocks: ['paint-on-mould'],
  },
  {
    what: 'a greasy kitchen in oil by rule',
    surface: {
      element: 'wall',
      substrate: 'skim-plaster',
      exposure: 'interior-grease',
      conditions: ['greasy'],
      builtYear: 1999,
      areaM2: 18,
    },
    more: { ...WATERBORNE, houseRules: { greaseRooms: 'oil' } },
    has: ['wash'],
    finish: 'oil-enamel',
  },
  {
    what: 'galvanised metal',
    surface: { element: 'gate', substrate: 'galvanised-metal', isNew: true, areaM2: 3 },
    has: ['wash', 'rinse'],
    primers: ['etch-primer'],
  },
  {
    what: 'a window painted shut',
    surface: { element: 'window', substrate: 'softwood', conditions: ['painted-shut'], builtYear: 1990, areaM2: 3 },
    more: OIL,
    has: ['free-sash', 'inspect'],
    order: [['free-sash', 'finish-coat']],
  },
  {
    what: 'masonry with salts',
    surface: { element: 'masonry', substrate: 'brick', conditions: ['efflorescence'], areaM2: 20 },
    more: { tests: [{ kind: 'moisture-meter', value: 9 }] },
    has: ['inspect'],
    finish: 'masonry-paint',
    noBlocks: ['paint-on-damp'],
  },
  {
    what: 'waxed furniture',
    surface: { element: 'furniture', substrate: 'hardwood', conditions: ['wax'], areaM2: 4 },
    has: ['solvent-wipe', 'cure-hold'],
    order: [['solvent-wipe', 'prime']],
  },
  {
    what: 'a ceiling texture of 1985',
    surface: { element: 'ceiling', substrate: 'skim-plaster', texture: 'heavy', builtYear: 1985, areaM2: 14 },
    cautions: ['asbestos-possible'],
  },
  {
    what: 'chalk-style furniture, rubbed back',
    surface: { element: 'furniture', substrate: 'softwood', isNew: true, areaM2: 4 },
    more: { wanted: { family: 'chalk-style', distressed: true } },
    has: ['distress', 'clear-coat'],
    finish: 'chalk-style',
    order: [['distress', 'clear-coat']],
  },
  {
    what: 'an interior finish wished for outside',
    surface: { element: 'door', substrate: 'softwood', exposure: 'exterior-exposed', builtYear: 2004, areaM2: 4 },
    more: { ...WATERBORNE, wanted: { family: 'acrylic-wall' } },
    blocks: ['interior-product-outside'],
    finish: 'exterior-acrylic',
  },
];

const coatsOf = (a: Assessment, ...kinds: StepKind[]) => a.system.steps.filter((s) => kinds.includes(s.kind));

function check(row: Row, a: Assessment): void {
  const kinds = a.system.steps.map((s) => s.kind);
  const primers = coatsOf(a, 'pre-prime', 'spot-prime', 'prime').map((s) => s.family);
  const finish = coatsOf(a, 'finish-coat')[0]!;
  for (const kind of row.has ?? []) expect(kinds).toContain(kind);
  for (const kind of row.hasNot ?? []) expect(kinds).not.toContain(kind);
  if (row.primers?.length === 0) expect(primers).toEqual([]);
  for (const family of row.primers ?? []) expect(primers).toContain(family);
  for (const family of row.noPrimer ?? []) expect(primers).not.toContain(family);
  if (row.finish) expect(finish.family).toBe(row.finish);
  if (row.coats) expect(finish.coats).toBe(row.coats);
  if (row.sheen) expect(finish.sheen).toBe(row.sheen);
  const blocks = a.blocks.map((b) => b.code);
  for (const code of row.blocks ?? []) expect(blocks).toContain(code);
  for (const code of row.noBlocks ?? []) expect(blocks).not.toContain(code);
  const cautions = a.cautions.map((c) => c.code);
  for (const code of row.cautions ?? []) expect(cautions).toContain(code);
  for (const [first, then] of row.order ?? []) {
    expect(kinds).toEqual(expect.arrayContaining([first, then]));
    expect(kinds.indexOf(first)).toBeLessThan(kinds.lastIndexOf(then));
  }
}

describe('what goes on what', () => {
  test.each(ROWS.map((row) => [row.what, row] as const))('%s', (_what, row) => {
    check(row, assess({ surface: row.surface, ...row.more }));
  });

  test.each(ROWS.map((row) => [row.what, row] as const))(
    '%s: with at least one other way, or said why not',
    (_what, row) => {
      const a = assess({ surface: row.surface, ...row.more });
      expect(a.alternatives.length + a.schools.length).toBeGreaterThan(0);
      for (const alternative of a.alternatives) {
        expect(alternative.differs.length).toBeGreaterThan(5);
        expect(alternative.system.steps.some((s) => s.kind === 'finish-coat')).toBe(true);
      }
    },
  );
});
