import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assess,
  assessSchema,
  asProduct,
  caseOf,
  CHEMISTRIES,
  CLEAN_UP,
  estimateStep,
  FAMILIES,
  makerOfAll,
  productDemands,
  readBy,
  readShelf,
  SHELF_COLUMNS,
  SHIPPED_SHELF,
  shelfDifference,
  smallestSet,
  usableOn,
  writeShelf,
  type Product,
} from '../src/index.ts';

const read = (question: unknown) => caseOf(readBy(assessSchema, question));

/** Every set of products, smallest first: what the search is checked against. */
function byTryingAll(demands: { id: string; fits: readonly string[] }[]): number {
  const products = [...new Set(demands.flatMap((d) => d.fits))];
  const met = demands.filter((d) => d.fits.length);
  let least = Infinity;
  for (let set = 0; set < 1 << products.length; set++) {
    const taken = products.filter((_, i) => set & (1 << i));
    if (taken.length < least && met.every((d) => d.fits.some((p) => taken.includes(p)))) least = taken.length;
  }
  return least;
}

describe('the shipped shelf', () => {
  test('holds several products of every family that paints, from made-up makers, each with its sheet', () => {
    for (const family of FAMILIES)
      expect([family, SHIPPED_SHELF.filter((p) => p.family === family).length > 0]).toEqual([family, true]);
    const paints = SHIPPED_SHELF.filter((p) => p.drying.recoatMin !== null);
    for (const { family } of paints)
      expect([family, paints.filter((p) => p.family === family).length >= 2]).toEqual([family, true]);
    expect(new Set(SHIPPED_SHELF.map((p) => p.id)).size).toBe(SHIPPED_SHELF.length);
    for (const p of SHIPPED_SHELF) {
      expect([p.id, p.solidsPct > 0 && p.solidsPct <= 100, p.vocGPerL >= 0, p.tins.length > 0]).toEqual([
        p.id,
        true,
        true,
        true,
      ]);
      if (p.drying.chemistry === 'two-part') expect([p.id, p.mix?.potLifeMin]).toEqual([p.id, expect.any(Number)]);
    }
  });
  test('what stays of the film is its dry thickness over its wet', () => {
    const p = asProduct({ family: 'acrylic-trim', wetFilmUm: 100, dryFilmUm: 37 });
    expect(p.solidsPct).toBe(37);
  });
  test('each chemistry has its clean-up card', () => {
    for (const chemistry of CHEMISTRIES)
      for (const line of Object.values(CLEAN_UP[chemistry])) expect(line.length).toBeGreaterThan(10);
    expect(CLEAN_UP['solvent-borne'].caution).toContain('heat by themselves');
    expect(CLEAN_UP['alcohol-borne'].tools).toContain('kept apart from any bleach');
  });
});

