import { describe, expect, test } from '@jest/globals';
import {
  asProduct,
  CAUTION_CODES,
  CHEMISTRIES,
  chemistryOf,
  CLEAR_FINISHES,
  CONDITION_LABELS,
  CONDITIONS,
  COAT_KINDS,
  DEFAULT_HOUSE_RULES,
  ELEMENT_LABELS,
  ELEMENTS,
  EXPOSURE_LABELS,
  EXPOSURES,
  FAMILIES,
  FAMILY_LABELS,
  FINISH_FAMILIES,
  FINISH_LABELS,
  FINISHES,
  HELPER_FAMILIES,
  HOUSE_RULE_LABELS,
  HOUSE_RULES,
  isCoat,
  isHelper,
  PRIMER_FAMILIES,
  RESULT_LABELS,
  SHIPPED_SHELF,
  STEP_KINDS,
  STEP_LABELS,
  SUBSTRATE_LABELS,
  SUBSTRATES,
  TEST_KINDS,
  TEST_LABELS,
  TEST_RESULTS,
  TEXTURE_LABELS,
  TEXTURES,
  tintsOf,
  type Family,
} from '../src/index.ts';
import { LIKELIHOODS } from '../src/evidence/knowledge/likelihoods.ts';

/** The fixed names, written here a second time: one may be added, none may be renamed. */
const FIXED: [string, readonly string[], string][] = [
  [
    'element',
    ELEMENTS,
    'wall ceiling trim window sill door cabinet shelf furniture stair siding fascia-soffit rainwater-goods gate railing masonry radiator floor',
  ],
  [
    'substrate',
    SUBSTRATES,
    'drywall skim-plaster lime-plaster softwood hardwood tannin-wood mdf plywood melamine thermofoil wallpaper-paper wallpaper-vinyl wallpaper-embossed brick concrete render ferrous-metal galvanised-metal aluminium upvc ceramic-tile glass plastic',
  ],
  [
    'exposure',
    EXPOSURES,
    'interior-dry interior-wet interior-grease interior-hightouch interior-hot exterior-sheltered exterior-exposed',
  ],
  ['texture', TEXTURES, 'smooth light sprayed hand-textured heavy'],
  [
    'finish',
    FINISHES,
    'bare waterborne-acrylic oil-alkyd waterborne-over-oil clear-oil-varnish waterborne-clear shellac lacquer stain wax-oil factory-laminate distemper primer-only unknown-aerosol',
  ],
  [
    'condition',
    CONDITIONS,
    'sound peeling flaking chalking cracking blistering glossy greasy smoke soot water-stain marker rust-stain tannin-bleed knots mould odour loose-paper paste-residue torn-board-face sanding-dust filler-patches gaps moving-joints nail-holes proud-nails rot damp silicone wax end-grain scratches weathered-wood efflorescence aerosol-paint sealant-unknown substrate-crack joint-tape-lifting old-runs painted-shut',
  ],
  [
    'test',
    TEST_KINDS,
    'spirit-rub acetone-rub nail-scratch blade-lift scraper-drag tape-pull cross-cut sheen-look hand-wipe water-drop damp-sponge bleach-drop moisture-meter rot-probe lead-swab tap-test paint-dab ease-test test-patch',
  ],
  [
    'step',
    STEP_KINDS,
    'contain-lead protect mask ventilate unhang close-opening remove-hardware free-sash strip scrape wash rinse mould-treat dry-out solvent-wipe degloss sand set-nails repair replace-board stick-down fill caulk remove-sealant dust-off tack-off test-patch pre-prime spot-prime prime undercoat sand-between finish-coat clear-coat distress cure-hold unmask refit-hardware rehang clean-up other-trade inspect revisit',
  ],
  [
    'caution',
    CAUTION_CODES,
    'lead-presumed lead-positive asbestos-possible solvent-vapour flammable-vapour oily-rags dust sensitiser eye-irritant caustic bleach-mixing ladder open-house children-and-pets heavy-lift sealant-fumes hot-surface',
  ],
  [
    'family',
    FAMILIES,
    'pva-primer multi-purpose-acrylic-primer wood-acrylic-primer bonding-acrylic-primer stain-blocking-acrylic-primer oil-primer low-odour-oil-primer shellac-primer clear-shellac clear-bonding-primer wallpaper-sealer penetrating-sealer penetrating-epoxy masonry-primer metal-primer etch-primer microporous-primer oil-undercoat acrylic-primer-undercoat acrylic-wall acrylic-ceiling moisture-resistant-acrylic acrylic-trim waterborne-alkyd oil-enamel exterior-acrylic exterior-oil chalk-style masonry-paint waterborne-clear oil-varnish alkaline-cleaner degreaser deglosser mould-wash denatured-alcohol filler acrylic-caulk elastomeric-caulk seam-adhesive masonry-paint-remover stripper mineral-spirits acetone silicone-sealant paintable-hybrid-sealant exterior-filler',
  ],
  ['chemistry', CHEMISTRIES, 'waterborne solvent-borne alcohol-borne two-part'],
];

