import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readArea, sayArea, unfold, type Measure } from '@rustic/core';
import { blankMeasure, measureOf, saidOf, type MeasureSaid } from '../src/surfaceForm/measure.ts';
import { dragged, type Order } from '../src/jobs/order.ts';
import { sizeUnit } from '../src/surfaceForm/extents.ts';
import { readSurface, surfaceSaid, type SurfaceSaid } from '../src/surfaceForm/surfaceSaid.ts';
import { boxOf } from '../src/surface/exclusionBox.ts';
import { besideOf, testMade } from '../src/surface/testMade.ts';
import { madeOf, type RoomSaid } from '../src/walkround/roomSaid.ts';
import { seenOn, stopsOf } from '../src/walkround/stops.ts';
import { ticksOf } from '../src/walkround/ticks.ts';
import { walkOrder } from '../src/walkround/walkOrder.ts';
import { changesIn } from '../src/words/changes.ts';
import { readTyped, sayMetres } from '../src/words/length.ts';
import { sayClock } from '../src/words/time.ts';
import type { SurfaceBrief, TestRow, WholeJob } from '../src/store/endpoints.ts';
import { ourWords } from '../src/words/ourWords.ts';

const { sayStep } = ourWords({});

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

const AT = '2027-03-01T09:00:00Z';
const row = (id: string, test: TestRow['test'], more: Partial<TestRow> = {}): TestRow => ({
  id,
  jobId: 'j',
  surfaceId: 's',
  withdrawn: null,
  test,
  byName: 'Ada Thirle',
  at: AT,
  corrects: null,
  note: '',
  mark: null,
  ...more,
});
const surface = (id: string, roomId: string, more: Partial<SurfaceBrief> = {}) =>
  ({
    id,
    roomId,
    name: `Surface ${id}`,
    facts: { element: 'window', substrate: 'softwood' },
    tests: [],
    conditions: [],
    exclusions: [],
    lastCoatAt: null,
    ...more,
  }) as unknown as SurfaceBrief;

describe('sizes as they are typed', () => {
  test('a bare number is metres or feet, as the person reads', () => {
    expect(readTyped('3', 'metric')).toBe(3);
    expect(readTyped('10', 'us')).toBeCloseTo(3.048, 6);
    expect(readTyped('320 cm', 'us')).toBeCloseTo(3.2, 6);
  });
  test('areas in either unit, and what cannot be read', () => {
    expect(readArea('12,5', 'metric')).toBe(12.5);
    expect(readArea('12.5 m²', 'us')).toBe(12.5);
    expect(readArea('100', 'us')).toBeCloseTo(9.29, 2);
    expect(readArea('100 sq ft', 'metric')).toBeCloseTo(9.29, 2);
    expect(readArea('-3', 'metric')).toBe(-3);
    for (const text of ['', 'large', '3 x 4']) expect(readArea(text, 'metric')).toBeNull();
  });
  test('said again as they are read', () => {
    expect(sayArea(9.29, 'us')).toBe('100 sq ft');
    expect(sayArea(9.294, 'metric')).toBe('9.29 m²');
    expect(sayMetres(2.4, 'us')).toBe(`7' 10 1/2"`);
  });
  test('a measure of any shape is read as it was said, to the tape', () => {
    const m = fc.integer({ min: 110, max: 900 }).map((cm) => cm / 100);
    const measures = fc
      .tuple(m, m, fc.integer({ min: 1, max: 60 }), fc.boolean())
      .chain(([widthM, heightM, count, on]) =>
        fc.constantFrom<Measure>(
          { widthM, heightM, count, bothSides: on, openings: [{ widthM: 0.9, heightM: 0.8, count: 1 }] },
          { shape: 'moulding', moulding: 'dado-rail', lengthM: widthM, count, ...(on ? { girthM: 0.127 } : {}) },
          { shape: 'spindles', section: 'turned', heightM, thicknessM: 0.0381, count },
          { shape: 'doors', pattern: 'six-panel', widthM, heightM, count, bothSides: on },
          { shape: 'windows', pattern: 'sash', widthM, heightM, count, bothSides: on },
          { shape: 'siding', widthM, heightM, showsM: 0.1524, thickM: 0.0191, openings: [] },
          { shape: 'radiators', widthM, heightM, panels: 2, finned: on, count },
        ),
      );
    fc.assert(
      fc.property(measures, fc.constantFrom('metric' as const, 'us' as const), (measure, units) => {
        const read = measureOf(saidOf(measure, units), units) as unknown as Record<string, unknown>;
        for (const [name, value] of Object.entries(measure))
          if (typeof value === 'number') expect(read[name]).toBeCloseTo(value, 2);
          else if (name !== 'openings') expect(read[name]).toEqual(value);
        expect(read['openings']).toEqual('openings' in measure ? expect.any(Array) : undefined);
      }),
    );
  });
  const said = (width: string, height: string, openings: MeasureSaid['openings'] = []): MeasureSaid => {
    const blank = saidOf(null, 'metric');
    return { ...blank, text: { ...blank.text, widthM: width, heightM: height }, openings };
  };
  test('nothing typed is no measure; half of one says which half is missing', () => {
    expect(measureOf(said('', ''), 'metric')).toBeNull();
    expect(measureOf(blankMeasure('moulding', 'metric'), 'metric')).toBeNull();
    expect(measureOf(said('3', ''), 'metric')).toEqual({ fault: expect.stringContaining('Height') });
    expect(measureOf(said('wide', '2'), 'metric')).toEqual({ fault: expect.stringContaining('Width') });
    const opening = { width: '1', height: '', count: '1' };
    expect(measureOf(said('3', '2', [opening]), 'metric')).toEqual({ fault: expect.stringContaining('opening') });
    const large = { width: '3', height: '3', count: '1' };
    expect(measureOf(said('3', '2', [large]), 'metric')).toEqual({ fault: expect.stringContaining('openings') });
  });
});