describe('what may be used here', () => {
  const shelf = [
    asProduct({ id: 'a', family: 'acrylic-wall', sheens: ['flat'] }),
    asProduct({ id: 'b', family: 'acrylic-wall', sheens: ['satin'], refuses: ['metal'] }),
  ];
  test('a product that refuses the ground is not there; one sold in the sheen comes first', () => {
    expect(usableOn(shelf, { ground: 'metal', sheen: null }).map((p) => p.id)).toEqual(['a']);
    expect(usableOn(shelf, { ground: 'plaster', sheen: 'satin' }).map((p) => p.id)).toEqual(['b', 'a']);
    expect(usableOn(shelf, { ground: 'plaster', sheen: null }).map((p) => p.id)).toEqual(['a', 'b']);
  });
  test('a shelf that refuses leaves something to buy, said plainly', () => {
    const surface = { element: 'wall', substrate: 'skim-plaster', areaM2: 10, builtYear: 2010 };
    const answer = (refuses: string[]) =>
      assess({
        surface,
        tests: [{ kind: 'spirit-rub', result: 'transfer' }],
        shelf: [{ family: 'acrylic-wall', refuses }],
      });
    expect(answer([]).blocks.map((b) => b.code)).not.toContain('nothing-on-shelf');
    const short = answer(['plaster']).blocks.find((b) => b.code === 'nothing-on-shelf')!;
    expect(short.until).toContain('acrylic wall paint');
  });
  test('a product’s own sheet wins over its family: what it does not do here is not taken for it', () => {
    const primed = (shelf: object[]) => {
      const { system, blocks } = assess({
        surface: { element: 'trim', substrate: 'softwood', areaM2: 10, builtYear: 1996, conditions: ['glossy'] },
        tests: ['a', 'b'].map((place) => ({ kind: 'spirit-rub', result: 'no-transfer', place })),
        shelf: [{ family: 'acrylic-trim', name: 'Finish' }, ...shelf],
      });
      return [system.steps.find((s) => s.kind === 'prime')!.family, blocks.some((b) => b.code === 'nothing-on-shelf')];
    };
    const shellac = { family: 'shellac-primer', name: 'Shellac' };
    const bonding = { family: 'bonding-acrylic-primer', name: 'Bonding' };
    const weak = { does: { 'grip-gloss': 1 } };
    expect(primed([shellac, bonding])).toEqual(['shellac-primer', false]);
    expect(primed([{ ...shellac, ...weak }, bonding])).toEqual(['bonding-acrylic-primer', false]);
    expect(primed([{ ...bonding, ...weak }])).toEqual(['shellac-primer', true]);
  });
  test('the sheet’s own spread for a ground decides the litres', () => {
    const { c } = read({
      surface: { element: 'masonry', substrate: 'render', exposure: 'exterior-exposed', areaM2: 60 },
    });
    const litres = (m2: number) =>
      estimateStep({ kind: 'finish-coat', family: 'masonry-paint', coats: 1, why: ['x'] }, c.d.surface, [
        asProduct({ family: 'masonry-paint', spreadM2PerL: 9, spreadOn: { masonry: m2 } }),
      ]).litres;
    expect(litres(3) / litres(6)).toBeCloseTo(2, 2);
  });
  test('one maker throughout: that maker’s products are priced, or the block says none has them all', () => {
    const two = (maker: string): Partial<Product>[] =>
      ['shellac-primer', 'acrylic-trim', 'waterborne-alkyd', 'bonding-acrylic-primer'].map((family) => ({
        family: family as 'acrylic-trim',
        maker,
        id: `${maker} ${family}`,
      }));
    const question = {
      surface: { element: 'trim', substrate: 'softwood', areaM2: 8, builtYear: 1996 },
      tests: [{ kind: 'spirit-rub', result: 'no-transfer' }],
      houseRules: { makers: 'one-maker' },
    };
    const whole = read({ ...question, shelf: [...two('Far').slice(1), ...two('Near')] });
    const laid = whole.made.steps.filter((s) => s.coats);
    expect(new Set(laid.map((s) => estimateStep(s, whole.c.d.surface, whole.c.shelf).product!.maker))).toEqual(
      new Set(['Near']),
    );
    const torn = assess({ ...question, shelf: [...two('Far').slice(0, 1), ...two('Near').slice(1)] });
    expect(torn.blocks.map((b) => b.code)).toContain('incompatible-makers');
    expect(makerOfAll(['acrylic-trim'], [])).toBeNull();
  });
});

