import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  areaOfMeasure,
  ELEMENTS,
  facesSun,
  likelyCauses,
  measureFault,
  readLength,
  ROUND_PLACES,
  roundOf,
  sayLengthM,
  unfold,
  unfoldedAt,
  wholeElevation,
  wholeRoom,
  type RoundSeen,
} from '../src/index.ts';

fc.configureGlobal({ seed: 20270301, endOnFailure: true });

describe('lengths as people write them', () => {
  test.each([
    ['3.2', 3.2],
    ['3,2', 3.2],
    ['3.2 m', 3.2],
    ['320 cm', 3.2],
    ['3200mm', 3.2],
    ['3 m 20 cm', 3.2],
    [`10'`, 3.048],
    [`10' 6"`, 3.2004],
    ['10 ft 6 in', 3.2004],
    ['10 feet 6 1/2 inches', 3.2131],
    ['6 1/2"', 0.1651],
    ['1/2 in', 0.0127],
    [`10' 6`, 3.2004],
  ])('%s', (text, metres) => expect(readLength(text)).toBeCloseTo(metres, 6));
  test.each(['', 'wide', '3 x 4', '-2', '2 cm 1 m', '3.2 parsecs', '1 2 3', `6" 10'`])('"%s" is none', (text) =>
    expect(readLength(text)).toBeNull(),
  );
  test('a bare number is feet where feet are used', () => {
    expect(readLength('10', 'ft')).toBeCloseTo(3.048, 6);
    expect(readLength('10', 'm')).toBe(10);
  });
  test('what is said can be read again, to what the tape shows', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30_000 }), (mm) => {
        expect(Math.abs(readLength(sayLengthM(mm / 1000, 'metric'))! - mm / 1000)).toBeLessThanOrEqual(0.00501);
        expect(Math.abs(readLength(sayLengthM(mm / 1000, 'us'))! - mm / 1000)).toBeLessThanOrEqual(0.0016);
      }),
    );
  });
  test('as a tape shows it', () => {
    expect(sayLengthM(3.2, 'metric')).toBe('3.20 m');
    expect(sayLengthM(0.045, 'metric')).toBe('45 mm');
    expect(sayLengthM(3.2004, 'us')).toBe(`10' 6"`);
    expect(sayLengthM(0.1651, 'us')).toBe('6 1/2"');
  });
});

describe('measuring', () => {
  const measure = { widthM: 4, heightM: 2.5, count: 1, bothSides: false, openings: [] };
  test('openings are taken off, sides and numbers multiplied', () => {
    expect(areaOfMeasure(measure)).toBe(10);
    expect(areaOfMeasure({ ...measure, openings: [{ widthM: 1.2, heightM: 1, count: 2 }] })).toBe(7.6);
    expect(areaOfMeasure({ ...measure, widthM: 0.8, heightM: 2, count: 6, bothSides: true })).toBe(19.2);
  });
  test('what cannot be is said', () => {
    expect(measureFault(measure)).toBeNull();
    expect(measureFault({ ...measure, widthM: 0 })).toContain('above nothing');
    expect(measureFault({ ...measure, openings: [{ widthM: 4, heightM: 3, count: 1 }] })).toContain('openings');
  });
});

const anyRoom = fc.record({
  lengthM: fc.integer({ min: 15, max: 120 }).map((x) => x / 10),
  widthM: fc.integer({ min: 15, max: 120 }).map((x) => x / 10),
  heightM: fc.integer({ min: 21, max: 45 }).map((x) => x / 10),
  windows: fc.integer({ min: 0, max: 8 }),
  doors: fc.integer({ min: 0, max: 6 }),
});

