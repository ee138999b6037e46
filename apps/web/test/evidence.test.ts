import { describe, expect, test } from '@jest/globals';
import {
  assess,
  diagnose,
  surfaceFacts,
  weightsIn,
  readHouse,
  type TestRecord,
  testWords,
  standingLooks,
} from '@rustic/core';
import { reasonsOf } from '../src/surface/reasons.ts';
import { worstOn } from '../src/trials/looks.ts';
import type { SurfacePage, TestRow, Trial } from '../src/store/endpoints.ts';

const rub = (result: string, place?: string): TestRecord => ({
  kind: 'spirit-rub',
  result,
  ...(place ? { place } : {}),
});
const row = (id: string, test: TestRecord, corrects: string | null = null): TestRow => ({
  id,
  jobId: 'j',
  surfaceId: 's',
  test,
  byName: 'Ada Thirle',
  at: '2027-03-01T09:00:00Z',
  corrects,
  note: '',
  mark: null,
  withdrawn: null,
});

/** A page as the server makes it, from the core itself. */
function pageOf(tests: TestRow[], more: Partial<SurfacePage> = {}): SurfacePage {
  const corrected = new Set(tests.map((t) => t.corrects));
  const standing = tests.filter((t) => !corrected.has(t.id)).map((t) => t.test);
  const surface = surfaceFacts({
    element: 'trim',
    substrate: 'softwood',
    builtYear: 1931,
    areaM2: 12,
    conditions: ['mould'],
  });
  const assessed = assess({
    surface: { element: 'trim', substrate: 'softwood', builtYear: 1931, areaM2: 12, conditions: ['mould'] },
    tests: standing,
  });
  const house = readHouse([{ id: 'a', surface, tests: standing, campaign: null }]);
  return {
    ...assessed,
    tests,
    weights: weightsIn(house, 'a'),
    inherited: [],
    conditions: [...diagnose(surface, standing).findings.standing],
    demands: [
      {
        condition: 'mould',
        demands: 'Wash it dead.',
        forbids: 'No paint.',
        until: 'A drop lightens nothing.',
        source: 'practice',
      },
    ],
    nextTests: assessed.nextTest ? [assessed.nextTest] : [],
    lines: assessed.system.steps.map((step) => ({ step, minutes: 10, litres: 0, readyAfterMin: 0, product: null })),
    firm: { currency: 'GBP', timeZone: 'Europe/London' },
    ...more,
  } as unknown as SurfacePage;
}

describe('reasons in the margin', () => {
  test('every test, every stop and every line of the system has its note, numbered without a gap', () => {
    const page = pageOf([
      row('1', rub('no-transfer')),
      row('2', { kind: 'sheen-look', result: 'gloss', yellowed: true }),
    ]);
    const r = reasonsOf(page);
    expect(r.notes.map((n) => n.n)).toEqual(r.notes.map((_, i) => i + 1));
    expect([...r.ofTest.keys()]).toEqual(['1', '2']);
    page.lines.forEach((_, i) => expect(r.ofLine.has(i)).toBe(true));
    for (const b of page.blocks) expect(r.ofBlock.has(b.code)).toBe(true);
    for (const n of r.notes) expect((n.head ?? '') + n.text).not.toBe('');
  });

  test('rubs that share one weight share one note; a rub that weighs more has its own', () => {
    const page = pageOf([
      row('1', rub('no-transfer', 'left')),
      row('2', rub('no-transfer', 'left')),
      row('3', rub('no-transfer', 'right')),
    ]);
    const r = reasonsOf(page);
    const weight = (id: string) => r.notes.find((n) => n.n === r.ofTest.get(id))!.weight;
    expect(r.ofTest.get('1')).toBe(r.ofTest.get('2'));
    expect(r.ofTest.get('3')).not.toBe(r.ofTest.get('1'));
    expect(weight('3')).not.toBe(weight('1'));
  });

  test('a corrected record has no note; the correction has', () => {
    const page = pageOf([row('1', rub('transfer')), row('2', rub('no-transfer'), '1')]);
    const r = reasonsOf(page);
    expect(r.ofTest.has('1')).toBe(false);
    expect(r.ofTest.has('2')).toBe(true);
  });

  test('an inferred surface says from whom, by what, and that a test overrules it', () => {
    const page = pageOf([], { inherited: [{ surfaceId: 's', name: 'Parlour door', sameCampaign: true, ratio: 6.2 }] });
    const r = reasonsOf(page);
    const note = r.notes.find((n) => n.n === r.ofInherited.get('s'))!;
    expect(note).toMatchObject({ head: 'Same campaign.', weight: '6.2 to 1 for' });
    expect(note.text).toContain('Parlour door');
    expect(note.text).toContain('overrules');
  });

  test('a condition says what it demands and until when', () => {
    const r = reasonsOf(pageOf([]));
    expect(r.notes.find((n) => n.n === r.ofDemand.get('mould'))!.text).toBe(
      'Wash it dead. No paint. Until: a drop lightens nothing.',
    );
  });
});

describe('a test as it is said', () => {
  test.each<[TestRecord, string]>([
    [rub('no-transfer'), 'Spirit rub: nothing on the rag'],
    [{ kind: 'cross-cut', grade: 2 }, 'Cross-cut: grade 2'],
    [{ kind: 'moisture-meter', value: 14.5 }, 'Moisture: 14.5 %'],
    [{ kind: 'sheen-look', result: 'gloss', yellowed: true }, 'Gloss, yellowed'],
  ])('%j', (test_, words) => expect(testWords(test_)).toBe(words));
});

describe('looks at a trial', () => {
  const act = (id: string, cell: string, result: string, corrects: string | null = null) => ({
    id,
    kind: 'look' as const,
    body: { cell, part: 'cell' as const, test: { kind: 'nail-scratch' as const, result } },
    corrects,
    byName: '',
    at: '',
  });
  test('corrections take the place of what they name, and the worst on a cell is drawn', () => {
    const trial = {
      acts: [
        act('1', 'A1', 'peels-in-sheet'),
        act('2', 'A1', 'marks', '1'),
        act('3', 'A1', 'holds'),
        act('4', 'B2', 'scratches-off'),
      ],
    } as unknown as Trial;
    const looks = standingLooks(trial.acts);
    expect(looks).toHaveLength(3);
    expect(worstOn(looks, 'A1')).toBe(2);
    expect(worstOn(looks, 'B2')).toBe(1);
    expect(worstOn(looks, 'C3')).toBeNull();
  });
});
