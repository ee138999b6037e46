import { describe, expect, test } from '@jest/globals';
import {
  assess,
  planRead,
  planSchema,
  readBy,
  SHIPPED_SHELF,
  surfaceFacts,
  workOf,
  type PlanInput,
} from '../src/index.ts';

const newBoard = {
  surface: { element: 'wall', substrate: 'drywall', isNew: true, sanded: true, areaM2: 20 },
  tests: [{ kind: 'hand-wipe', result: 'heavy' }],
};
const glossyTrim = {
  surface: { element: 'trim', substrate: 'softwood', conditions: ['glossy'], builtYear: 1995 },
  tests: [{ kind: 'spirit-rub', result: 'no-transfer' }],
};

describe('dusty work', () => {
  const { steps } = assess(newBoard).system;
  const work = workOf(steps, surfaceFacts({ element: 'wall', substrate: 'drywall', areaM2: 20 }), SHIPPED_SHELF);

  test('dry mopping new board is dusty; its coats and the cleaning up are not', () => {
    const dusty = (kind: string) => work.filter((w) => w.plan.kind === kind).map((w) => w.plan.dusty);
    expect(dusty('dust-off')).toEqual([true]);
    expect(dusty('finish-coat')).not.toContain(true);
    expect(dusty('clean-up')).toEqual([false]);
  });

  test('it waits until the wet film of a neighbour in the room is dust-free', () => {
    const drying = { chemistry: 'waterborne', dustFreeMin: 90, recoatMin: 240 };
    const mopping = work.find((w) => w.plan.kind === 'dust-off')!.plan;
    const input = (noDustWhileWet: boolean) =>
      readBy(planSchema, {
        start: '2027-03-01T08:00:00+00:00',
        timeZone: 'Europe/London',
        air: { kind: 'steady', temperatureC: 23, relativeHumidityPct: 50 },
        crew: [{ id: 'a' }, { id: 'b' }],
        zones: [{ id: 'room', noDustWhileWet }],
        surfaces: [
          { id: 'board', zone: 'room', steps: [{ ...mopping, minutes: 60, notBefore: '2027-03-01T08:30:00+00:00' }] },
          { id: 'door', zone: 'room', steps: [{ id: '1', kind: 'finish-coat', minutes: 60, drying }] },
        ],
      }) as PlanInput;
    const between = (asked: PlanInput) => {
      const plan = planRead(asked);
      const [mop, coat] = plan.steps;
      return { mopEnds: mop!.end, mopStarts: mop!.start, coatStarts: coat!.start, dustFree: coat!.dustFreeAt! };
    };
    const apart = between(input(true));
    expect(apart.mopStarts >= apart.dustFree || apart.coatStarts >= apart.mopEnds).toBe(true);
    const together = between(input(false));
    expect(together.mopStarts < together.dustFree && together.coatStarts < together.mopEnds).toBe(true);
  });

  test('sanding between coats is breathed like any other, and done wet neither flies nor is breathed', () => {
    const between = assess(glossyTrim).system.steps.find((s) => s.kind === 'sand-between')!;
    expect(between.technique).toBe('dry');
    expect(between.wear).toContain('respirator-dust');
    const facts = surfaceFacts({ element: 'trim', substrate: 'softwood', areaM2: 5 });
    const [wet, dry] = (['wet', 'dry'] as const).map((technique) =>
      workOf([{ kind: 'sand', technique, why: ['x'] }], facts, SHIPPED_SHELF),
    );
    expect([wet![0]!.plan.dusty, dry![0]!.plan.dusty]).toEqual([false, true]);
  });
});
