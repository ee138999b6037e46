/** Fixed, named jobs to plan, for the bench: the same for ever, so that plans can be compared from year to year. */
const HOURS = 24 * 90;
const START = Date.parse('2027-04-05T00:00:00Z');
const coat = { chemistry: 'waterborne', dustFreeMin: 60, recoatMin: 240, minTempC: 8, maxRhPct: 88 };
const outside = { ...coat, rainSafeMin: 120, dewMarginC: 3 };
const oil = { chemistry: 'solvent-borne', dustFreeMin: 240, recoatMin: 960, recoatMaxMin: 5760, minTempC: 5 };

const stationAir = (core, start) => ({
  ...core.stationHours({ name: 'Pellworth Staithe', hemisphere: 'northern' }, start / 60_000, HOURS),
  from: new Date(start).toISOString(),
});

/** A job of so many steps, five a surface, in rooms and outside. */
export function job(core, steps) {
  const surfaces = steps / 5;
  const rooms = Math.ceil(surfaces / 5);
  const coatOf = (i, room) => (room % 3 === 0 ? outside : i % 4 === 2 ? oil : coat);
  return core.readBy(core.planSchema, {
    start: '2027-04-05T08:00:00+01:00',
    timeZone: 'Europe/London',
    crew: [
      { id: 'a', skills: ['spray'] },
      { id: 'b', from: '07:30', to: '15:30' },
      { id: 'c', days: [1, 2, 3, 4] },
      { id: 'd', days: [2, 3, 4, 5, 6] },
    ],
    air: stationAir(core, START),
    zones: Array.from({ length: rooms }, (_, z) => ({
      id: `z${z}`,
      noDustWhileWet: z % 2 === 0,
      ...(z % 3 ? { air: { kind: 'steady', temperatureC: 17, relativeHumidityPct: 60 } } : {}),
    })),
    racks: 3,
    surfaces: Array.from({ length: surfaces }, (_, i) => {
      const room = Math.floor(i / 5);
      const finish = { drying: coatOf(i, room), onRack: i % 5 === 1 };
      return {
        id: `s${i}`,
        zone: `z${room}`,
        steps: [
          { id: '1', kind: 'wash', minutes: 20 + ((i * 7) % 40), waitMin: 60 },
          { id: '2', kind: 'sand', minutes: 30 + ((i * 13) % 50), dusty: true },
          { id: '3', kind: 'prime', minutes: 40, drying: { ...coat, recoatMin: 45 } },
          { id: '4', kind: 'finish-coat', minutes: 40 + ((i * 11) % 45), ...finish },
          { id: '5', kind: 'finish-coat', minutes: 50, ...finish, people: i % 10 === 7 ? 2 : 1 },
        ],
      };
    }),
  });
}

/** A small deterministic generator (mulberry32). */
function drawn(seed) {
  let a = seed >>> 0;
  return (from, to) => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return from + Math.floor((((t ^ (t >>> 14)) >>> 0) / 4294967296) * (to - from + 1));
  };
}

/** Some surfaces in steady air: one crew's hours, rooms without dust while wet, three places on the rack. */
function cottage(core, seed, surfaces, people) {
  const draw = drawn(seed);
  const rooms = Math.max(2, Math.ceil(surfaces / 3));
  const stepOf = (k) => {
    const base = { id: `${k}`, minutes: draw(15, 90) };
    if (k === 0) return { ...base, kind: 'wash', waitMin: draw(0, 2) * 60 };
    if (k === 1 || (k === 3 && draw(0, 1) === 0)) return { ...base, kind: 'sand', dusty: true };
    const slow = draw(0, 3) === 0;
    const drying = slow
      ? { chemistry: 'solvent-borne', dustFreeMin: draw(2, 4) * 60, recoatMin: draw(12, 16) * 60 }
      : { chemistry: 'waterborne', dustFreeMin: draw(20, 60), recoatMin: draw(1, 4) * 60 };
    return { ...base, kind: k === 2 ? 'prime' : 'finish-coat', onRack: draw(0, 9) < 3, drying };
  };
  return core.readBy(core.planSchema, {
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    crew: Array.from({ length: people }, (_, i) => ({
      id: `p${i}`,
      days: [1, 2, 3, 4, 5],
      from: '08:00',
      to: '16:30',
    })),
    air: { kind: 'steady', temperatureC: 20, relativeHumidityPct: 50 },
    zones: Array.from({ length: rooms }, (_, z) => ({ id: `z${z}`, noDustWhileWet: true })),
    racks: 3,
    surfaces: Array.from({ length: surfaces }, (_, i) => ({
      id: `s${i}`,
      zone: `z${i % rooms}`,
      steps: Array.from({ length: 5 }, (_, k) => stepOf(k)),
    })),
  });
}