describe('the smallest set of products', () => {
  const anyDemands = fc.array(
    fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i'), { maxLength: 4 }),
    { minLength: 1, maxLength: 12 },
  );
  test('is as small as trying every set finds, and meets everything that can be met', () => {
    fc.assert(
      fc.property(anyDemands, (sets) => {
        const demands = sets.map((fits, i) => ({ id: `${i}`, words: '', fits }));
        const found = smallestSet(demands);
        expect(found.products).toHaveLength(byTryingAll(demands));
        for (const d of demands)
          if (d.fits.length) expect(d.fits.some((p) => found.products.includes(p))).toBe(true);
          else expect(found.uncovered).toContain(d.id);
      }),
      { numRuns: 400, seed: 4 },
    );
  });
  test('of sets of one size the cheapest is taken', () => {
    const demands = [
      { id: '1', words: '', fits: ['dear', 'cheap'] },
      { id: '2', words: '', fits: ['dear', 'cheap', 'other'] },
    ];
    expect(smallestSet(demands, (p) => (p === 'dear' ? 900 : 300)).products).toEqual(['cheap']);
  });
  test('nothing asked, nothing taken; what nothing meets is named', () => {
    expect(smallestSet([])).toEqual({ products: [], uses: {}, uncovered: [] });
    expect(smallestSet([{ id: 'x', words: '', fits: [] }]).uncovered).toEqual(['x']);
  });
  test('stays quick on as many demands as a firm has in a season', () => {
    const ids = SHIPPED_SHELF.map((p) => p.id);
    const demands = Array.from({ length: 300 }, (_, i) => ({
      id: `${i}`,
      words: '',
      fits: ids.filter((_id, j) => (j * 7 + i * 13) % 11 === 0),
    }));
    expect(smallestSet(demands).products.length).toBeLessThan(20);
  });
  test('a job’s demands name products that would do, and never one that would fail', () => {
    const { c, made } = read({
      surface: { element: 'trim', substrate: 'softwood', areaM2: 8, builtYear: 1996 },
      tests: [
        { kind: 'spirit-rub', result: 'no-transfer' },
        { kind: 'sheen-look', result: 'gloss', yellowed: true },
      ],
    });
    const demands = productDemands(c, made, 's');
    const primes = demands.find((d) => d.words.startsWith('Prime'))!;
    const families = new Set(primes.fits.map((id) => c.shelf.find((p) => p.id === id)!.family));
    expect(families.has('bonding-acrylic-primer')).toBe(true);
    expect(families.has('pva-primer')).toBe(false);
    expect(smallestSet(demands).uncovered).toEqual([]);
  });
});