describe('fixed names', () => {
  test.each(FIXED)('%s', (_what, codes, fixed) => {
    for (const code of fixed.split(' ')) expect(codes).toContain(code);
    expect(new Set(codes).size).toBe(codes.length);
    for (const code of codes) expect(code).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/);
  });
  test.each<[keyof typeof TEST_RESULTS, string]>([
    ['spirit-rub', 'no-transfer slight-transfer transfer softens lifts-to-lower-coat'],
    ['acetone-rub', 'no-change softens dissolves'],
    ['nail-scratch', 'holds marks scratches-off peels-in-sheet'],
    ['blade-lift', 'holds chips lifts-in-sheet'],
    ['scraper-drag', 'holds marks scratches-off'],
    ['tape-pull', 'holds specks lifts'],
    ['sheen-look', 'flat eggshell satin semi-gloss gloss'],
    ['hand-wipe', 'clean light heavy'],
    ['water-drop', 'beads spreads soaks-in'],
    ['damp-sponge', 'clean slick'],
    ['bleach-drop', 'lightens unchanged'],
    ['rot-probe', 'firm soft-surface soft-deep'],
    ['lead-swab', 'negative positive inconclusive'],
    ['tap-test', 'firm hollow'],
    ['paint-dab', 'wets beads'],
    ['ease-test', 'moves stuck'],
    ['test-patch', 'covers shows-through faint-bleed bleeds-through crawls wrinkles bubbles'],
  ])('results of a %s', (kind, results) => expect(TEST_RESULTS[kind]).toEqual(results.split(' ')));
  test('the first choice of a rule is its default where none other is said', () => {
    const first = [
      'newBoard',
      'fillerSpots',
      'bareTimberInside',
      'oilTrim',
      'blocker',
      'waterborneOverOil',
      'woodwork',
    ] as const;
    for (const rule of first) expect(DEFAULT_HOUSE_RULES[rule]).toBe(HOUSE_RULES[rule][0]);
    expect(HOUSE_RULES.oilTrim).toEqual(['block-then-waterborne', 'hybrid-direct', 'etch-direct', 'stay-oil']);
    expect(HOUSE_RULES.exteriorBare).toEqual(['oil-primer', 'breathable-waterborne', 'epoxy-saturate']);
    expect(HOUSE_RULES.silicone).toEqual(['cut-out', 'bridge', 'block-with-oil']);
  });
});

describe('labels', () => {
  test.each<[string, readonly string[], Record<string, string>]>([
    ['elements', ELEMENTS, ELEMENT_LABELS],
    ['substrates', SUBSTRATES, SUBSTRATE_LABELS],
    ['exposures', EXPOSURES, EXPOSURE_LABELS],
    ['textures', TEXTURES, TEXTURE_LABELS],
    ['finishes', FINISHES, FINISH_LABELS],
    ['conditions', CONDITIONS, CONDITION_LABELS],
    ['tests', TEST_KINDS, TEST_LABELS],
    ['steps', STEP_KINDS, STEP_LABELS],
    ['families', FAMILIES, FAMILY_LABELS],
  ])('%s are said in words, never in codes, and no two alike', (_what, codes, labels) => {
    for (const code of codes) {
      expect(labels[code]).toBeTruthy();
      expect(labels[code]).not.toMatch(/[a-z]-[a-z]+-[a-z]/);
    }
    expect(new Set(codes.map((c) => labels[c])).size).toBe(codes.length);
  });
  test('every result of every test has words', () => {
    for (const kind of TEST_KINDS) for (const r of TEST_RESULTS[kind]) expect(RESULT_LABELS[r]).toBeTruthy();
  });
  test('what each test can find is exactly what its likelihoods speak of', () => {
    for (const { kind, results } of LIKELIHOODS)
      if (TEST_RESULTS[kind].length > 0) expect([...results].sort()).toEqual([...TEST_RESULTS[kind]].sort());
  });
  test('every choice of every house rule has words', () => {
    for (const [rule, choices] of Object.entries(HOUSE_RULES))
      for (const choice of choices)
        expect(HOUSE_RULE_LABELS[rule as keyof typeof HOUSE_RULES].choices[choice]).toBeTruthy();
  });
});

