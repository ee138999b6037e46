import fc from 'fast-check';

/** Jobs to plan, drawn at random, with every rule of the contract in them somewhere. */
const coat = fc.record({
  chemistry: fc.constantFrom('waterborne', 'solvent-borne', 'alcohol-borne', 'two-part'),
  dustFreeMin: fc.option(fc.integer({ min: 0, max: 200 })),
  recoatMin: fc.option(fc.integer({ min: 0, max: 900 })),
  recoatMaxMin: fc.option(fc.integer({ min: 2000, max: 6000 })),
  recoatPreferredMin: fc.option(fc.integer({ min: 900, max: 1500 })),
  handleMin: fc.option(fc.integer({ min: 200, max: 2000 })),
  minTempC: fc.option(fc.integer({ min: 0, max: 12 })),
  maxRhPct: fc.option(fc.integer({ min: 70, max: 95 })),
  dewMarginC: fc.option(fc.constant(3)),
  maxWindMs: fc.option(fc.constantFrom(6, 12)),
  rainSafeMin: fc.option(fc.integer({ min: 0, max: 200 })),
  limitsHoldMin: fc.option(fc.integer({ min: 0, max: 300 })),
  thickness: fc.option(fc.constantFrom(0.8, 1.2)),
});
const step = fc.record({
  kind: fc.constantFrom('sand', 'wash', 'prime', 'finish-coat', 'sand-between', 'rehang'),
  minutes: fc.integer({ min: 0, max: 400 }),
  people: fc.constantFrom(0, 1, 1, 1, 2),
  waitMin: fc.constantFrom(0, 0, 45, 900),
  dusty: fc.boolean(),
  onRack: fc.boolean(),
  splittable: fc.boolean(),
  strongVapour: fc.constantFrom(false, false, true),
  skill: fc.constantFrom(null, null, null, 'spray'),
  notBefore: fc.constantFrom(null, null, null, '2027-03-02T10:10:00+00:00'),
  drying: fc.option(coat),
});
const series = fc
  .record({
    t: fc.array(fc.integer({ min: 4, max: 26 }), { minLength: 30, maxLength: 60 }),
    rh: fc.integer({ min: 40, max: 92 }),
    rain: fc.array(fc.constantFrom(0, 0, 0, 0, 0.4), { minLength: 30, maxLength: 60 }),
    wind: fc.option(fc.array(fc.integer({ min: 0, max: 14 }), { minLength: 20, maxLength: 40 })),
  })
  .map(({ t, rh, rain, wind }) => ({
    kind: 'hourly' as const,
    from: '2027-03-01T00:00:00+00:00',
    temperatureC: [...t, 18],
    relativeHumidityPct: t.map((_, i) => Math.min(94, rh + (i % 5))).concat(55),
    rainMm: [...rain, 0],
    windMs: wind ? [...wind, 2] : null,
  }));

export const anyJob = fc
  .record({
    surfaces: fc.array(
      fc.record({
        zone: fc.constantFrom('hall', 'shop'),
        site: fc.constantFrom(null, null, 'mill'),
        rehung: fc.constantFrom(false, false, false, true),
        steps: fc.array(step, { maxLength: 5 }),
      }),
      { minLength: 1, maxLength: 5 },
    ),
    outside: fc.boolean(),
    weather: series,
    racks: fc.option(fc.integer({ min: 1, max: 3 })),
    nights: fc.option(fc.integer({ min: 2, max: 9 })),
    backBy: fc.constantFrom(null, null, '18:00', '21:00'),
    fumesOutBy: fc.constantFrom(null, null, '19:00', '22:00'),
    noDust: fc.boolean(),
    order: fc.boolean(),
    travelMin: fc.constantFrom(0, 25),
    setUpMin: fc.constantFrom(0, 20),
    goal: fc.constantFrom('finish-first', 'finish-first', 'fewer-visits', 'rooms-back-first'),
    start: fc.constantFrom('2027-03-01T07:30:00+00:00', '2027-03-26T13:00:00+00:00', '2026-12-30T09:00:00+00:00'),
  })
  .map((x): unknown => ({
    start: x.start,
    timeZone: 'Europe/London',
    air: x.outside ? x.weather : { kind: 'steady', temperatureC: 20, relativeHumidityPct: 50 },
    racks: x.racks,
    goal: x.goal,
    sites: [{ id: 'mill', racks: 1 }],
    visit: { setUpMin: x.setUpMin, packUpMin: 10, travelMin: x.travelMin },
    crew: [
      {
        id: 'a',
        days: [1, 2, 3, 4, 5],
        from: '08:00',
        to: '16:30',
        skills: ['spray'],
        busy: [
          { from: '2027-03-02T09:00:00+00:00', to: '2027-03-02T11:30:00+00:00' },
          { from: '2027-03-02T11:00:00+00:00', to: '2027-03-02T12:00:00+00:00' },
        ],
      },
      { id: 'b', days: [1, 3, 4, 5, 6], from: '07:00', to: '15:00', off: ['2027-03-03', '2027-01-01'] },
    ],
    zones: [
      { id: 'hall', noDustWhileWet: x.noDust, maxNightsOut: x.nights, fumesOutBy: x.fumesOutBy },
      { id: 'shop', backBy: x.backBy, noDustWhileWet: true },
    ],
    surfaces: x.surfaces.map((s, i) => ({
      id: `s${i}`,
      zone: s.zone,
      site: s.site,
      steps: s.steps.map((t, j) => ({
        ...t,
        people: t.skill ? 1 : t.people,
        id: `${j}`,
        ...(x.order && i > 0 && j === 0 && x.surfaces[0]!.steps.length ? { after: ['s0/0'] } : {}),
        ...(s.rehung && j === 2 ? { sameDayAs: '1' } : {}),
      })),
    })),
  }));
