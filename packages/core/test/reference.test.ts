import { createHash } from 'node:crypto';
import { expect, test } from '@jest/globals';
import {
  assess,
  assessSchema,
  caseOf,
  placesOf,
  productFor,
  readBy,
  sectionOf,
  toolsFor,
  type Assessment,
  type Step,
} from '../src/index.ts';
import { SITUATIONS } from './situations/all.ts';

/** Everything that is said in an answer, sentence by sentence: why, what holds it up and until when, what follows. */
const sentences = (a: Assessment): string[] =>
  [
    ...a.system.steps.flatMap((s) => s.why),
    ...a.blocks.flatMap((b) => [b.text, b.until]),
    ...a.cautions.map((c) => c.text),
    ...a.holds.faults.map((f) => f.because),
    ...a.risks.map((r) => r.text),
    ...(a.nextTest ? [a.nextTest.why] : []),
  ].flatMap((text) => text.split(/(?<=[.!?]) (?=[A-Z])/));
const digest = (said: readonly string[]) => createHash('sha1').update(said.join('\n')).digest('hex').slice(0, 8);

/**
 * What is answered on every situation, in figures, and its words by a digest: what they are is held below. A change of the code that is meant to change nothing leaves them as
 * they are; where one is meant to, `npm run written` writes them anew, and the difference shows what it changed.
 */
const step = ({ kind, family, coats, scope, tint, grit, waitMin }: Step) =>
  [kind, family, coats && `x${coats}`, scope && `@${scope}`, tint, grit && `#${grit}`, waitMin && `+${waitMin}`]
    .filter(Boolean)
    .join(' ');
const held = ({ holds }: Pick<Assessment, 'holds'>) => `${holds.callBackAYear} ${holds.guaranteeMonths} ${holds.cost}`;

const told = (a: Assessment): string =>
  [
    a.finish.slice(0, 4).map(({ code, probability }) => `${code} ${probability.toFixed(3)}`),
    a.nextTest ? `${a.nextTest.kind} ${a.nextTest.expectedSaving}` : 'no test',
    a.system.steps.map(step),
    held(a),
    a.holds.faults.map(({ fault, odds, by }) => `${fault} ${odds} ${by}`),
    a.risks.map(({ ifSkipped, fault, odds, cost }) => `${ifSkipped}: ${fault} ${odds} ${cost}`),
    a.alternatives.map(held),
    a.schools.map((school) => `${school.rule} ${school.choice} ${held(school)}`),
    [...a.blocks, ...a.cautions].map(({ code }) => code),
    `words ${digest([...sentences(a), ...[...a.alternatives, ...a.schools].map((other) => other.differs)])}`,
  ]
    .map((part) => [part].flat().join(', '))
    .join(' | ');

/** What is drawn of it, layer by layer and place by place, and what is taken along for each step. */
const drawn = (ask: Record<string, unknown>): string => {
  const { c, made } = caseOf(readBy(assessSchema, ask));
  const half = new Set(made.steps.slice(0, made.steps.length / 2).map((_step, i) => `s${i + 1}`));
  const layers = (done: ReadonlySet<string>) => sectionOf(c, made.steps, (of) => productFor(of, c.shelf), done);
  const all = [layers(new Set()), layers(half), placesOf(c), made.steps.map((of) => toolsFor(of, c))];
  return digest([JSON.stringify(all)]);
};
const ROWS = SITUATIONS.flatMap(([, rows]) => rows);
test.each(ROWS.map((row) => [row.what, row] as const))('%s', (_what, { ask }) => {
  expect(`${told(assess(ask))} | drawn ${drawn(ask)}`).toMatchSnapshot();
});

test('every sentence that is said, for a painter to read through', () => {
  const said = ROWS.flatMap(({ ask }) => sentences(assess(ask))).map((text) => text.replaceAll(/\d+/g, '0'));
  expect([...new Set(said)].sort().join('\n')).toMatchSnapshot();
});
