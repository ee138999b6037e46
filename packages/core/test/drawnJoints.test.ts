import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  assess,
  assessSchema,
  BEAD_READINGS,
  BEAD_STATES,
  beadOdds,
  caseOf,
  FAMILIES,
  JOINT_FILLS,
  jointOf,
  jointPlan,
  JOINT_SIDES,
  jointWays,
  nextReading,
  priceJob,
  priceOn,
  readBy,
  REMEDIES,
  stepWords,
  useOf,
  USUAL_SETTINGS,
  type Joint,
  type JointSaid,
} from '../src/index.ts';
import { READING_ROWS } from '../src/joints/knowledge/readings.ts';

const WALL = {
  element: 'wall',
  substrate: 'skim-plaster',
  areaM2: 20,
  currentFinish: 'waterborne-acrylic',
  builtYear: 2004,
};
const joint = (side: string, otherSide: string, more: object = {}) =>
  ({ side, otherSide, lengthM: 4, widthMm: 4, ...more }) as JointSaid;
const question = (joints: readonly JointSaid[], surface: object = {}, houseRules: object = {}) => ({
  surface: { ...WALL, ...surface },
  joints,
  wanted: { colour: '#ffffff' },
  houseRules,
});
const read = (...asked: Parameters<typeof question>) => caseOf(readBy(assessSchema, question(...asked)));
const plan = (said: JointSaid, outside = false) => jointPlan(jointOf(said), outside, { silicone: 'cut-out' });
const SILICONE = joint('wall', 'frame', { holds: 'silicone' });

describe('what a bead is of', () => {
  test('every reading is one of its outcomes, whatever the bead is of', () => {
    for (const rows of Object.values(READING_ROWS))
      for (const bead of [0, 1, 2, 3])
        expect(Object.values(rows).reduce((sum, row) => sum + row[bead]!, 0)).toBeCloseTo(1, 9);
  });
  test('follows from what was read of it, as a hand reckons it', () => {
    // Inside, 12 in 100 are silicone, 80 acrylic, 5 hybrid, 3 putty; dull are .12, .75, .35, .8 of them.
    const dull = beadOdds(jointOf(joint('wall', 'trim', { holds: 'unread', shine: 'dull' })), false)!;
    const weights = [0.12 * 0.12, 0.8 * 0.75, 0.05 * 0.35, 0.03 * 0.8];
    expect(dull.silicone).toBeCloseTo(weights[0]! / weights.reduce((a, b) => a + b), 9);
    expect(plan(joint('wall', 'trim', { holds: 'unread', shine: 'dull' })).known).toBe('takes-paint');
    expect(plan(joint('wall', 'trim', { holds: 'unread', shine: 'shiny' })).known).toBe('unknown');
    expect(plan(joint('wall', 'trim', { holds: 'unread', shine: 'shiny', dab: 'beads' })).known).toBe('silicone');
  });
  test('what is cheap to look at is asked first, and a dab decides what all of it left open', () => {
    const open = jointOf(joint('wall', 'frame', { holds: 'unread', shine: 'slight', flex: 'springs-back' }));
    expect(nextReading(open, false)).toBe('oldPaint');
    const left = { ...open, oldPaint: 'none', smell: 'none' } as const;
    expect(nextReading(left, false)).toBe('dab');
    expect(nextReading({ ...left, dab: 'beads' }, false)).toBeNull();
    expect(nextReading(jointOf(joint('wall', 'frame')), false)).toBeNull();
  });
});