/** Walls and windows outside in the weather of March: limits of warmth, dew and rain decide the hours. */
function roughWeather(core) {
  const start = Date.parse('2027-03-01T00:00:00Z');
  return core.readBy(core.planSchema, {
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    crew: [{ id: 'a' }, { id: 'b' }, { id: 'c', days: [2, 3, 4, 5, 6] }],
    air: stationAir(core, start),
    zones: [{ id: 'south', noDustWhileWet: true }, { id: 'north' }],
    surfaces: Array.from({ length: 10 }, (_, i) => ({
      id: `s${i}`,
      zone: i % 2 ? 'north' : 'south',
      steps: [
        { id: '1', kind: 'wash', minutes: 40 + i * 5, waitMin: 240 },
        { id: '2', kind: 'sand', minutes: 45, dusty: true },
        { id: '3', kind: 'prime', minutes: 50, drying: { ...outside, minTempC: 5 } },
        { id: '4', kind: 'finish-coat', minutes: 60 + i * 3, drying: { ...outside, minTempC: 5, recoatMaxMin: 20160 } },
      ],
    })),
  });
}

/** Twenty doors by turns over three places on the rack, both faces, hung again when they may be handled. */
function manyDoors(core) {
  const enamel = { chemistry: 'waterborne', dustFreeMin: 45, recoatMin: 180, handleMin: 360 };
  return core.readBy(core.planSchema, {
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    crew: [{ id: 'a', skills: ['spray'] }, { id: 'b' }],
    air: { kind: 'steady', temperatureC: 19, relativeHumidityPct: 55 },
    zones: [{ id: 'shop', noDustWhileWet: true }],
    racks: 3,
    surfaces: Array.from({ length: 20 }, (_, i) => ({
      id: `d${i}`,
      zone: 'shop',
      steps: [
        { id: '1', kind: 'sand', minutes: 20, dusty: true },
        { id: '2', kind: 'finish-coat', minutes: 15 + (i % 3) * 5, onRack: true, skill: 'spray', drying: enamel },
        { id: '3', kind: 'finish-coat', minutes: 15, onRack: true, skill: 'spray', drying: enamel },
        { id: '4', kind: 'rehang', minutes: 20 },
      ],
    })),
  });
}

/** Three houses and the shop, with the way between them, four people and what they have in common. */
function allJobs(core) {
  const draw = drawn(77);
  return core.readBy(core.planSchema, {
    start: '2027-03-01T08:00:00+00:00',
    timeZone: 'Europe/London',
    crew: [
      { id: 'a', skills: ['spray'] },
      { id: 'b' },
      { id: 'c', from: '09:00', to: '15:00' },
      { id: 'd', days: [1, 2, 3] },
    ],
    air: { kind: 'steady', temperatureC: 19, relativeHumidityPct: 55 },
    visit: { setUpMin: 15, packUpMin: 15, travelMin: 25 },
    sites: ['mill', 'ferry', 'quay', 'yard'].map((id) => ({ id, racks: 2 })),
    surfaces: Array.from({ length: 24 }, (_, i) => ({
      id: `s${i}`,
      site: ['mill', 'ferry', 'quay', 'yard'][i % 4],
      zone: `z${i % 8}`,
      steps: [
        { id: '1', kind: 'sand', minutes: draw(20, 80), dusty: true },
        { id: '2', kind: 'prime', minutes: draw(20, 60), drying: { ...coat, minTempC: null } },
        { id: '3', kind: 'finish-coat', minutes: draw(20, 70), onRack: i % 4 === 3, drying: i % 3 ? coat : oil },
        { id: '4', kind: 'finish-coat', minutes: draw(20, 70), people: i % 9 === 4 ? 2 : 1, drying: coat },
      ],
    })),
  });
}

/** By name: how each is made. */
export const INSTANCES = {
  'cottage of 40 steps, 2 painters': (core) => cottage(core, 1, 8, 2),
  'cottage of 40 steps, 2 painters, slow': (core) => cottage(core, 2, 8, 2),
  'cottage of 50 steps, 3 painters': (core) => cottage(core, 3, 10, 3),
  'cottage of 50 steps, 2 painters': (core) => cottage(core, 4, 10, 2),
  'cottage of 30 steps, 2 painters': (core) => cottage(core, 6, 6, 2),
  'house of 60 steps, 3 painters': (core) => cottage(core, 5, 12, 3),
  'house of 60 steps, 2 painters': (core) => cottage(core, 8, 12, 2),
  'outside in rough weather, 40 steps': roughWeather,
  'twenty doors on three places, 80 steps': manyDoors,
  'all jobs of a firm, 96 steps': allJobs,
  'house of 300 steps in weather': (core) => job(core, 300),
  'house of 300 steps, 4 painters': (core) => cottage(core, 21, 60, 4),
  'estate of 1,500 steps in weather': (core) => job(core, 1500),
};
