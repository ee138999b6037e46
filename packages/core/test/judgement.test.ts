import { describe, expect, test } from '@jest/globals';
import { assess, chemistryOf, isCoat, type Assessment, type Family, type Step } from '../src/index.ts';

/** Surfaces that nobody tuned the tables to: ambiguous, in conflict, or several troubles on one face. */
type Said = Record<string, unknown>;
const rub = (result: string, place?: string) => ({ kind: 'spirit-rub', result, ...(place ? { place } : {}) });
const ask = (surface: Said, more: Said = {}): Assessment =>
  assess({ surface: { element: 'wall', substrate: 'skim-plaster', ...surface }, ...more });
const kinds = (a: Assessment) => a.system.steps.map((s) => s.kind);
const primers = (a: Assessment) =>
  a.system.steps.filter((s) => ['prime', 'spot-prime', 'pre-prime'].includes(s.kind)).map((s) => s.family as Family);
const codes = (a: Assessment) => a.blocks.map((b) => b.code);
const cautions = (a: Assessment) => a.cautions.map((c) => c.code);
const odds = (a: Assessment, code: string) => a.finish.find((f) => f.code === code)?.probability ?? 0;
const before = (a: Assessment, first: Step['kind'], then: Step['kind']) => {
  expect(kinds(a)).toEqual(expect.arrayContaining([first, then]));
  expect(kinds(a).indexOf(first)).toBeLessThan(kinds(a).indexOf(then));
};

describe('an old textured ceiling', () => {
  const textured = { element: 'ceiling', substrate: 'drywall', texture: 'sprayed' };
  test('is sampled before anything scrapes it, and only where it may hold asbestos and is broken into', () => {
    const flaking = ask({ ...textured, builtYear: 1972, conditions: ['flaking'] });
    before(flaking, 'inspect', 'scrape');
    const [why] = flaking.system.steps.find((s) => s.kind === 'inspect')!.why;
    expect(why).toContain('sampled first');
    expect(cautions(flaking)).toContain('asbestos-possible');
    const isSampled = (a: Assessment) =>
      a.system.steps.some((s) => s.kind === 'inspect' && s.why.some((one) => one.includes('sampled first')));
    expect(isSampled(flaking)).toBe(true);
    expect(isSampled(ask({ ...textured, builtYear: 2010, conditions: ['flaking'] }))).toBe(false);
    expect(isSampled(ask({ ...textured, builtYear: 1972, isNew: true }))).toBe(false);
    expect(isSampled(ask({ ...textured, texture: 'smooth', builtYear: 1972, conditions: ['flaking'] }))).toBe(false);
  });
});

describe('metal that came finished', () => {
  const metalDoor = {
    element: 'door',
    substrate: 'ferrous-metal',
    exposure: 'exterior-exposed',
    builtYear: 2005,
    areaM2: 2,
  };
  test('a baked film is gripped by a bonding primer, and no timber dye is blocked or foretold', () => {
    const a = ask(
      { ...metalDoor, currentFinish: 'lacquer' },
      { tests: [rub('no-transfer')], wanted: { chemistry: 'waterborne', colour: '#22384d' } },
    );
    expect(primers(a)).toEqual(['bonding-acrylic-primer']);
    expect(a.holds.faults.map((f) => f.fault)).not.toContain('bleeds');
    expect(JSON.stringify(a.system)).not.toContain('timber');
  });
  test('a varnished timber door outside still has its dye blocked', () => {
    const a = ask(
      { ...metalDoor, substrate: 'hardwood', currentFinish: 'clear-oil-varnish' },
      { tests: [rub('no-transfer')], wanted: { chemistry: 'waterborne', colour: '#22384d' } },
    );
    expect(primers(a)).toContain('oil-primer');
  });
  test('what nobody tested is not patched for a spray can that is hardly likely', () => {
    const a = ask({ ...metalDoor, element: 'window', substrate: 'aluminium' }, { wanted: { colour: '#22384d' } });
    expect(kinds(a)).not.toContain('test-patch');
    expect(primers(a)).toEqual(['bonding-acrylic-primer']);
  });
  test('a scratched radiator gets its scratches primed and no filler, a scratched wall its filler', () => {
    const scratched = { conditions: ['scratches'], builtYear: 1990, areaM2: 2 };
    const radiator = ask({ element: 'radiator', substrate: 'ferrous-metal', exposure: 'interior-hot', ...scratched });
    expect(kinds(radiator)).not.toContain('fill');
    expect(radiator.system.steps).toContainEqual(
      expect.objectContaining({ kind: 'spot-prime', family: 'metal-primer' }),
    );
    expect(kinds(ask(scratched))).toContain('fill');
  });
});

