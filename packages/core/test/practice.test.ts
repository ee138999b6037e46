import { describe, expect, test } from '@jest/globals';
import {
  byTheBook,
  caseRoom,
  caseSurfaces,
  calibrationOf,
  chooseTreatment,
  doneOtherwise,
  drawRoom,
  expectedLoss,
  lostOn,
  nextPlan,
  playedForward,
  posteriorOdds,
  PRACTICE_TESTS,
  pricesFor,
  ROOM_PLANS,
  roomRead,
  sayCalibration,
  scoreRoom,
  SKILLS,
  skillStandings,
  STACKS,
  suppliesUsed,
  systemChosen,
  surfaceFacts,
  TEST_TAKES,
  testsShown,
  testsThatPay,
  TREATMENTS,
  type Judged,
  type PracticeDecision,
  type PracticeRoom,
  type PracticeTest,
  type TestKind,
  type TestRecord,
  type Treatment,
} from '../src/index.ts';
import { TREATMENT_OF } from '../src/evidence/knowledge/treatments.ts';
import { posteriorIn, posteriorStacks } from '../src/evidence/posterior.ts';
import { resultsOf, stackPrior } from './stackOracle.ts';

const planOf = (code: string) => ROOM_PLANS.find((p) => p.code === code)!;
const rooms = (code: string, count: number) => Array.from({ length: count }, (_, seed) => drawRoom(planOf(code), seed));
const inAll = (each: (room: PracticeRoom) => void, count = 6) =>
  ROOM_PLANS.forEach(({ code }) => rooms(code, count).forEach(each));
const mean = (of: readonly number[]) => of.reduce((sum, x) => sum + x, 0) / of.length;
const usual = (treatAs: Treatment) => ({ treatAs, departures: [] });
const truthOf = (room: PracticeRoom): PracticeDecision[] =>
  room.surfaces.map(({ id, lies }) => ({ surface: id, ...usual(TREATMENT_OF[lies.top]), sure: 0.9 }));

describe('rooms', () => {
  test('the same words draw the same room, and the same tests show the same in it', () => {
    inAll((room) => {
      expect(drawRoom(planOf(room.plan), room.seed)).toEqual(room);
      const tests: PracticeTest[] = room.surfaces.flatMap(({ id }) => [
        { surface: id, kind: 'spirit-rub' },
        { surface: id, kind: 'spirit-rub' },
      ]);
      expect(testsShown(room, tests)).toEqual(testsShown(room, tests));
      // What was made before does not hang on what is made after it.
      expect(testsShown(room, tests.slice(0, 3))).toEqual(testsShown(room, tests).slice(0, 3));
    });
  });

  test('what lies in them is drawn as the house’s odds have it, and each was built when its plan says', () => {
    const drawn = rooms('sale-room', 900);
    for (const { surfaces } of drawn) {
      const year = surfaces[0]!.surface.builtYear!;
      expect(year).toBeGreaterThanOrEqual(1880);
      expect(year).toBeLessThanOrEqual(1960);
    }
    // Each piece has a brush of its own: by itself it is drawn from its own prior, which another sum gives.
    const wanted = mean(
      drawn.map(({ surfaces }) => {
        const prior = stackPrior(surfaces[0]!.surface);
        // What lies bare is not drawn.
        const all = prior.reduce((sum, p, i) => (STACKS[i]!.top === 'bare' ? sum : sum + p), 0);
        return prior.reduce((sum, p, i) => (STACKS[i]!.top === 'waterborne-clear' ? sum + p : sum), 0) / all;
      }),
    );
    const share = mean(drawn.map(({ surfaces }) => Number(surfaces[0]!.lies.top === 'waterborne-clear')));
    expect(Math.abs(share - wanted)).toBeLessThan(4 * Math.sqrt((wanted * (1 - wanted)) / drawn.length) + 0.02);
  });

  test('what one brush painted is mostly alike, and now and then one surface is not', () => {
    const drawn = rooms('stairwell-1965', 400);
    const top = (room: PracticeRoom, id: string) => room.surfaces.find((s) => s.id === id)!.lies.top;
    const alike = mean(drawn.map((room) => Number(top(room, 'string') === top(room, 'skirting'))));
    const byChance = mean(
      drawn.map((room, i) => Number(top(room, 'string') === top(drawn[(i + 1) % 400]!, 'skirting'))),
    );
    expect(alike).toBeGreaterThan(byChance + 0.05);
    expect(alike).toBeLessThan(0.99);
  });

  test('a place of a surface is mostly what the rest of it is, and now and then it is not', () => {
    const places = [
      ['hall-mirror', 'hall-wall'],
      ['kitchen-handle', 'kitchen-door'],
    ] as const;
    const differ = rooms('small-house', 80).flatMap(({ surfaces }) => {
      const topOf = (id: string) => surfaces.find((s) => s.id === id)!.lies.top;
      return places.map(([place, whole]) => (topOf(place) === topOf(whole) ? 0 : 1));
    });
    expect(mean(differ)).toBeGreaterThan(0.02);
    expect(mean(differ)).toBeLessThan(0.35);
  });

  test('what tests use up is counted beside their minutes', () => {
    const made = (kind: TestKind) => ({ surface: 'a', kind });
    expect(suppliesUsed([])).toEqual({ rags: 0, solventMl: 0, tapeM: 0 });
    const used = suppliesUsed(
      ['spirit-rub', 'spirit-rub', 'acetone-rub', 'cross-cut', 'water-drop'].map((k) => made(k as TestKind)),
    );
    expect([used.rags, used.solventMl, used.tapeM]).toEqual([3, 15, 0.1]);
  });
  test('tests show what the tables say of what lies there', () => {
    const shown = rooms('old-hall', 500).map((room) => {
      const skirting = room.surfaces.find((s) => s.id === 'skirting')!;
      const { result } = testsShown(room, [{ surface: 'skirting', kind: 'spirit-rub' }])[0]!.test;
      const told = resultsOf('spirit-rub', skirting.lies);
      return { came: Number(result === 'no-transfer'), wanted: told.find(([code]) => code === 'no-transfer')![1] };
    });
    const [came, wanted] = [mean(shown.map((s) => s.came)), mean(shown.map((s) => s.wanted))];
    expect(Math.abs(came - wanted)).toBeLessThan(0.06);
  });
});

