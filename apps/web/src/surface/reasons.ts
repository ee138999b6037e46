import { HOUSE_RULE_LABELS, TEST_LABELS, testsThatStand } from '@rustic/core';
import type { Note } from '../page/notes.tsx';
import { sayMoney, sayWorth, sayWeight, isTold } from '../words/figures.ts';
import type { Line, SurfacePage, TestRow } from '../store/endpoints.ts';

export interface Reasons {
  notes: Note[];
  ofTest: Map<string, number>;
  ofLook: number[];
  ofLine: Map<number, number>;
  ofNext: number | null;
  ofBlock: Map<string, number>;
  /** By the surface it is inferred from. */
  ofInherited: Map<string, number>;
  /** By the condition that demands something. */
  ofDemand: Map<string, number>;
}

/** Numbers every decision of the page and writes its note: tests first, then what blocks, then each line of the system. */
export function reasonsOf(page: SurfacePage): Reasons {
  const notes: Note[] = [];
  const add = (note: Omit<Note, 'n'>): number => {
    const same = notes.find((x) => x.text === note.text && x.head === note.head && x.weight === note.weight);
    if (same) return same.n;
    notes.push({ n: notes.length + 1, ...note });
    return notes.length;
  };
  const standing = testsThatStand(page.tests);
  const ofTest = new Map<string, number>();
  standing.forEach((row, index) => ofTest.set(row.id, noteOfTest(page, row, index, add)));
  const ofLook = page.weights
    .filter((w) => w.from === 'look' || w.from === 'record')
    .sort((a, b) => Math.abs(Math.log(b.ratio)) - Math.abs(Math.log(a.ratio)))
    .slice(0, 4)
    .map((w) => add({ text: w.text, weight: sayWeight(w.ratio) }));
  const ofInherited = new Map(
    page.inherited.map((one) => [
      one.surfaceId,
      add({
        head: one.sameCampaign ? 'Same campaign.' : 'A habit of this house.',
        text: `${one.name}: ${one.sameCampaign ? 'likely the same paint' : 'like surfaces of one house are often alike'}. Inferred, not tested here; one test here overrules it.`,
        weight: sayWeight(one.ratio),
      }),
    ]),
  );
  const ofDemand = new Map(
    page.demands.map((d) => [
      d.condition as string,
      add({ text: `${d.demands} ${d.forbids} Until: ${lower(d.until)}`, source: d.source }),
    ]),
  );
  const next = page.nextTests[0];
  const ofNext = next
    ? add({
        text: `${next.why} It takes ${next.minutes} minutes${sayWorth(next.expectedSaving, page.firm.currency)} to know.`,
      })
    : null;
  const ofBlock = new Map(page.blocks.map((b) => [b.code, add({ head: b.text, text: `Until: ${b.until}` })]));
  const ofLine = new Map<number, number>();
  page.lines.forEach((line, i) => ofLine.set(i, noteOfLine(page, line, add)));
  for (const caution of page.cautions)
    if (!notes.some((x) => x.text.includes(caution.text))) add({ head: 'Caution.', text: caution.text });
  return { notes, ofTest, ofLook, ofLine, ofNext, ofBlock, ofInherited, ofDemand };
}

const lower = (text: string) => text[0]!.toLowerCase() + text.slice(1);

function noteOfTest(page: SurfacePage, row: TestRow, index: number, add: (note: Omit<Note, 'n'>) => number): number {
  const weight = page.weights.find((w) => w.from === 'test' && w.index === index);
  if (weight) return add({ text: weight.text, weight: sayWeight(weight.ratio), source: weight.source });
  return add({
    text: `${TEST_LABELS[row.test.kind]}${row.test.place ? `, ${row.test.place}` : ''}: tells of the condition, not of the finish.`,
  });
}

function noteOfLine(page: SurfacePage, line: Line, add: (note: Omit<Note, 'n'>) => number): number {
  const risk = page.risks.find((r) => r.ifSkipped === line.step.kind);
  const skipped = risk
    ? ` Skipped: ${risk.text} ${Math.round(risk.odds * 100)} in 100${!isTold(risk.cost) ? '' : `, ${sayMoney(risk.cost, page.firm.currency)} to put right`}.`
    : '';
  const school = page.schools.find(
    (s) => ['prime', 'undercoat'].includes(line.step.kind) && ['oilTrim', 'blocker', 'undercoat'].includes(s.rule),
  );
  const rule = school ? `House rule: ${HOUSE_RULE_LABELS[school.rule].title.toLowerCase()}.` : null;
  return add({ text: line.step.why.join(' ') + skipped, source: rule });
}