describe('the form of a surface', () => {
  const form = (said: Partial<SurfaceSaid>): SurfaceSaid => ({
    ...surfaceSaid(undefined, 'metric'),
    name: ' Door ',
    element: 'door',
    substrate: 'softwood',
    ...said,
  });
  test('reads what was said, keeps what it does not show, and leaves out what was not said', () => {
    const was = {
      facts: { element: 'door', substrate: 'softwood', currentColours: ['#112233'] },
      wanted: { maxNightsOut: 1 },
    };
    const read = readSurface(
      form({
        area: '4,5',
        knowsColour: true,
        currentColour: '#efe9d8',
        conditions: ['mould'],
        extents: { mould: '0,3' },
        groundMonths: '3',
        lowOdour: true,
      }),
      was as never,
      'metric',
    );
    expect(read).toMatchObject({
      name: 'Door',
      campaign: null,
      facts: {
        areaM2: 4.5,
        currentColour: '#efe9d8',
        currentColours: ['#112233'],
        substrateAgeMonths: 3,
        extents: { mould: { areaM2: 0.3 } },
      },
      wanted: { maxNightsOut: 1, lowOdour: true, distressed: false, leaveBare: false, sheen: null, colour: null },
    });
    expect(read.facts).not.toHaveProperty('currentFinish');
  });
  test('what stands of a surface is shown, and read back as it was', () => {
    const facts = {
      element: 'sill' as const,
      substrate: 'hardwood' as const,
      exposure: 'exterior-exposed' as const,
      texture: 'smooth' as const,
      conditions: ['rot' as const],
      areaM2: 0.8,
      currentColour: '#aabbcc',
      isNew: null,
      extents: { rot: { areaM2: 0.1 } },
      substrateAgeMonths: 14,
    };
    const wanted = { sheen: 'gloss', colour: null, chemistry: null, family: null, handling: 'heavy', lowOdour: true };
    const surface = { name: 'Sill', campaign: 'front', access: 'ladder', version: 3, facts, wanted } as never;
    const said = surfaceSaid(surface, 'metric');
    expect(said).toMatchObject({ version: 3, area: '0.8', knowsColour: true, wantsColour: false, groundMonths: '14' });
    expect(readSurface(said, surface, 'metric')).toEqual({
      name: 'Sill',
      campaign: 'front',
      access: 'ladder',
      colourNamed: null,
      facts,
      wanted: { ...wanted, distressed: false, leaveBare: false },
    });
  });
  test('a size that was rubbed out is not known again; one of a flag that is not shown stays', () => {
    const was = { facts: { extents: { rot: { areaM2: 1 }, gaps: { lengthM: 3 } } }, wanted: {} } as never;
    const read = readSurface(form({ conditions: ['rot', 'gaps'], extents: { rot: ' ', gaps: '3' } }), was, 'metric');
    expect(read.facts.extents).toEqual({ gaps: { lengthM: 3 } });
    expect(readSurface(form({ conditions: ['rot'], extents: { rot: '1' } }), was, 'metric').facts.extents).toEqual({
      rot: { areaM2: 1 },
      gaps: { lengthM: 3 },
    });
  });
  test('a size is typed in the units of the firm, by area or along its length', () => {
    const said = form({
      conditions: ['wax', 'substrate-crack', 'knots'],
      extents: { wax: '2', 'substrate-crack': '10', knots: '9' },
    });
    expect(readSurface(said, undefined, 'metric').facts.extents).toEqual({
      wax: { areaM2: 2 },
      'substrate-crack': { lengthM: 10 },
    });
    const feet = readSurface(said, undefined, 'us').facts.extents!;
    expect(feet.wax!.areaM2).toBeCloseTo(0.19, 2);
    expect(feet['substrate-crack']!.lengthM).toBeCloseTo(3.048, 3);
    expect([sizeUnit('wax', 'us'), sizeUnit('substrate-crack', 'us'), sizeUnit('knots', 'us')]).toEqual([
      'sq ft',
      'ft',
      null,
    ]);
  });
  test('a size that nobody touched stays to the letter, whatever it is shown in', () => {
    const facts = {
      element: 'wall',
      substrate: 'drywall',
      areaM2: 12.3,
      conditions: ['wax'],
      extents: { wax: { areaM2: 0.2 } },
    };
    const surface = { name: 'Wall', version: 1, facts, wanted: {} } as never;
    const said = surfaceSaid(surface, 'us');
    expect([said.area, said.extents.wax]).toEqual(['132', '2']);
    expect(readSurface(said, surface, 'us').facts).toMatchObject({ areaM2: 12.3, extents: { wax: { areaM2: 0.2 } } });
  });
  test('a size that cannot be read is sent on to be refused, not dropped', () => {
    expect(readSurface(form({ area: 'large' }), undefined, 'metric').facts.areaM2).toBeNaN();
  });
});