describe('how a room comes out', () => {
  test('who knows what is there loses nothing but the minutes; who is wrong pays by the square metre', () => {
    inAll((room) => {
      const known = scoreRoom(room, [], truthOf(room));
      expect([known.lost, known.minutes, known.testCost]).toEqual([0, 0, 0]);
      expect(known.surfaces.every((s) => s.right)).toBe(true);
      const [first] = room.surfaces;
      const wrong: Treatment = TREATMENT_OF[first!.lies.top] === 'wax' ? 'oil' : 'wax';
      const missed = scoreRoom(
        room,
        [],
        [{ surface: first!.id, ...usual(wrong), sure: 0.8 }, ...truthOf(room).slice(1)],
      );
      expect(missed.lost).toBe(lostOn(first!, wrong));
      expect(missed.lost).toBeGreaterThan(0);
    }, 3);
  });

  test('the engine is held to the very tests that were made, and its odds are those of the diagnosis', () => {
    const room = drawRoom(planOf('sale-room'), 3);
    const tests: PracticeTest[] = [{ surface: 'dresser', kind: 'spirit-rub' }];
    const { surfaces, minutes } = scoreRoom(room, tests, truthOf(room));
    const dresser = room.surfaces[0]!;
    const odds = posteriorIn(roomRead(room, tests), 'dresser');
    expect(surfaces[0]!.engine.treatAs).toBe(chooseTreatment(odds, pricesFor(dresser.surface)));
    expect(minutes).toBe(PRACTICE_TESTS.find((t) => t.kind === 'spirit-rub')!.minutes);
  });

  test('testing by the book loses less, minutes and all, than not testing, and it ends', () => {
    const totals = { book: [] as number[], blind: [] as number[] };
    inAll((room) => {
      const { policy, engineLost } = scoreRoom(room, [], truthOf(room));
      expect(policy.tests.length).toBeLessThanOrEqual(14);
      expect(policy.tests).toEqual(byTheBook(room));
      totals.book.push(policy.lost + policy.testCost);
      totals.blind.push(engineLost);
    }, 6);
    expect(mean(totals.book)).toBeLessThan(mean(totals.blind));
  });

  test('time played forward: what was taken for another thing fails more often', () => {
    const came = { right: 0, wrong: 0 };
    inAll((room) => {
      for (const one of room.surfaces) {
        const truth = TREATMENT_OF[one.lies.top];
        const wrong: Treatment = truth === 'waterborne' ? 'bare' : 'waterborne';
        const laid = (treatAs: Treatment) => doneOtherwise(room, one, [], usual(treatAs)).steps;
        came.right += playedForward(room, one, laid(truth)).came.length;
        came.wrong += playedForward(room, one, laid(wrong)).came.length;
        const { layers } = playedForward(room, one, laid(wrong));
        expect(playedForward(room, one, laid(wrong)).layers).toEqual(layers);
        expect(layers[0]!.role).toBe('substrate');
        expect(layers.every((l) => l.standing === 'found' || l.standing === 'laid' || l.role === 'preparation')).toBe(
          true,
        );
        expect(layers.some((l) => l.bond === 'weak' || l.bond === 'gone')).toBe(one.lies.bond !== 'sound');
      }
    }, 8);
    expect(came.wrong).toBeGreaterThan(1.3 * came.right);
  });
});