describe('what belongs into a joint', () => {
  test.each<[string, JointSaid, boolean, (typeof FAMILIES)[number] | null]>([
    ['bath to tile', joint('bath', 'tile'), false, 'silicone-sealant'],
    ['worktop to a painted wall', joint('worktop', 'wall'), false, 'silicone-sealant'],
    [
      'bath to a wall that is painted down to it',
      joint('bath', 'wall', { painted: true }),
      false,
      'paintable-hybrid-sealant',
    ],
    ['stone sill to tile, in a shower', joint('stone', 'tile', { wet: true }), false, 'silicone-sealant'],
    ['skirting to wall', joint('trim', 'wall', { widthMm: 2 }), false, 'acrylic-caulk'],
    ['architrave to wall, a wide gap', joint('trim', 'wall', { widthMm: 8 }), false, 'elastomeric-caulk'],
    ['ceiling to wall that opens each winter', joint('ceiling', 'wall', { moves: true }), false, 'elastomeric-caulk'],
    ['a mitre of skirting', joint('trim', 'trim', { widthMm: 1 }), false, 'filler'],
    ['stile to rail of a door outside', joint('frame', 'frame', { widthMm: 1 }), true, 'elastomeric-caulk'],
    ['timber frame to brick', joint('frame', 'masonry'), true, 'elastomeric-caulk'],
    [
      'plastic frame to render that is painted',
      joint('plastic', 'masonry', { painted: true }),
      true,
      'paintable-hybrid-sealant',
    ],
    ['plastic frame to render, left', joint('plastic', 'masonry'), true, 'silicone-sealant'],
    ['skirting to floor', joint('trim', 'floor'), false, 'paintable-hybrid-sealant'],
    ['a hole beside a pipe', joint('wall', 'metal', { widthMm: 40 }), false, null],
  ])('%s', (_what, said, outside, family) => expect(plan(said, outside).family).toBe(family));
  test('a wide one gets a rod, and one that stains says how it has to cure', () => {
    expect(plan(joint('frame', 'masonry', { widthMm: 12 }), true).rod).toBe(true);
    expect(plan(joint('frame', 'masonry', { widthMm: 6 }), true).rod).toBe(false);
    expect(plan(joint('stone', 'bath')).why).toContain('neutral');
    expect(plan(joint('tile', 'bath')).why).toContain('goes black');
  });
  test('what somebody says of a joint goes before what is usual', () => {
    const said = jointOf(joint('bath', 'wall', { wet: false, painted: true, moves: false }));
    expect(useOf(said, false)).toMatchObject({ wet: false, painted: true, moves: false });
    expect(useOf(jointOf(joint('wall', 'trim')), true).moves).toBe(true);
  });
});

describe('what is done along joints', () => {
  const words = (...asked: Parameters<typeof question>) => read(...asked).made.steps.map(stepWords);
  const kinds = (...asked: Parameters<typeof question>) => read(...asked).made.steps.map((s) => s.kind);

  test('each is done by itself, and silicone comes last', () => {
    const steps = read([joint('trim', 'wall', { lengthM: 12 }), joint('bath', 'wall', { lengthM: 1.7 })]).made.steps;
    const caulk = steps.filter((s) => s.kind === 'caulk');
    expect(caulk.map((s) => [s.family, s.joints!.map((j) => j.lengthM)])).toEqual([
      ['acrylic-caulk', [12]],
      ['silicone-sealant', [1.7]],
    ]);
    expect(steps.indexOf(caulk[1]!)).toBeGreaterThan(steps.findIndex((s) => s.kind === 'finish-coat'));
    expect(steps.indexOf(caulk[0]!)).toBeLessThan(steps.findIndex((s) => s.kind === 'finish-coat'));
    expect(stepWords(caulk[0]!)).toBe('Caulk, 12.0 m of joint: acrylic caulk');
  });
  test('silicone that would be painted comes out, is wiped, and is sealed with what grips on its trace', () => {
    const { steps } = read([SILICONE]).made;
    expect(steps.flatMap((s) => (s.joints ? [s.kind] : []))).toEqual(['remove-sealant', 'solvent-wipe', 'caulk']);
    expect(steps.find((s) => s.kind === 'caulk')!.family).toBe('paintable-hybrid-sealant');
  });
  test('silicone beside a bath stays where it is sound, taped off, and blocks no paint', () => {
    const sound = question([joint('bath', 'wall', { holds: 'silicone' })]);
    expect(assess(sound).blocks).toEqual([]);
    expect(kinds(sound.joints)).toEqual(expect.arrayContaining(['mask', 'unmask']));
    expect(kinds(sound.joints)).not.toContain('remove-sealant');
    const black = [joint('bath', 'wall', { holds: 'silicone', state: 'mouldy' })];
    expect(words(black)).toEqual(
      expect.arrayContaining(['Cut out the sealant, 4.0 m of joint', 'Caulk, 4.0 m of joint: silicone sealant']),
    );
    expect(assess(question(black)).blocks).toEqual([]);
  });
  test('a bead that nobody knows keeps paint off until it is read', () => {
    const unread = joint('wall', 'frame', { holds: 'unread', shine: 'shiny' });
    const open = assess(question([unread]));
    expect(open.blocks.map((b) => b.code)).toEqual(['paint-on-silicone']);
    expect(open.nextTest?.kind).toBe('paint-dab');
    expect(assess(question([{ ...unread, dab: 'wets', flex: 'dents' }])).blocks).toEqual([]);
  });
  test('one that was read takes the place of the flag, and silicone that was flagged elsewhere stands', () => {
    const acrylic = joint('wall', 'trim', { holds: 'acrylic' });
    expect(assess(question([acrylic], { conditions: ['sealant-unknown'] })).blocks).toEqual([]);
    expect(assess(question([acrylic], { conditions: ['silicone'] })).blocks.map((b) => b.code)).toEqual([
      'paint-on-silicone',
    ]);
    const flagged = read([joint('wall', 'trim')], { conditions: ['gaps'], extents: { gaps: { lengthM: 30 } } });
    expect(flagged.made.steps.filter((s) => s.kind === 'caulk').map((s) => s.joints)).toEqual([
      [{ lengthM: 4, widthMm: 4, colour: '', rod: false }],
    ]);
  });
  test('the house rule is heard, what was decided on a joint goes before it, and what stays is not guaranteed', () => {
    const bridged = question([SILICONE], {}, { silicone: 'bridge' });
    expect(kinds(bridged.joints, {}, { silicone: 'bridge' })).not.toContain('remove-sealant');
    expect(assess(bridged).holds.guaranteeMonths).toBeNull();
    const decided = [{ ...SILICONE, remedy: 'cut-out' as const }];
    expect(kinds(decided, {}, { silicone: 'bridge' })).toContain('remove-sealant');
    expect(assess(question(decided, {}, { silicone: 'bridge' })).holds.guaranteeMonths).not.toBeNull();
  });
  test('one bead bridged among many that are cut out is told of', () => {
    const all = assess(question([SILICONE, SILICONE]));
    const one = assess(question([SILICONE, { ...SILICONE, remedy: 'bridge' }]));
    // Paint does not crawl on the bridge; the bridge lets go of what is under it.
    const peels = (a: typeof all) => a.holds.faults.find((f) => f.fault === 'peels')?.odds ?? 0;
    expect(peels(one)).toBeGreaterThan(peels(all) + 0.01);
    expect(one.holds.guaranteeMonths).toBeNull();
  });
  test('a bead that is cut out beside the bath takes nothing from one that is bridged on the wall', () => {
    const bath = joint('bath', 'wall', { holds: 'silicone', state: 'mouldy' });
    const often = (...joints: JointSaid[]) => assess(question(joints)).holds.callBackAYear;
    const bridged: JointSaid = { ...SILICONE, remedy: 'bridge' };
    expect(often(bridged, bath)).toBeGreaterThan(often(SILICONE, bath) + 0.05);
  });
  test('what is too wide is closed by another hand first', () => {
    const { steps } = read([joint('wall', 'metal', { widthMm: 60 })]).made;
    expect(steps.some((s) => s.kind === 'caulk')).toBe(false);
    expect(steps.find((s) => s.kind === 'inspect')?.why.join(' ')).toContain('too wide for a bead');
  });
});