describe('order by drag', () => {
  const order: Order = {
    rooms: ['r1', 'r2'],
    surfaces: [
      { id: 'a', roomId: 'r1' },
      { id: 'b', roomId: 'r1' },
      { id: 'c', roomId: 'r2' },
    ],
  };
  test('a surface before another takes its room as well', () => {
    expect(dragged(order, 'a', 'c').surfaces).toEqual([
      { id: 'b', roomId: 'r1' },
      { id: 'c', roomId: 'r2' },
      { id: 'a', roomId: 'r2' },
    ]);
  });
  test('onto a room it goes last in it; a room onto a surface goes to that surface’s room', () => {
    expect(dragged(order, 'a', 'r2').surfaces.at(-1)).toEqual({ id: 'a', roomId: 'r2' });
    expect(dragged(order, 'r1', 'c').rooms).toEqual(['r2', 'r1']);
  });
  test('nothing is lost or doubled, whatever is dragged where', () => {
    const ids = ['r1', 'r2', 'a', 'b', 'c'];
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...ids), fc.constantFrom(...ids)), { maxLength: 12 }), (moves) => {
        const end = moves.reduce((o, [from, to]) => dragged(o, from, to), order);
        expect([...end.rooms].sort()).toEqual(['r1', 'r2']);
        expect(end.surfaces.map((s) => s.id).sort()).toEqual(['a', 'b', 'c']);
        expect(end.surfaces.every((s) => end.rooms.includes(s.roomId))).toBe(true);
      }),
    );
  });
});