describe('judgement of one’s own', () => {
  test('calibration: closed forms', () => {
    const stated = [
      ...Array.from({ length: 8 }, () => ({ sure: 0.8, right: true })),
      { sure: 0.8, right: false },
      { sure: 0.8, right: false },
    ];
    const { brier, tooSure, steps } = calibrationOf(stated);
    expect(tooSure).toBeCloseTo(0, 9);
    expect(brier).toBeCloseTo(0.8 * 0.04 + 0.2 * 0.64, 9);
    expect(steps).toEqual([{ from: 0.8, to: 0.9, count: 10, said: expect.closeTo(0.8, 9), right: 0.8 }]);
    expect(sayCalibration(calibrationOf(stated))).toMatch(/about as much is so/);
  });
  test('who is too sure is told so, and only once their number bears it out', () => {
    const wrong = (count: number) => Array.from({ length: count }, (_, i) => ({ sure: 0.95, right: i % 2 === 0 }));
    expect(sayCalibration(calibrationOf(wrong(30)))).toMatch(/^You are too sure: 45 in 100/);
    expect(sayCalibration(calibrationOf(wrong(4)))).toMatch(/^After ten answers/);
    expect(sayCalibration(calibrationOf(Array.from({ length: 40 }, () => ({ sure: 0.6, right: true }))))).toMatch(
      /^You could be surer/,
    );
  });
  test('what was judged wrongly is due sooner, what is known fades with time', () => {
    const at = '2027-03-01T09:00:00Z';
    const go = (right: boolean, sure = 0.9): Judged => ({ skill: 'outside', at, right, sure, thrifty: true });
    const of = (judged: Judged[], now = at) => skillStandings(judged, now).find((s) => s.skill === 'outside')!;
    expect(Date.parse(of([go(false)]).dueAt!)).toBeLessThan(Date.parse(of([go(true)]).dueAt!));
    expect(of([go(true)], '2027-03-20T09:00:00Z').holds!).toBeLessThan(of([go(true)], '2027-03-02T09:00:00Z').holds!);
    expect(of([])).toEqual({ skill: 'outside', tried: 0, right: 0, holds: null, dueAt: null });
  });
  test('what comes next is what is weakest', () => {
    const at = '2027-03-01T09:00:00Z';
    const known = SKILLS.flatMap((skill) =>
      Array.from({ length: 6 }, (): Judged => ({ skill, at, right: skill !== 'outside', sure: 0.9, thrifty: true })),
    );
    expect(nextPlan(skillStandings(known, at), 1).code).toBe('front');
    const butFittings = known.map((j) => ({ ...j, right: j.skill !== 'fittings' }));
    expect(['kitchen', 'sale-room']).toContain(nextPlan(skillStandings(butFittings, at), 1).code);
  });
});