describe('what is bought for joints', () => {
  const bought = (joints: readonly JointSaid[]) => {
    const { c, made } = read(joints);
    return Object.fromEntries(
      priceJob([{ surfaceId: 'a', c, steps: made.steps }], USUAL_SETTINGS).sundries.map((s) => [s.words, s.count]),
    );
  };
  test('cartridges go by length, width and colour', () => {
    // 60 m of 4 mm: 60 × 4 × 4 × 0.83 = 796.8 ml, which is 2.6 cartridges of 310 ml.
    expect(bought([joint('trim', 'wall', { lengthM: 60 })])['decorators’ caulk, 310 ml']).toBe(3);
    const two = bought([
      joint('bath', 'tile', { colour: 'white' }),
      joint('worktop', 'tile', { colour: 'grey' }),
      joint('basin', 'tile', { colour: 'white' }),
    ]);
    expect(two['silicone for wet rooms, mould-proof, 310 ml, white']).toBe(1);
    expect(two['silicone for wet rooms, mould-proof, 310 ml, grey']).toBe(1);
  });
  test('a wide one takes its rod, and half as deep a bead as it is wide', () => {
    // 20 m of 16 mm: 20 × 16 × 8 × 0.83 = 2,124.8 ml, which is 6.9 cartridges; two coils of rod.
    const wide = bought([joint('wall', 'ceiling', { lengthM: 20, widthMm: 16, moves: true })]);
    expect(wide['elastic caulk, 310 ml']).toBe(7);
    expect(wide['rod for wide joints, 10 m']).toBe(2);
  });
});