describe('families and the shelf', () => {
  test('every family has one chemistry', () => {
    for (const f of FAMILIES) expect(CHEMISTRIES).toContain(chemistryOf(f));
    expect(chemistryOf('shellac-primer')).toBe('alcohol-borne');
    expect(chemistryOf('oil-enamel')).toBe('solvent-borne');
    expect(chemistryOf('penetrating-epoxy')).toBe('two-part');
    expect(chemistryOf('waterborne-alkyd')).toBe('waterborne');
  });
  test('a family that nobody knows is no waterborne paint', () => {
    expect(() => chemistryOf('moon-paint' as Family)).toThrow();
    expect(() => asProduct({ family: 'moon-paint' as Family })).toThrow();
  });
  test('a family is a primer, a finish or a helper, and nothing lays a coat of a helper', () => {
    expect([...PRIMER_FAMILIES, ...FINISH_FAMILIES, ...HELPER_FAMILIES]).toEqual([...FAMILIES]);
    for (const family of FAMILIES)
      expect(isHelper(family)).toBe((HELPER_FAMILIES as readonly Family[]).includes(family));
    expect(CLEAR_FINISHES.every((family) => tintsOf(family) === 'clear' && !isHelper(family))).toBe(true);
    expect([...CLEAR_FINISHES].sort()).toEqual(['clear-shellac', 'oil-varnish', 'waterborne-clear']);
  });
  test('only what lays a film is a coat', () => {
    expect(STEP_KINDS.filter((k) => isCoat(k)).sort()).toEqual([...COAT_KINDS].sort());
  });
  test.each(SHIPPED_SHELF.map((p) => [p.name, p] as const))('%s has usable figures', (_name, p) => {
    expect(p.spreadM2PerL).toBeGreaterThan(1);
    expect(p.wetFilmUm).toBeGreaterThan(p.dryFilmUm * 0.9);
    expect(p.cureHours).toBeGreaterThan(0);
    expect(p.tins.length).toBeGreaterThan(0);
    for (const tin of p.tins) {
      expect(Number.isInteger(tin.price)).toBe(true);
      expect(tin.litres).toBeGreaterThan(0);
    }
    const { dustFreeMin, recoatMin, recoatMaxMin } = p.drying;
    if (dustFreeMin !== null && recoatMin !== null) expect(recoatMin).toBeGreaterThanOrEqual(dustFreeMin!);
    if (recoatMaxMin != null) expect(recoatMaxMin).toBeGreaterThan(recoatMin!);
    expect(p.drying.chemistry).toBe(chemistryOf(p.family));
  });
  test('the shelf has names of its own, and a primer and a finish for every trade of work', () => {
    expect(new Set(SHIPPED_SHELF.map((p) => p.id)).size).toBe(SHIPPED_SHELF.length);
    const held = new Set(SHIPPED_SHELF.map((p) => p.family));
    for (const f of [
      'shellac-primer',
      'oil-primer',
      'bonding-acrylic-primer',
      'acrylic-wall',
      'acrylic-trim',
      'oil-enamel',
    ] as const)
      expect(held).toContain(f);
  });
  test('a product’s own sheet wins over the family’s figures, and silence is filled', () => {
    const typical = asProduct({ family: 'acrylic-wall' });
    const own = asProduct({ family: 'acrylic-wall', spreadM2PerL: 9, drying: { recoatMin: 90 } });
    expect(own.spreadM2PerL).toBe(9);
    expect(own.drying.recoatMin).toBe(90);
    expect(own.drying.dustFreeMin).toBe(typical.drying.dustFreeMin);
    expect(own.wetFilmUm).toBe(typical.wetFilmUm);
  });
  test.each([...PRIMER_FAMILIES, ...FINISH_FAMILIES])('%s dries somehow by its family alone', (family) => {
    const { drying } = asProduct({ family });
    expect(drying.recoatMin).toBeGreaterThan(0);
    expect(drying.dustFreeMin).toBeGreaterThan(0);
    expect(drying.minTempC).toBeGreaterThanOrEqual(2);
  });
});