describe('evidence that does not agree', () => {
  test('two rubs of one place that disagree lean neither way for having been made first', () => {
    const door = { element: 'door', substrate: 'softwood', builtYear: 1950 };
    const one = ask(door, { tests: [rub('no-transfer'), rub('transfer')] });
    const other = ask(door, { tests: [rub('transfer'), rub('no-transfer')] });
    expect(one.finish).toEqual(other.finish);
    expect(one.finish[0]!.probability).toBeLessThan(0.9);
    expect(odds(one, 'waterborne-over-oil')).toBeGreaterThan(0.15);
    expect(one.nextTest).not.toBeNull();
  });
  test('a rag with nothing on it against a flat sheen: still oil, which can be flat', () => {
    const a = ask(
      { element: 'ceiling', substrate: 'lime-plaster', builtYear: 1895 },
      { tests: [rub('no-transfer', 'a'), rub('no-transfer', 'b'), { kind: 'sheen-look', result: 'flat' }] },
    );
    expect(['oil-alkyd', 'distemper', 'bare']).toContain(a.finish[0]!.code);
    expect(odds(a, 'oil-alkyd')).toBeGreaterThan(0.2);
  });
  test('colour on the rag with a sheet under the blade: waterborne over oil', () => {
    const a = ask(
      { element: 'trim', substrate: 'softwood', builtYear: 1930 },
      { tests: [rub('slight-transfer'), { kind: 'blade-lift', result: 'lifts-in-sheet' }] },
    );
    expect(a.finish[0]!.code).toBe('waterborne-over-oil');
    expect(kinds(a)).toContain('scrape');
  });
  test('a record of waterborne against two rubs with nothing: the rubs win', () => {
    const a = ask(
      { element: 'door', substrate: 'softwood', currentFinish: 'waterborne-acrylic', builtYear: 1970 },
      { tests: [rub('no-transfer', 'a'), rub('no-transfer', 'b'), { kind: 'acetone-rub', result: 'no-change' }] },
    );
    expect(odds(a, 'waterborne-acrylic')).toBeLessThan(0.35);
  });
  test('a greasy rag proves little', () => {
    const clean = ask({ element: 'cabinet', substrate: 'softwood' }, { tests: [rub('slight-transfer')] });
    const dirty = ask(
      { element: 'cabinet', substrate: 'softwood', conditions: ['greasy'] },
      { tests: [rub('slight-transfer')] },
    );
    expect(odds(dirty, 'oil-alkyd')).toBeGreaterThan(odds(clean, 'oil-alkyd'));
  });
  test('a neighbour of the same campaign that disagrees with a test here loses to it', () => {
    const a = ask(
      { element: 'trim', substrate: 'softwood', builtYear: 1960 },
      {
        tests: [rub('transfer', 'a'), rub('transfer', 'b')],
        neighbours: [{ campaign: 'same', element: 'door', tests: [rub('no-transfer')] }],
      },
    );
    expect(a.finish[0]!.code).toBe('waterborne-acrylic');
  });
  test('a later dry reading lifts the damp', () => {
    const wet = { kind: 'moisture-meter', value: 24 };
    const dry = { kind: 'moisture-meter', value: 8 };
    expect(codes(ask({ conditions: ['damp'] }, { tests: [wet] }))).toContain('paint-on-damp');
    expect(codes(ask({ conditions: ['damp'] }, { tests: [wet, dry] }))).not.toContain('paint-on-damp');
  });
  test('an inconclusive swab releases nothing, a negative one does, a positive one decides', () => {
    const swab = (...results: string[]) =>
      ask(
        { element: 'trim', substrate: 'softwood', builtYear: 1920 },
        { tests: results.map((result) => ({ kind: 'lead-swab', result })) },
      );
    expect(codes(swab('inconclusive'))).toContain('dry-sand-lead');
    expect(codes(swab('negative'))).not.toContain('dry-sand-lead');
    expect(cautions(swab('negative', 'positive'))).toContain('lead-positive');
  });
});