/** Every test and every result tried out, two deep: nothing of the policy is in it but the odds after tests. */
describe('the book, held against the best there is', () => {
  const surfaces = {
    door: { element: 'door', substrate: 'softwood', builtYear: 1986, areaM2: 6 },
    chest: { element: 'furniture', substrate: 'hardwood', conditions: ['glossy'], builtYear: 1930, areaM2: 5 },
  } as const;
  const priceOf = (kind: TestKind) => (TEST_TAKES[kind]!.minutes + 2) * 65 + (TEST_TAKES[kind]!.materials ?? 0);

  test.each(Object.entries(surfaces))('%s: within a sixth of it', (_name, said) => {
    const surface = surfaceFacts(said);
    const lossNow = (tests: readonly TestRecord[]) => {
      const odds = posteriorOdds(surface, tests);
      return Math.min(...TREATMENTS.map((t) => expectedLoss(t, odds, pricesFor(surface)))) * said.areaM2;
    };
    const after = (kind: TestKind, tests: readonly TestRecord[], value: (tests: TestRecord[]) => number) => {
      const lies = posteriorStacks(surface, tests, []);
      const chances = new Map<string, number>();
      STACKS.forEach((stack, i) => {
        for (const [result, p] of resultsOf(kind, stack))
          chances.set(result, (chances.get(result) ?? 0) + lies[i]! * p);
      });
      const place = `place ${tests.length + 1}`;
      return [...chances].reduce((sum, [result, p]) => {
        const made = kind === 'cross-cut' ? { kind, grade: Number(result), place } : { kind, result, place };
        return p < 1e-4 ? sum : sum + p * value([...tests, made]);
      }, priceOf(kind));
    };
    const offered = PRACTICE_TESTS.map((t) => t.kind);
    const best = (tests: readonly TestRecord[], left: number): number =>
      left === 0
        ? lossNow(tests)
        : Math.min(lossNow(tests), ...offered.map((kind) => after(kind, tests, (more) => best(more, left - 1))));
    const book = (tests: readonly TestRecord[], left: number): number => {
      const pays = left && testsThatPay(surface, tests, []);
      const kind = pays && pays.find((t) => offered.includes(t.kind))?.kind;
      return kind ? after(kind, tests, (more) => book(more, left - 1)) : lossNow(tests);
    };
    const [ofBest, ofBook] = [best([], 2), book([], 2)];
    expect(ofBook).toBeGreaterThanOrEqual(ofBest - 1e-6);
    expect(ofBook / ofBest).toBeLessThan(7 / 6);
  });
});

describe('the system that is chosen', () => {
  const skipping = (lines: readonly { step: { kind: string } }[], kind: string) =>
    lines.flatMap(({ step }, at) => (step.kind === kind ? [{ act: 'skip' as const, step: at }] : []));

  test('is made by what its painter knows: what really lies there moves no line of it', () => {
    const drawn = rooms('old-hall', 60);
    const [one, other] = drawn.flatMap((room) => {
      const alike = drawn.find((r) => r.story === room.story && r.surfaces[0]!.lies !== room.surfaces[0]!.lies);
      return alike ? [room, alike] : [];
    });
    for (const treatAs of ['oil', 'waterborne', 'wax'] as const) {
      const at = (room: PracticeRoom) => systemChosen(room, room.surfaces[0]!, [], usual(treatAs)).lines;
      expect(at(one!)).toEqual(at(other!));
    }
  });

  test('what is left out is cheaper to lay, and told by what it does on what is there', () => {
    let told = 0;
    inAll((room) => {
      for (const one of room.surfaces.filter(({ lies }) => TREATMENT_OF[lies.top] === 'oil')) {
        const { lines, after: whole } = systemChosen(room, one, [], usual('oil'));
        const departures = ['protect', 'tack-off', 'cure-hold'].flatMap((kind) => skipping(lines, kind));
        const wanted = { treatAs: 'oil' as const, departures };
        const { after } = systemChosen(room, one, [], wanted);
        expect(after.price.cost).toBeLessThan(whole.price.cost);
        expect(after.steps.length).toBe(lines.length - departures.length);
        const done = doneOtherwise(room, one, [], wanted);
        expect(done.steps.map((s) => s.kind)).toEqual(after.steps.map((s) => s.kind));
        const scored = scoreRoom(
          room,
          [],
          truthOf(room).map((d) => (d.surface === one.id ? { ...d, ...wanted } : d)),
        );
        expect(scored.lost).toBe(done.cost);
        expect(scored.surfaces.find((s) => s.surface === one.id)).toMatchObject({ right: true, otherwise: done.cost });
        expect(done.cost).toBeGreaterThan(0);
        told += done.consequences.length;
      }
    }, 4);
    expect(told).toBeGreaterThan(10);
  });

  test('as it is made it costs nothing more; the primer left out under waterborne on oil is dearer by what peels', () => {
    inAll((room) => {
      for (const one of room.surfaces) {
        const truth = TREATMENT_OF[one.lies.top];
        expect(doneOtherwise(room, one, [], usual(truth))).toMatchObject({ cost: 0, consequences: [] });
        if (truth !== 'oil') continue;
        const { lines } = systemChosen(room, one, [], usual('wax'));
        const departures = skipping(lines, 'prime');
        const { cost, consequences } = doneOtherwise(room, one, [], { treatAs: 'wax', departures });
        expect(consequences[0]!.fault).toBe('peels');
        expect(cost).toBeGreaterThan(0.3 * consequences[0]!.odds * consequences[0]!.cost);
      }
    }, 3);
  });

  test('a line that is not there, and one that guards people, is not left out', () => {
    const room = drawRoom(planOf('nursery-1938'), 1);
    const [casings] = room.surfaces;
    expect(() => systemChosen(room, casings!, [], { treatAs: 'oil', departures: [{ act: 'skip', step: 99 }] })).toThrow(
      RangeError,
    );
    const { lines } = systemChosen(room, casings!, [], usual('oil'));
    const departures = lines.map((_, step) => ({ act: 'skip' as const, step }));
    expect(systemChosen(room, casings!, [], { treatAs: 'oil', departures }).refused.length).toBeGreaterThan(0);
  });
});