describe('the ways with a bead that is there', () => {
  test('cutting out costs most and comes back least; bridging is cheap and does not hold', () => {
    const ways = new Map(jointWays(read([SILICONE]).c, 0).map((w) => [w.remedy, w]));
    expect([...ways.keys()]).toEqual(['leave', 'cut-out', 'bridge', 'block']);
    expect(ways.get('cut-out')!.cost).toBeGreaterThan(ways.get('bridge')!.cost);
    expect(ways.get('bridge')!.callBackAYear).toBeGreaterThan(ways.get('block')!.callBackAYear);
    expect(ways.get('block')!.callBackAYear).toBeGreaterThan(ways.get('cut-out')!.callBackAYear);
    expect(ways.get('bridge')!.guaranteeMonths).toBeNull();
    expect(ways.get('bridge')!.risk!.odds).toBeGreaterThan(0.2);
    expect(ways.get('block')!.waitingMin).toBeGreaterThan(1440);
  });
  test('what a way adds is what the surface costs with the joint and without it', () => {
    const { c, made } = read([SILICONE]);
    const none = read([]);
    const cutOut = jointWays(c, 0).find((w) => w.remedy === 'cut-out')!;
    expect(cutOut.cost).toBe(priceOn(c, made.steps).cost - priceOn(none.c, none.made.steps).cost);
  });
  test('where nothing is painted over it, it is left or cut out; an open joint asks nothing', () => {
    const remedies = (said: JointSaid) => jointWays(read([said]).c, 0).map((w) => w.remedy);
    expect(remedies(joint('bath', 'tile', { holds: 'silicone' }))).toEqual(['leave', 'cut-out']);
    expect(remedies(joint('wall', 'trim'))).toEqual([]);
  });
});

const orNull = <T>(values: readonly T[]) => fc.constantFrom(null, ...values);
const anyJoint: fc.Arbitrary<Joint> = fc.record({
  side: fc.constantFrom(...JOINT_SIDES),
  otherSide: fc.constantFrom(...JOINT_SIDES),
  lengthM: fc.integer({ min: 1, max: 40 }),
  widthMm: fc.integer({ min: 1, max: 30 }),
  holds: fc.constantFrom(...JOINT_FILLS),
  state: fc.constantFrom(...BEAD_STATES),
  shine: orNull(BEAD_READINGS.shine),
  flex: orNull(BEAD_READINGS.flex),
  smell: orNull(BEAD_READINGS.smell),
  oldPaint: orNull(BEAD_READINGS.oldPaint),
  dab: orNull(BEAD_READINGS.dab),
  moves: orNull([true, false]),
  wet: orNull([true, false]),
  painted: orNull([true, false]),
  colour: fc.constantFrom('', 'white'),
  remedy: orNull(REMEDIES),
});

describe('whatever the joints are', () => {
  test('there is an answer, silicone is never laid under paint, and what is unknown or stays is never guaranteed', () => {
    fc.assert(
      fc.property(fc.array(anyJoint, { minLength: 1, maxLength: 5 }), fc.boolean(), (joints, outside) => {
        const surface = outside ? { exposure: 'exterior-exposed' } : {};
        const { c, made } = read(joints, surface);
        const last = made.steps.findLastIndex((s) => s.kind === 'finish-coat');
        made.steps.forEach((s, at) => {
          if (s.family === 'silicone-sealant') expect(at).toBeGreaterThan(last);
          expect(s.why.length).toBeGreaterThan(0);
        });
        const acts = joints.map((one) => jointPlan(one, outside, { silicone: 'cut-out' }).act);
        const answer = assess(question(joints, surface));
        if (acts.some((act) => act === 'find-out'))
          expect(answer.blocks.map((b) => b.code)).toContain('paint-on-silicone');
        if (acts.some((act) => act === 'bridge' || act === 'block')) expect(answer.holds.guaranteeMonths).toBeNull();
        expect(priceOn(c, made.steps).cost).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
  });
  test('a longer joint never costs less, and cutting out never comes back oftener than bridging', () => {
    fc.assert(
      fc.property(anyJoint, (one) => {
        const costOf = (said: Joint) => {
          const { c, made } = read([said]);
          return priceOn(c, made.steps).cost;
        };
        expect(costOf({ ...one, lengthM: one.lengthM * 2 })).toBeGreaterThanOrEqual(costOf(one));
        const silicone = { ...one, holds: 'silicone' as const, painted: true };
        const oftenIf = (remedy: Joint['remedy']) => assess(question([{ ...silicone, remedy }])).holds.callBackAYear;
        expect(oftenIf('cut-out')).toBeLessThanOrEqual(oftenIf('bridge'));
      }),
      { numRuns: 50 },
    );
  });
});