describe('the next test', () => {
  test.each<[string, Said, Said, string | null]>([
    [
      'an old glossy skirting',
      { element: 'trim', substrate: 'softwood', builtYear: 1988, conditions: ['glossy'], areaM2: 15 },
      {},
      'spirit-rub',
    ],
    [
      'stripped walls',
      { substrate: 'drywall', conditions: ['torn-board-face'], builtYear: 1990, areaM2: 24 },
      {},
      'damp-sponge',
    ],
    [
      'a bead that may be silicone',
      { element: 'trim', substrate: 'mdf', conditions: ['sealant-unknown'], builtYear: 2010 },
      { tests: [rub('transfer', 'a'), rub('transfer', 'b')] },
      'paint-dab',
    ],
    [
      'mould that may be dirt',
      { exposure: 'interior-wet', conditions: ['mould'], builtYear: 2005, areaM2: 20 },
      { tests: [rub('transfer', 'a'), rub('transfer', 'b')] },
      'bleach-drop',
    ],
    ['new board', { substrate: 'drywall', isNew: true }, {}, null],
  ])('%s', (_what, surface, more, kind) => {
    const all = ask(surface, more);
    if (kind === null) expect(all.nextTest).toBeNull();
    else expect(all.nextTest!.kind).toBe(kind);
  });
  test('acetone and the knife follow a rub, they do not open', () => {
    for (const substrate of ['lime-plaster', 'softwood', 'wallpaper-vinyl', 'brick'])
      expect(['acetone-rub', 'cross-cut', 'blade-lift', 'nail-scratch']).not.toContain(
        ask({ substrate, areaM2: 30 }).nextTest?.kind,
      );
  });
  test('says why, and is worth more than its minutes', () => {
    const { nextTest } = ask({ element: 'trim', substrate: 'softwood', builtYear: 1930, areaM2: 14 });
    expect(nextTest!.why.length).toBeGreaterThan(20);
    expect(nextTest!.expectedSaving).toBeGreaterThan(nextTest!.minutes * 65);
  });
});