describe('the record of a test', () => {
  const beside = besideOf(null);
  test('carries what its kind asks for and nothing else', () => {
    const all = {
      ...beside,
      place: ' by the door ',
      yellowed: true,
      plane: 'primer' as const,
      layers: ['waterborne' as const, 'oil' as const],
      scale: 'gypsum' as const,
      young: true,
      family: 'oil-primer' as const,
      coats: '2',
      waited: '1.5 days',
    };
    expect(testMade('spirit-rub', { result: 'transfer' }, all)).toEqual({
      kind: 'spirit-rub',
      result: 'transfer',
      place: 'by the door',
      plane: 'primer',
    });
    expect(testMade('chip-look', {}, all)).toEqual({
      kind: 'chip-look',
      place: 'by the door',
      layers: ['waterborne', 'oil'],
    });
    expect(testMade('moisture-meter', { value: 0.6 }, all)).toMatchObject({ value: 0.6, scale: 'gypsum' });
    expect(testMade('sheen-look', { result: 'gloss' }, all)).toEqual({
      kind: 'sheen-look',
      result: 'gloss',
      place: 'by the door',
      yellowed: true,
    });
    expect(testMade('blade-lift', { result: 'chips' }, all)).toMatchObject({ plane: 'primer', filmAgeHours: 24 });
    expect(testMade('test-patch', { result: 'covers' }, all)).toMatchObject({
      family: 'oil-primer',
      coats: 2,
      minutes: 2160,
    });
  });
  test('nothing is assumed where nothing was said', () => {
    expect(testMade('cross-cut', { grade: 1 }, beside)).toEqual({ kind: 'cross-cut', grade: 1 });
  });
  test('a correction begins from the record it corrects', () => {
    const was = row('t', {
      kind: 'test-patch',
      result: 'covers',
      family: 'oil-primer',
      coats: 2,
      minutes: 2880,
      place: 'left',
    });
    expect(besideOf(was)).toMatchObject({
      place: 'left',
      family: 'oil-primer',
      coats: '2',
      waited: '2 days',
      young: false,
    });
  });
});

describe('a whole room as it is typed', () => {
  const said: RoomSaid = {
    outside: false,
    length: '4',
    width: '3',
    height: '2.4',
    windows: 1,
    doors: 1,
    ceiling: true,
    walls: true,
    trim: true,
    exposure: 'interior-dry',
    ground: 'skim-plaster',
    timber: 'softwood',
  };
  const read = (text: string) => readTyped(text, 'metric');
  test('waits for its sizes, then says its surfaces', () => {
    expect(madeOf({ ...said, width: '' }, read)).toBeNull();
    expect(madeOf({ ...said, height: 'high' }, read)).toBeNull();
    expect(madeOf(said, read)!.surfaces.map((s) => s.name)).toEqual([
      'Ceiling',
      'Walls',
      'Skirting and trim',
      'Window',
      'Door',
    ]);
  });
  test('outside it is an elevation, of siding where it is timber', () => {
    const out = { ...said, outside: true, width: '' };
    expect(madeOf({ ...out, ground: 'render' }, read)!.surfaces[0]!.element).toBe('masonry');
    expect(madeOf({ ...out, ground: 'softwood' }, read)!.surfaces[0]!.element).toBe('siding');
    expect(madeOf(out, read)!.sketch.walls).toHaveLength(1);
  });
});

describe('on the sketch', () => {
  test('two taps are a box, whichever corners they were; two walls or one line are none', () => {
    const a = { wall: 1, x: 2, y: 0.5 };
    const b = { wall: 1, x: 1.2, y: 1.7 };
    expect(boxOf(a, b)).toEqual({ wall: 1, x: 1.2, y: 0.5, widthM: 0.8, heightM: 1.2 });
    expect(boxOf(b, a)).toEqual(boxOf(a, b));
    expect(boxOf(a, { ...b, wall: 2 })).toBeNull();
    expect(boxOf(a, { ...b, x: 2 })).toBeNull();
  });
  test('ticks are numbered in the order of time; what was corrected is not drawn', () => {
    const mark = { wall: 0, x: 1, y: 1 };
    const rub = { kind: 'spirit-rub' as const, result: 'transfer' };
    const data = {
      surfaces: [
        surface('a', 'r', {
          tests: [
            row('late', rub, { mark, at: '2027-03-01T11:00:00Z' }),
            row('wrong', rub, { mark }),
            row('right', rub, { mark, corrects: 'wrong' }),
            row('nowhere', rub),
          ],
        }),
        surface('b', 'other', { tests: [row('elsewhere', rub, { mark })] }),
      ],
      photos: [{ id: 'p', roomId: 'r', mark, note: 'under the sill', at: '2027-03-01T10:00:00Z', byName: 'Mei' }],
    } as unknown as WholeJob;
    const ticks = ticksOf(data, 'r');
    expect(ticks.map((t) => [t.n, t.id, t.kind])).toEqual([
      [1, 'right', 'test'],
      [2, 'p', 'photo'],
      [3, 'late', 'test'],
    ]);
    expect(ticks[0]!.words).toBe('Surface a: Spirit rub: colour on the rag');
  });
});

