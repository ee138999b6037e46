import { describe, test } from '@jest/globals';
import { COMES_OFF } from './situations/comesOff.ts';
import { DECIDED } from './situations/decided.ts';
import { FAILING } from './situations/failing.ts';
import { GROUNDS } from './situations/grounds.ts';
import { LAYERS } from './situations/layers.ts';
import { PLACED } from './situations/placed.ts';
import { ROOMS } from './situations/rooms.ts';
import { holdsTo } from './situations/row.ts';
import { USUAL } from './situations/usual.ts';
import { WEATHER } from './situations/weather.ts';
import { WISHED } from './situations/wished.ts';

describe('what is there, layer by layer', () => {
  test.each(LAYERS.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('what was decided is heard', () => {
  test.each(DECIDED.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('what follows where it is left out', () => {
  test.each(FAILING.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('rooms, doors and pieces as they come', () => {
  test.each(USUAL.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('outside, in old houses, and where work can hurt', () => {
  test.each(WEATHER.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('what was wished for', () => {
  test.each(WISHED.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('wet rooms, hot metal, boards and glass', () => {
  test.each(ROOMS.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('grounds as they are laid, cut and moulded', () => {
  test.each(GROUNDS.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('what is found in one place stays there', () => {
  test.each(PLACED.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
describe('what comes off is gone', () => {
  test.each(COMES_OFF.map((s) => [s.what, s] as const))('%s', (_what, s) => holdsTo(s));
});
