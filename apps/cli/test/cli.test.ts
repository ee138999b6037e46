import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, test } from '@jest/globals';
import { strToU8, zipSync } from 'fflate';
import { CHAIN_START, chained } from '@rustic/core';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const env = { ...process.env, NODE_OPTIONS: '' };
/** As `npx tsx` runs it, without the way through npx. */
const TSX = ['--import', 'tsx', '--conditions=source', 'apps/cli/src/main.ts'];
const ledger = (args: string[], input: string) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [...TSX, ...args], {
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
      'holds',
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

  test('a surface that differs by place is answered with steps for each place', () => {
    const { status, out } = ledger(
      ['assess', '-'],
      JSON.stringify({
        surface: { element: 'trim', substrate: 'softwood', builtYear: 1995, areaM2: 9 },
        tests: [
          { kind: 'spirit-rub', result: 'transfer', place: 'the new run' },
          { kind: 'spirit-rub', result: 'no-transfer', place: 'the old run' },
        ],
      }),
    );
    expect(status).toBe(0);
    const scoped = out.system.steps.filter((s: { scope?: string }) => s.scope === 'the old run');
    expect(scoped.map((s: { kind: string }) => s.kind)).toContain('prime');
    expect(out.finish[0].probability).toBeLessThanOrEqual(0.9);
  });
  test('reads a file as well as standard input, and plans it the same twice', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'ledger-cli-')), 'plan.json');
    const input = {
      start: '2027-03-01T08:00:00+00:00',
      timeZone: 'Europe/London',
      crew: [{ id: 'p1' }],
      air: { kind: 'steady', temperatureC: 20, relativeHumidityPct: 50 },
      zones: [{ id: 'hall' }],
      surfaces: [{ id: 'trim', zone: 'hall', steps: [{ id: 's1', kind: 'wash', minutes: 40, waitMin: 120 }] }],
    };
    writeFileSync(file, JSON.stringify(input));
    const fromFile = ledger(['plan', file], '');
    expect(fromFile.status).toBe(0);
    expect(fromFile.out).toEqual(ledger(['plan', '-'], JSON.stringify(input)).out);
    expect(fromFile.out).toMatchObject({ status: 'feasible', finish: '2027-03-01T08:40:00+00:00', visits: 1 });
  });
  test('every fault is listed at once, each with its path', () => {
    const { status, out } = ledger(
      ['assess', '-'],
      JSON.stringify({
        surface: { element: 'roof', substrate: 'softwood', areaM2: -2, builtYear: 12, colour: 'red' },
        tests: [{ kind: 'spirit-rub', result: 'wets' }, { kind: 'cross-cut' }],
        extra: 1,
      }),
    );
    expect(status).toBe(2);
    const paths = out.errors.map((e: { path: string }) => e.path);
    for (const path of ['surface.element', 'surface.areaM2', 'surface.builtYear', 'tests[0].result', 'tests[1].grade'])
      expect(paths).toContain(path);
  });

  test('a whole job is read from its zip, and a photo that is another is named', () => {
    const picture = strToU8('a picture');
    const photo = { id: 'p', hash: createHash('sha256').update(picture).digest('hex') };
    const at = '2027-03-01T08:00:00Z';
    const entry = { jobId: 'j', kind: 'photo-kept', subject: null, by: 'Ada Thirle', at, recordedAt: at };
    const chain = [chained({ ...entry, seq: 1, payload: photo }, CHAIN_START)];
    const zip = (name: string, parts: Record<string, Uint8Array>, rows: unknown[] = [photo]) => {
      const file = join(mkdtempSync(join(tmpdir(), 'ledger-cli-')), name);
      const job = strToU8(JSON.stringify({ photos: rows, ledger: chain }));
      writeFileSync(file, zipSync({ 'job.json': job, ...parts }));
      return file;
    };
    const verify = (file: string) => ledger(['job', 'verify', file], '');
    expect(verify(zip('whole.zip', { 'photos/p.jpg': picture })).out).toEqual({ whole: true, entries: 1 });
    const another = verify(zip('another.zip', { 'photos/p.jpg': strToU8('another') }));
    expect(another).toMatchObject({ status: 2, out: { errors: [{ path: 'photos[0]' }] } });
    expect(verify(zip('missing.zip', {})).out.errors[0].message).toContain('not in the zip');
    // The row names the other picture, but the ledger does not.
    const hash = createHash('sha256').update('another').digest('hex');
    const bent = verify(zip('bent.zip', { 'photos/p.jpg': strToU8('another') }, [{ ...photo, hash }]));
    expect(bent.out).toMatchObject({ whole: false, brokenAt: 1 });
  });
});