describe('the walk and the round', () => {
  const rooms = [
    { id: 'r1', name: 'Hall', kind: 'room', facing: null },
    { id: 'r2', name: 'South', kind: 'elevation', facing: 'south' },
  ];
  test('is walked room by room, in the order of the rooms', () => {
    const data = {
      rooms,
      surfaces: [surface('c', 'r2'), surface('a', 'r1'), surface('b', 'r1')],
    } as unknown as WholeJob;
    expect(walkOrder(data).map((s) => s.id)).toEqual(['a', 'b', 'c']);
  });
  test('the last standing reading counts, and the age of the film from the last coat', () => {
    const s = surface('a', 'r2', {
      tests: [
        row('1', { kind: 'moisture-meter', value: 28 }),
        row('2', { kind: 'moisture-meter', value: 12 }, { corrects: '1' }),
        row('3', { kind: 'blade-lift', result: 'lifts-in-sheet', plane: 'between-coats' }),
      ],
      lastCoatAt: '2025-03-01T00:00:00Z',
    });
    const seen = seenOn(s, { facing: 'south' }, 'northern', Date.parse('2027-03-01T00:00:00Z'));
    expect(seen).toMatchObject({ moisture: 12, plane: 'between-coats', facesSun: true, rot: null });
    expect(seen.filmYears).toBeCloseTo(2, 1);
  });
  test('only elevations are on the round, and only what is wrong has a cause', () => {
    const wet = surface('w', 'r2', {
      tests: [row('1', { kind: 'moisture-meter', value: 30 })],
      facts: { element: 'sill', substrate: 'softwood', exposure: 'exterior-exposed' },
    });
    const data = { rooms, surfaces: [surface('in', 'r1'), wet, surface('ok', 'r2')] } as unknown as WholeJob;
    const stops = stopsOf(data, 'northern', Date.now());
    expect(stops.some((s) => s.surface.id === 'in')).toBe(false);
    expect(stops.find((s) => s.surface.id === 'w')!.cause!.words).toContain('water');
    expect(stops.filter((s) => s.surface.id === 'ok').every((s) => s.cause === null)).toBe(true);
  });
});

describe('words', () => {
  test('a short wait is said as a clock counts it, a long one as a length', () => {
    expect([30, 60, 125].map(sayClock)).toEqual(['0:30', '1:00', '2:05']);
    expect(sayClock(86_400)).toBe('1 day');
  });
  test('what a finding changes, in a sentence', () => {
    const changes = {
      added: [{ kind: 'repair' as const, family: 'exterior-filler' as const, why: [] }],
      removed: [{ kind: 'dust-off' as const, why: [] }],
      minutes: 72,
      cost: 4550,
    };
    expect(changesIn({ changes }, 'GBP', sayStep)).toBe(
      'It changes the system: adds repair: two-part exterior filler, drops dust off, +1.2 h, +£45.50.',
    );
    expect(changesIn({ changes: { added: [], removed: [], minutes: 0, cost: 0 } }, 'GBP', sayStep)).toContain(
      'nothing',
    );
  });
  test('an unfolded room names its walls', () => {
    const room = { lengthM: 4, widthM: 3, heightM: 2.4, windows: 1, doors: 1 };
    expect(unfold(room).walls.map((w) => w.name)).toEqual(['first wall', 'second wall', 'third wall', 'fourth wall']);
  });
});