describe('a shelf as a file', () => {
  test.each(['csv', 'json'] as const)('%s: written and read back, nothing has changed', (format) => {
    const back = readShelf(writeShelf(SHIPPED_SHELF, format), format);
    expect(back.faults).toEqual([]);
    expect(shelfDifference(SHIPPED_SHELF, back.products)).toEqual({
      added: [],
      changed: [],
      same: SHIPPED_SHELF.length,
    });
  });
  test('any product goes there and back, whatever its name', () => {
    const anyProduct = fc
      .record({
        family: fc.constantFrom(...FAMILIES),
        name: fc
          .string({ minLength: 1, maxLength: 40 })
          .filter((s) => s.trim() === s && s.length > 0 && !s.startsWith("'")),
        maker: fc.constantFrom('Quillbeck', '=SUM(A1)', '-1+1', '@here', '"quoted", Ltd'),
        spreadM2PerL: fc.double({ min: 0.5, max: 40, noNaN: true }),
        refuses: fc.subarray(['timber', 'metal'] as const),
        sheens: fc.subarray(['matt', 'gloss'] as const),
        drying: fc.record({
          dustFreeMin: fc.option(fc.integer({ min: 1, max: 900 })),
          recoatMaxMin: fc.option(fc.integer({ min: 1, max: 9000 })),
        }),
        mix: fc.option(
          fc.record({
            base: fc.integer({ min: 1, max: 9 }),
            hardener: fc.integer({ min: 1, max: 9 }),
            potLifeMin: fc.integer({ min: 1, max: 90 }),
          }),
        ),
      })
      .map((given) => asProduct({ ...given, id: 'only' }));
    fc.assert(
      fc.property(anyProduct, (product) => {
        for (const format of ['csv', 'json'] as const) {
          const back = readShelf(writeShelf([product], format), format);
          expect([format, back.faults]).toEqual([format, []]);
          expect(shelfDifference([product], back.products).same).toBe(1);
        }
      }),
      { numRuns: 200, seed: 9 },
    );
  });
  test('a cell that a spreadsheet would take for a formula is written as text', () => {
    const csv = writeShelf([asProduct({ family: 'filler', name: '=1+1', maker: '@x', id: 'f' })], 'csv');
    expect(csv).not.toMatch(/(^|,)"?[=@]/m);
  });
  test('every bad row is listed with its place, and the sound ones are kept beside', () => {
    const csv = [
      'name,maker,family,spreadM2PerL,tins,recoatMin',
      'Good,Oxmere,acrylic-wall,"12,5",1: 1900,120',
      'Bad,Oxmere,wallpaint,12,1: 1900,120',
      'Worse,Oxmere,acrylic-wall,lots,one: 2,-5',
      'Good,Oxmere,acrylic-wall,12,1: 1900,120',
      ',Oxmere,acrylic-wall,12,,',
    ].join('\n');
    const { products, faults } = readShelf(csv, 'csv');
    expect(products.map((p) => [p.name, p.spreadM2PerL, p.drying.recoatMin])).toEqual([['Good', 12.5, 120]]);
    expect(faults.filter((f) => f.row === 2).map((f) => f.path)).toEqual(['family']);
    expect(faults.filter((f) => f.row === 3).map((f) => f.path)).toEqual(
      expect.arrayContaining(['spreadM2PerL', 'drying.recoatMin']),
    );
    expect(faults.find((f) => f.row === 4)!.message).toContain('row 1');
    expect(faults.find((f) => f.row === 5)!.path).toBe('name');
  });
  test.each([
    ['a list is expected', '{"a":1}', 'json' as const],
    ['this is not JSON', '[{', 'json' as const],
    ['missing columns: family', 'name,maker\na,b', 'csv' as const],
  ])('%s', (message, text, format) => {
    const { products, faults } = readShelf(text, format);
    expect(products).toEqual([]);
    expect(faults[0]!.message).toContain(message.replace('a list is', 'a list of products is'));
  });
  test('a price list is taken as people write one: its headers, separators, commas, prices and kinds', () => {
    const text = [
      'Product;Brand;Kind;Coverage;Sizes;Recoat;Colour of the lid',
      'Good Wall;Longgrass;Acrylic wall paint;"12,5";"1: 19,00; 2,5 at 41";120;red',
      'Other;Longgrass;acrylic wal paint;12;;;',
    ].join('\n');
    const { products, faults, columns } = readShelf(text, 'csv', { currency: 'GBP', units: 'metric' });
    expect(columns.map((c) => c.column)).toEqual([
      'name',
      'maker',
      'family',
      'spreadM2PerL',
      'tins',
      'recoatMin',
      null,
    ]);
    expect(faults).toEqual([
      {
        row: 2,
        path: 'family',
        message: '"acrylic wal paint" is no kind that is known; nearest is acrylic wall paint',
      },
    ]);
    expect(products.map((p) => [p.name, p.family, p.spreadM2PerL, p.drying.recoatMin])).toEqual([
      ['Good Wall', 'acrylic-wall', 12.5, 120],
    ]);
    expect(products[0]!.tins[0]).toEqual({ litres: 1, price: 1900 });
  });
  test('in gallons, dollars and °F', () => {
    const text = 'name,maker,kind,sq ft/gal,tins,least °F\nPrairie,Longgrass,acrylic-trim,400,1: $62; 1 qt: 21.5,50';
    const [product] = readShelf(text, 'csv', { currency: 'USD', units: 'us' }).products;
    expect([product!.spreadM2PerL, product!.drying.minTempC]).toEqual([9.82, 10]);
    expect(product!.tins.map((t) => [Number(t.litres.toFixed(3)), t.price])).toEqual([
      [3.785, 6200],
      [0.946, 2150],
    ]);
  });
  test('what changed is named by field; what a file leaves out stays', () => {
    const [one, two] = SHIPPED_SHELF;
    const dearer = { ...one!, tins: [{ litres: 1, price: 99 }], drying: { ...one!.drying, recoatMin: 777 } };
    const difference = shelfDifference([one!, two!], [dearer]);
    expect(difference.changed).toEqual([{ product: dearer, fields: ['tins', 'recoatMin'] }]);
    expect([difference.added, difference.same]).toEqual([[], 0]);
  });
  test('the columns of the file are the ones that are read', () => {
    expect(new Set(SHELF_COLUMNS).size).toBe(SHELF_COLUMNS.length);
    expect(writeShelf([], 'csv').trim()).toBe(SHELF_COLUMNS.join(','));
  });
});

describe('what a product stands in for', () => {
  const demandsOf = (question: unknown) => {
    const { c, made } = read(question);
    return { c, demands: productDemands(c, made, 'x') };
  };
  const familiesFor = (question: unknown, words: string) => {
    const { c, demands } = demandsOf(question);
    const demand = demands.find((d) => d.words.startsWith(words))!;
    return new Set(demand.fits.map((id) => c.shelf.find((p) => p.id === id)!.family));
  };
  test('a stain is blocked by what blocks it, not by what only hides it', () => {
    const families = familiesFor(
      {
        surface: {
          element: 'ceiling',
          substrate: 'skim-plaster',
          conditions: ['water-stain'],
          areaM2: 12,
          builtYear: 2001,
        },
        tests: [{ kind: 'spirit-rub', result: 'transfer' }],
      },
      'Spot-prime',
    );
    expect(families.has('oil-primer')).toBe(true);
    expect(families.has('multi-purpose-acrylic-primer')).toBe(false);
    expect(families.has('stain-blocking-acrylic-primer')).toBe(false);
  });
  test('indoors no exterior finish stands in, outdoors no indoor one', () => {
    const wall = familiesFor(
      {
        surface: { element: 'wall', substrate: 'drywall', areaM2: 12, builtYear: 2001 },
        tests: [{ kind: 'spirit-rub', result: 'transfer' }],
      },
      'Finish',
    );
    expect([...wall].some((f) => f.startsWith('exterior') || f === 'masonry-paint')).toBe(false);
    const siding = familiesFor(
      {
        surface: {
          element: 'siding',
          substrate: 'softwood',
          exposure: 'exterior-exposed',
          areaM2: 20,
          builtYear: 2001,
        },
        tests: [{ kind: 'spirit-rub', result: 'transfer' }],
      },
      'Finish',
    );
    expect([...siding].every((f) => f.startsWith('exterior'))).toBe(true);
  });
  test('a finish is met only by products sold in its sheen', () => {
    const { c, demands } = demandsOf({
      surface: { element: 'trim', substrate: 'softwood', areaM2: 6, builtYear: 2001 },
      tests: [{ kind: 'spirit-rub', result: 'transfer' }],
      wanted: { sheen: 'eggshell' },
    });
    const finish = demands.find((d) => d.words.startsWith('Finish'))!;
    for (const id of finish.fits) expect(c.shelf.find((p) => p.id === id)!.sheens).toContain('eggshell');
    expect(finish.fits).not.toContain('saltglass-works-newel');
  });
  test('whatever is asked, each line that takes a product names one on the shelf that does', () => {
    fc.assert(
      fc.property(
        fc.record({
          element: fc.constantFrom('wall', 'trim', 'door', 'siding', 'masonry', 'radiator'),
          substrate: fc.constantFrom('drywall', 'softwood', 'render', 'ferrous-metal', 'melamine', 'wallpaper-paper'),
          exposure: fc.constantFrom('interior-dry', 'interior-wet', 'exterior-exposed'),
          builtYear: fc.constantFrom(1905, 2015),
        }),
        (surface) => {
          const { c, demands } = demandsOf({ surface });
          const ids = new Set(c.shelf.map((p) => p.id));
          for (const d of demands) {
            expect([d.words, d.fits.length > 0]).toEqual([d.words, true]);
            expect(d.fits.every((id) => ids.has(id))).toBe(true);
          }
          const set = smallestSet(demands);
          for (const d of demands) expect(d.fits.some((id) => set.products.includes(id))).toBe(true);
        },
      ),
      { numRuns: 60, seed: 12 },
    );
  });
});
