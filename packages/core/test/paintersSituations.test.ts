import { describe, test } from '@jest/globals';
import { DECIDED } from './situations/decided.ts';
import { FAILING } from './situations/failing.ts';
import { LAYERS } from './situations/layers.ts';
import { holdsTo } from './situations/row.ts';

describe('what is there, layer by layer', () => {
  test.each(LAYERS.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('what was decided is heard', () => {
  test.each(DECIDED.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('what follows where it is left out', () => {
  test.each(FAILING.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
