import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { describe, expect, test } from '@jest/globals';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const env = { ...process.env, NODE_OPTIONS: '' };
const ledger = (args: string[], input: string) => {
  const { status, stdout, stderr } = spawnSync('npx', ['tsx', '--conditions=source', 'apps/cli/src/main.ts', ...args], {
    cwd: ROOT,
    input,
    encoding: 'utf8',
    env,
  });
  return { status, out: JSON.parse(stdout), stderr };
};

describe('the command line', () => {
  test('answers with JSON and exit 0', () => {
    const { status, out } = ledger(
      ['assess', '-'],
      JSON.stringify({ surface: { element: 'trim', substrate: 'softwood' } }),
    );
    expect(status).toBe(0);
    expect(Object.keys(out)).toEqual([
      'finish',
      'nextTest',
      'system',
      'alternatives',
      'schools',
      'cautions',
      'blocks',
      'risks',
    ]);
  });
  test.each([
    ['not JSON', ['assess', '-'], '{'],
    ['unknown code', ['assess', '-'], '{"surface":{"element":"roof","substrate":"tin"}}'],
    ['no such file', ['plan', '/nowhere.json'], ''],
    ['no such verb', ['paint', '-'], '{}'],
    ['a bad plan', ['plan', '-'], '{}'],
  ])('%s is exit 2 with its faults', (_what, args, input) => {
    const { status, out, stderr } = ledger(args, input);
    expect(status).toBe(2);
    expect(out.errors[0]).toEqual({ path: expect.any(String), message: expect.any(String) });
    expect(stderr).not.toContain('at ');
  });
});
