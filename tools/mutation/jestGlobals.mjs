/**
 * What a suite takes from `@jest/globals`, for running many suites in one process, over and over: its tests are gathered
 * here instead of run. Only what the suites of the core use.
 */
import { expect } from 'expect';

/** Every test that was gathered: its suite, its name, what it does, and what is done before it. */
export const gathered = [];
/** What snapshots held on the code as it is: `recording` keeps them, after that they are compared. */
export const snapshots = { kept: new Map(), recording: true, of: '', count: 0 };

let suite = '';
const within = [];
const before = [];

/** Names the suite whose tests come now. */
export const beginSuite = (name) => {
  suite = name;
};

export function describe(name, body) {
  within.push(name);
  try {
    body();
  } finally {
    within.pop();
  }
}

export function test(name, body) {
  const path = [suite, ...within];
  const first = before.filter((b) => b.path.every((part, i) => part === path[i])).map((b) => b.body);
  gathered.push({ name: [...path, name].join(' › '), body, first });
}

export const beforeAll = (body) => before.push({ path: [suite, ...within], body });

const inRows = (one) => (rows) => (name, body) => {
  rows.forEach((row, i) => one(`${name} ${i + 1}`, () => body(...[row].flat(1))));
};
describe.each = inRows(describe);
test.each = inRows(test);

expect.extend({
  toMatchSnapshot(received) {
    const key = `${snapshots.of} ${++snapshots.count}`;
    const text = JSON.stringify(received);
    if (snapshots.recording) snapshots.kept.set(key, text);
    return { pass: snapshots.kept.get(key) === text, message: () => 'It is not what it was.' };
  },
});
export { expect };
