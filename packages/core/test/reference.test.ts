import { expect, test } from '@jest/globals';
import { assess, type Assessment, type Step } from '../src/index.ts';
import { SITUATIONS } from './situations/all.ts';

/**
 * What is answered on every situation, in figures. A change of the code that is meant to change nothing leaves them as
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
  ]
    .map((part) => [part].flat().join(', '))
    .join(' | ');

test.each(SITUATIONS.flatMap(([, rows]) => rows).map((row) => [row.what, row] as const))('%s', (_what, { ask }) => {
  expect(told(assess(ask))).toMatchSnapshot();
});