describe('a case of the firm’s own', () => {
  const facts = (element: 'door' | 'trim' | 'wall') =>
    surfaceFacts({
      element,
      substrate: element === 'wall' ? 'skim-plaster' : 'softwood',
      builtYear: 1934,
      areaM2: 6.4,
    });
  const at = (top: string) => STACKS.map((stack) => (stack.top === top ? 1 : 0)) as number[];
  const sure = (top: string) => {
    const odds = at(top);
    const sum = odds.reduce((a, b) => a + b, 0);
    return odds.map((o) => o / sum);
  };
  const known = [
    { surface: facts('door'), campaign: 'Widow Ingle’s doors', odds: sure('oil-alkyd') },
    { surface: facts('door'), campaign: 'Widow Ingle’s doors', odds: sure('waterborne-over-oil') },
    { surface: facts('trim'), campaign: null, odds: sure('bare') },
    { surface: facts('wall'), campaign: null, odds: STACKS.map(() => 1 / STACKS.length) },
  ];
  test('takes what is known, and no name with it', () => {
    const made = caseSurfaces(known);
    expect(made.map((s) => [s.name, s.brush, s.lies.top])).toEqual([
      ['Door', 'brush-1', 'oil-alkyd'],
      ['Door, 2', 'brush-1', 'waterborne-over-oil'],
    ]);
    expect(JSON.stringify(made)).not.toContain('Ingle');
    expect(made[0]!.facts).toMatchObject({ element: 'door', builtYear: 1934, areaM2: 6 });
  });
  test('is a room that is walked and scored like any other, through its file', () => {
    const kept = JSON.parse(JSON.stringify({ id: 'c1', name: 'Two doors', surfaces: caseSurfaces(known) }));
    const room = caseRoom(kept);
    expect(room.story).toContain('of about 1930: 2 surfaces, by one hand');
    const tests: PracticeTest[] = room.surfaces.map(({ id }) => ({ surface: id, kind: 'spirit-rub' }));
    expect(testsShown(room, tests)).toEqual(testsShown(caseRoom(kept), tests));
    const score = scoreRoom(
      room,
      tests,
      room.surfaces.map(({ id, lies }) => ({ surface: id, ...usual(TREATMENT_OF[lies.top]), sure: 0.9 })),
    );
    expect([score.lost, score.surfaces.map((s) => s.truth)]).toEqual([0, ['oil-alkyd', 'waterborne-over-oil']]);
  });
});