describe('a whole room', () => {
  const seen = {
    walls: true,
    ceiling: true,
    trim: true,
    exposure: 'interior-dry' as const,
    plaster: 'skim-plaster' as const,
    timber: 'softwood' as const,
  };
  test('unfolds into four walls, every opening within its wall and none over another', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const sketch = unfold(room);
        expect(sketch.walls).toHaveLength(4);
        expect(sketch.walls.flatMap((w) => w.openings)).toHaveLength(room.windows + room.doors);
        for (const wall of sketch.walls) {
          const sorted = [...wall.openings].sort((a, b) => a.x - b.x);
          sorted.forEach((o, i) => {
            expect(o.x).toBeGreaterThanOrEqual(-0.01);
            expect(o.x + o.widthM).toBeLessThanOrEqual(wall.widthM + 0.01);
            expect(o.y + o.heightM).toBeLessThanOrEqual(wall.heightM + 1e-9);
            if (i) expect(o.x).toBeGreaterThanOrEqual(sorted[i - 1]!.x + sorted[i - 1]!.widthM - 0.01);
          });
        }
        const { x, widthM } = unfoldedAt(sketch, 0.25);
        expect(widthM).toBeCloseTo(2 * (room.lengthM + room.widthM) + 0.75, 6);
        expect(x[1]).toBeCloseTo(room.lengthM + 0.25, 6);
      }),
    );
  });
  test('walls and what is cut out of them add up to the walls without openings', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const { surfaces, sketch } = wholeRoom({ ...room, ...seen });
        const gross = 2 * (room.lengthM + room.widthM) * room.heightM;
        const cut = sketch.walls.flatMap((w) => w.openings).reduce((s, o) => s + o.widthM * o.heightM, 0);
        const walls = surfaces.find((s) => s.name === 'Walls')?.areaM2 ?? 0;
        expect(walls + cut).toBeCloseTo(gross, 1);
        expect(surfaces.find((s) => s.name === 'Ceiling')!.areaM2).toBeCloseTo(room.lengthM * room.widthM, 1);
      }),
    );
  });
  test('only what is painted, counted as it is said', () => {
    const room = { lengthM: 4, widthM: 3, heightM: 2.4, windows: 2, doors: 1 };
    const names = wholeRoom({ ...room, ...seen, ceiling: false }).surfaces.map((s) => s.name);
    expect(names).toEqual(['Walls', 'Skirting and trim', 'Windows, 2', 'Door']);
    expect(wholeRoom({ ...room, ...seen }).surfaces.find((s) => s.element === 'door')!.exposure).toBe(
      'interior-hightouch',
    );
  });
  test('an elevation has a face, windows with their sills, and doors', () => {
    const { surfaces, sketch } = wholeElevation({
      widthM: 8,
      heightM: 5,
      windows: 3,
      doors: 1,
      face: { element: 'masonry', substrate: 'render' },
      timber: 'softwood',
      exposure: 'exterior-exposed',
    });
    expect(surfaces.map((s) => s.element)).toEqual(['masonry', 'window', 'sill', 'door']);
    expect(sketch.walls).toHaveLength(1);
    expect(sketch.walls[0]!.openings).toHaveLength(4);
  });
});

describe('the season’s round', () => {
  const seen: RoundSeen = {
    flags: [],
    moisture: null,
    moistureLimit: 15,
    rot: null,
    facesSun: false,
    filmYears: null,
    plane: null,
  };
  const sill = ROUND_PLACES.find((p) => p.id === 'window-sills')!;
  const leads = (place: typeof sill, more: Partial<RoundSeen>) => likelyCauses(place, { ...seen, ...more })[0]!.cause;

  test('causes sum to one and say what speaks for them', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ROUND_PLACES),
        fc.option(fc.integer({ min: 5, max: 40 })),
        fc.boolean(),
        fc.constantFrom('firm' as const, 'soft-deep' as const, null),
        (place, moisture, sun, rot) => {
          const causes = likelyCauses(place, { ...seen, moisture, facesSun: sun, rot });
          expect(causes.reduce((s, c) => s + c.probability, 0)).toBeCloseTo(1, 9);
          expect(causes.every((c) => c.words.length > 5)).toBe(true);
        },
      ),
    );
  });
  test.each<[string, Partial<RoundSeen>, string]>([
    ['a wet sill', { moisture: 24 }, 'water-held'],
    ['a soft sill', { rot: 'soft-deep' }, 'water-held'],
  ])('%s', (_what, more, cause) => expect(leads(sill, more)).toBe(cause));
  test('chalk on the face that takes the sun is the sun’s, salts at the foot come from behind', () => {
    const place = (id: string) => ROUND_PLACES.find((p) => p.id === id)!;
    expect(leads(place('sun-face'), { flags: ['chalking'], facesSun: true })).toBe('sun');
    expect(leads(place('foot'), { flags: ['efflorescence'], moisture: 20 })).toBe('water-from-behind');
    expect(leads(place('sashes'), { flags: ['painted-shut'] })).toBe('stuck-joint');
  });
  test('the same dry reading speaks against water and for poor work', () => {
    const share = (moisture: number | null, cause: string) =>
      likelyCauses(sill, { ...seen, moisture }).find((c) => c.cause === cause)!.probability;
    expect(share(9, 'water-held')).toBeLessThan(share(null, 'water-held'));
    expect(share(9, 'poor-preparation')).toBeGreaterThan(share(null, 'poor-preparation'));
  });
  test('the sun is in the south in the north, and in the north in the south; the west is hot in both', () => {
    expect(facesSun('south', 'northern')).toBe(true);
    expect(facesSun('south', 'southern')).toBe(false);
    expect(facesSun('north', 'southern')).toBe(true);
    expect(facesSun('west', 'northern') && facesSun('west', 'southern')).toBe(true);
    expect(facesSun(null, 'northern')).toBe(false);
  });
  test('only places that the elevation has, from the top down', () => {
    const lines = roundOf([
      { id: 'w', element: 'window' },
      { id: 'd', element: 'door' },
    ]);
    expect(lines.map((l) => l.place.id)).toEqual(['sun-face', 'window-sills', 'sashes', 'doors', 'sealant']);
    expect(roundOf([])).toEqual([]);
    for (const place of ROUND_PLACES) for (const e of place.elements) expect(ELEMENTS).toContain(e);
  });
});