describe('several troubles on one face', () => {
  test('greasy, flaking, leaded, glossy, vivid: a kitchen cupboard', () => {
    const a = ask(
      {
        element: 'cabinet',
        substrate: 'softwood',
        exposure: 'interior-grease',
        conditions: ['greasy', 'flaking', 'glossy'],
        builtYear: 1935,
        currentColour: '#d01020',
        areaM2: 8,
      },
      { wanted: { chemistry: 'waterborne', colour: '#f0eee6', sheen: 'satin', handling: 'heavy' } },
    );
    expect(a.system.steps.find((s) => s.kind === 'wash')!.family).toBe('degreaser');
    before(a, 'contain-lead', 'scrape');
    before(a, 'scrape', 'prime');
    before(a, 'rinse', 'degloss');
    for (const s of a.system.steps.filter((x) => ['sand', 'scrape', 'sand-between'].includes(x.kind)))
      expect(s.technique).toBe('wet');
    expect(primers(a)).toContain('shellac-primer');
    expect(kinds(a)).toEqual(expect.arrayContaining(['unhang', 'rehang', 'cure-hold']));
    expect(codes(a)).toEqual(expect.arrayContaining(['dry-sand-lead', 'waterborne-on-oil']));
    expect(a.alternatives.length).toBeGreaterThanOrEqual(3);
  });
  test('leak stain and mould on one ceiling: treat, dry, block the spot', () => {
    const a = ask(
      {
        element: 'ceiling',
        substrate: 'drywall',
        exposure: 'interior-wet',
        conditions: ['water-stain', 'mould'],
        builtYear: 2001,
        areaM2: 9,
        extents: { 'water-stain': { areaM2: 0.2 } },
      },
      { tests: [rub('transfer')] },
    );
    before(a, 'mould-treat', 'spot-prime');
    expect(chemistryOf(a.system.steps.find((s) => s.kind === 'spot-prime')!.family!)).not.toBe('waterborne');
    expect(codes(a)).toContain('paint-on-mould');
    expect(cautions(a)).toContain('bleach-mixing');
  });
  test('rot, peeling and end grain outside: look, cut out, seal the grain, then prime', () => {
    const a = ask(
      {
        element: 'sill',
        substrate: 'softwood',
        exposure: 'exterior-exposed',
        conditions: ['rot', 'peeling', 'end-grain'],
        builtYear: 1999,
        areaM2: 1.4,
      },
      { tests: [rub('transfer'), { kind: 'rot-probe', result: 'soft-deep' }, { kind: 'moisture-meter', value: 13 }] },
    );
    expect(codes(a)).toContain('paint-on-rot');
    before(a, 'inspect', 'scrape');
    before(a, 'pre-prime', 'prime');
    expect(a.system.steps.find((s) => s.kind === 'finish-coat')!.family).toMatch(/^exterior/);
  });
  test('smoke in a house where the smell must not linger: low odour, and still blocked', () => {
    const a = ask(
      { substrate: 'drywall', conditions: ['smoke', 'odour'], builtYear: 2003, areaM2: 40 },
      { tests: [rub('transfer')], wanted: { lowOdour: true } },
    );
    expect(primers(a)).toContain('low-odour-oil-primer');
    expect(kinds(a)).toContain('ventilate');
  });
  test('silicone and moving joints round a window: cut out, re-seal, stretch', () => {
    const a = ask(
      { element: 'trim', substrate: 'mdf', conditions: ['silicone', 'moving-joints'], builtYear: 2004, areaM2: 6 },
      { tests: [rub('transfer')], wanted: { sheen: 'flat' } },
    );
    before(a, 'remove-sealant', 'caulk');
    expect(a.system.steps.find((s) => s.kind === 'finish-coat')!.sheen).not.toBe('flat');
  });
  test('old distemper with flaking paint on it is washed and bound before anything else lies on it', () => {
    const a = ask(
      { substrate: 'lime-plaster', builtYear: 1880, conditions: ['chalking', 'flaking'], areaM2: 30 },
      {
        tests: [
          { kind: 'hand-wipe', result: 'heavy' },
          { kind: 'water-drop', result: 'soaks-in' },
        ],
      },
    );
    expect(a.finish[0]!.code).toBe('distemper');
    expect(primers(a)).toContain('penetrating-sealer');
    before(a, 'wash', 'prime');
  });
  test('a radiator with rust: to sound metal, and nothing that softens on heat', () => {
    const a = ask(
      {
        element: 'radiator',
        substrate: 'ferrous-metal',
        exposure: 'interior-hot',
        conditions: ['rust-stain', 'flaking'],
        areaM2: 2,
      },
      { tests: [rub('no-transfer')] },
    );
    expect(primers(a)).toContain('metal-primer');
    for (const f of primers(a)) expect(f).not.toMatch(/shellac/);
    expect(cautions(a)).toContain('hot-surface');
  });
  test('varnish with knots going pale: one blocker does both', () => {
    const a = ask(
      { substrate: 'softwood', builtYear: 1990, conditions: ['knots'], currentColour: '#b5803f', areaM2: 16 },
      { tests: [rub('no-transfer')], wanted: { colour: '#f4f1e8' } },
    );
    expect(primers(a).filter((f) => f === 'shellac-primer')).toHaveLength(1);
    expect(a.system.steps.find((s) => s.kind === 'prime')!.tint).toBe('white');
  });
  test('oak outside to be painted: tannin blocked without shellac at large', () => {
    const a = ask(
      { element: 'door', substrate: 'tannin-wood', exposure: 'exterior-exposed', isNew: true, areaM2: 4 },
      { wanted: { colour: '#20342c' } },
    );
    for (const s of a.system.steps.filter((x) => isCoat(x.kind) && x.scope !== 'spots'))
      expect(s.family).not.toBe('shellac-primer');
    expect(primers(a).length).toBeGreaterThan(0);
    expect(kinds(a)).toContain('close-opening');
    expect(cautions(a)).toContain('open-house');
  });
  test('fresh damp skim waits, and gets no board primer', () => {
    const a = ask(
      { isNew: true, substrateAgeMonths: 0.5, areaM2: 20 },
      { tests: [{ kind: 'moisture-meter', value: 19 }] },
    );
    expect(kinds(a)).toContain('dry-out');
    expect(codes(a)).toContain('paint-on-damp');
    expect(primers(a)).not.toContain('pva-primer');
  });
});

describe('a dado that differs above and below the rail', () => {
  const dado = () =>
    ask(
      { substrate: 'lime-plaster', builtYear: 1900, areaM2: 30 },
      {
        tests: [rub('transfer', 'above the rail'), rub('no-transfer', 'below the rail')],
        wanted: { chemistry: 'waterborne' },
      },
    );
  test('is primed below the rail and not above, finished over the whole', () => {
    const a = dado();
    const scoped = a.system.steps.filter((s) => s.scope === 'below the rail').map((s) => s.kind);
    expect(scoped).toEqual(expect.arrayContaining(['degloss', 'prime']));
    expect(a.system.steps.filter((s) => s.kind === 'finish-coat')).toHaveLength(1);
  });
  test('what is about the room is done once, whichever part asks for it', () => {
    const a = dado();
    for (const kind of ['protect', 'ventilate', 'contain-lead', 'clean-up'] as const) {
      const lines = a.system.steps.filter((s) => s.kind === kind);
      expect(lines).toHaveLength(1);
      expect(lines[0]!.scope).toBeUndefined();
    }
  });
  test('has its alternatives and blocks like any other face', () => {
    const a = dado();
    expect(a.alternatives.length).toBeGreaterThanOrEqual(3);
    expect(codes(a)).toEqual(expect.arrayContaining(['dry-sand-lead', 'waterborne-on-oil']));
  });
});
