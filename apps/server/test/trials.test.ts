import { beforeAll, describe, expect, test } from '@jest/globals';
import { readJobFile } from '@rustic/core';
import { newJob, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
beforeAll(async () => {
  ada = await signedIn();
});

const HOUR = 3_600_000;
const ago = (hours: number) => new Date(Date.now() - hours * HOUR).toISOString();
const arm = (family: string) => ({
  id: family,
  words: family.replaceAll('-', ' '),
  family,
  coats: 1,
  does: [] as string[],
  waitMin: null,
});
const prepared = (does: string[]) => ({ ...arm(does.join('+') || 'nothing'), family: null, coats: 0, does });
const design = (more: object = {}) => ({
  preparations: [{ ...prepared(['degreaser']), words: 'washed' }],
  primers: [arm('shellac-primer'), arm('bonding-acrylic-primer')],
  topcoats: [arm('acrylic-trim')],
  leftOut: [],
  replicates: 2,
  seed: 42,
  ...more,
});

async function newTrial(more: object = {}) {
  const { jobId, roomId } = await newJob(ada, 1995);
  const surface = { ...surfaceBody(roomId), facts: { element: 'furniture', substrate: 'melamine', areaM2: 5 } };
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  const id = uuid();
  const body = { id, title: 'which holds', place: 'back', surfaceId: surface.id, design: design(), ...more };
  const made = await ada.post(`/api/jobs/${jobId}/trials`, body);
  return { jobId, surfaceId: surface.id, id, made };
}
const lay = (id: string, kind: string, at: string) => ada.post(`/api/trials/${id}/laid`, { id: uuid(), kind, at });
const look = (id: string, cell: string, result: string, more: object = {}) =>
  ada.post(`/api/trials/${id}/looks`, {
    id: uuid(),
    cell,
    part: 'cell',
    at: new Date().toISOString(),
    test: { kind: 'nail-scratch', result },
    ...more,
  });

describe('a trial', () => {
  test('from design to an accepted conclusion, which weighs in the choice of the system', async () => {
    const { id, jobId, surfaceId } = await newTrial();
    const primerOf = async () =>
      (await ada.get(`/api/surfaces/${surfaceId}`)).body.lines.find(
        (l: { step: { kind: string } }) => l.step.kind === 'prime',
      ).step.family;
    const before = await primerOf();

    expect((await lay(id, 'topcoated', ago(1))).body.code).toBe('not-primed');
    expect(
      (await ada.post(`/api/trials/${id}/conclusion`, { id: uuid(), text: 'x', weighs: true, forFirm: false })).body
        .code,
    ).toBe('not-scored');
    expect((await lay(id, 'primed', ago(130))).status).toBe(201);
    expect((await lay(id, 'primed', ago(129))).body.code).toBe('already-laid');
    const primed = (await ada.get(`/api/trials/${id}`)).body;
    expect(primed.due.every((d: { kind: string }) => d.kind === 'recoat')).toBe(true);
    await lay(id, 'topcoated', ago(120));
    const board = (await ada.get(`/api/trials/${id}`)).body;
    expect(board.due.map((d: { kind: string }) => d.kind)).toEqual(['first-look', 'later-look', 'cure-look']);
    const checks = (await ada.get('/api/today')).body.checks;
    expect(checks.find((c: { trialId: string }) => c.trialId === id).kind).toBe('first-look');

    for (const cell of board.cells as { id: string; primer: number | null }[])
      expect((await look(id, cell.id, cell.primer === 1 ? 'holds' : 'peels-in-sheet')).status).toBe(201);
    const scored = (await ada.get(`/api/trials/${id}`)).body;
    expect(scored.looks).toBe(board.cells.length);
    // How old the film was is reckoned from when it was laid.
    expect(scored.acts.find((a: { kind: string }) => a.kind === 'look').body.test.filmAgeHours).toBeCloseTo(120, 0);
    expect(scored.due.map((d: { kind: string }) => d.kind)).toEqual(['cure-look']);

    const concluded = await ada.post(`/api/trials/${id}/conclusion`, {
      id: uuid(),
      text: 'The bonding primer holds.',
      weighs: true,
      forFirm: false,
    });
    expect(concluded.status).toBe(201);
    const words = concluded.body.body.words as { family: string; logOdds: number }[];
    expect(words.find((w) => w.family === 'bonding-acrylic-primer')!.logOdds).toBeGreaterThan(0);
    expect(words.find((w) => w.family === 'shellac-primer')!.logOdds).toBeLessThan(0);
    expect(await primerOf()).toBe('bonding-acrylic-primer');
    expect(before).not.toBe('bonding-acrylic-primer');
    expect((await ada.get(`/api/trials/${id}`)).body.due).toEqual([]);
    const kinds = (await ada.get(`/api/jobs/${jobId}/ledger`)).body.map((e: { kind: string }) => e.kind);
    expect(kinds).toEqual(
      expect.arrayContaining(['trial-designed', 'trial-primed', 'trial-topcoated', 'trial-look', 'trial-concluded']),
    );
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('which bond let go is kept with the look: what came off with the old film is not held against the primer', async () => {
    const says = async (bond: string | null) => {
      const { id } = await newTrial();
      await lay(id, 'primed', ago(200));
      await lay(id, 'topcoated', ago(190));
      const { cells } = (await ada.get(`/api/trials/${id}`)).body;
      for (const cell of cells)
        expect(
          (
            await look(
              id,
              cell.id,
              cell.primer === 0 ? 'peels-in-sheet' : 'holds',
              bond && cell.primer === 0 ? { bond } : {},
            )
          ).status,
        ).toBe(201);
      return (await ada.get(`/api/trials/${id}`)).body as { says: string[]; acts: { body: { bond?: string } }[] };
    };
    const shellac = /^Shellac primer lets go .* as often as expected/;
    expect((await says(null)).says.some((s) => shellac.test(s))).toBe(true);
    const old = await says('old-film');
    expect(old.says.some((s) => shellac.test(s))).toBe(false);
    expect(old.acts.some((a) => a.body.bond === 'old-film')).toBe(true);
    const between = await says('between-coats');
    expect(between.says[0]).toMatch(/^Acrylic trim paint on shellac primer lets go .* as often as expected/);
  });

  test('a two by two of cleaner and paper, with one corner left out, is laid and says what it teaches of each', async () => {
    const { id, made } = await newTrial({
      design: design({
        preparations: [[], ['degreaser'], ['sanded-220'], ['degreaser', 'sanded-220']].map(prepared),
        primers: [arm('bonding-acrylic-primer')],
        leftOut: [{ preparation: 0, primer: 0, topcoat: 0 }],
        replicates: 3,
      }),
    });
    expect(made.status).toBe(201);
    // Three ways and the untreated cell, three times.
    expect(made.body.cells).toHaveLength(12);
    await lay(id, 'primed', ago(200));
    await lay(id, 'topcoated', ago(190));
    for (const cell of made.body.cells as { id: string; preparation: number | null }[])
      await look(id, cell.id, cell.preparation !== null && cell.preparation >= 2 ? 'holds' : 'scratches-off');
    const board = (await ada.get(`/api/trials/${id}`)).body;
    expect(board.label).toContain('Scratch');
    expect(board.says.some((s: string) => /after sanding lets go .* as seldom as expected/.test(s))).toBe(true);
    await ada.post(`/api/trials/${id}/conclusion`, { id: uuid(), text: 'Sand it.', weighs: true, forFirm: false });
    // Once it counts it says what it said: it is not weighed against itself.
    expect((await ada.get(`/api/trials/${id}`)).body.says).toEqual(board.says);
  });

  test('a job file whose board was kept before arms said what they do is still read', async () => {
    const { jobId } = await newTrial();
    const file = (await ada.get(`/api/jobs/${jobId}/file`)).body;
    const [trial] = file.trials;
    delete trial.design.leftOut;
    for (const kind of ['preparations', 'primers', 'topcoats'])
      for (const one of trial.design[kind]) {
        delete one.does;
        delete one.waitMin;
      }
    const { design: read } = readJobFile(file).trials[0]!;
    expect(read.leftOut).toEqual([]);
    expect(read.preparations[0]).toMatchObject({ words: 'washed', does: null, waitMin: null });
  });

  test('a look is corrected by another, and the first counts no more', async () => {
    const { id } = await newTrial();
    await lay(id, 'primed', ago(130));
    await lay(id, 'topcoated', ago(120));
    const [cell] = (await ada.get(`/api/trials/${id}`)).body.cells;
    const first = await look(id, cell.id, 'holds');
    expect((await look(id, cell.id, 'marks', { corrects: first.body.id })).status).toBe(201);
    expect((await ada.get(`/api/trials/${id}`)).body.looks).toBe(1);
    expect((await look(id, cell.id, 'marks', { corrects: first.body.id })).body.code).toBe('already-corrected');
  });

  test('a conclusion that is only a note weighs nothing; one for the firm speaks in other jobs on that ground', async () => {
    const { id } = await newTrial();
    await lay(id, 'primed', ago(200));
    await lay(id, 'topcoated', ago(190));
    const { cells } = (await ada.get(`/api/trials/${id}`)).body;
    for (const cell of cells) await look(id, cell.id, cell.primer === 1 ? 'holds' : 'peels-in-sheet');
    const elsewhere = await newTrial();
    const primerThere = async () =>
      (await ada.get(`/api/surfaces/${elsewhere.surfaceId}`)).body.lines.find(
        (l: { step: { kind: string } }) => l.step.kind === 'prime',
      ).step.family;
    const before = await primerThere();
    const conclude = (weighs: boolean, forFirm: boolean) =>
      ada.post(`/api/trials/${id}/conclusion`, { id: uuid(), text: 'It holds.', weighs, forFirm });
    expect((await conclude(false, true)).body.body).toMatchObject({ words: [], forFirm: false });
    expect(await primerThere()).toBe(before);
    // An estimator accepts it for the job; that it counts in every job is for the owner to let.
    const rosalind = await signedIn('rosalind');
    const asked = { id: uuid(), text: 'It holds.', weighs: true };
    const refused = await rosalind.post(`/api/trials/${id}/conclusion`, { ...asked, forFirm: true });
    expect([refused.status, refused.body.code]).toEqual([403, 'not-allowed']);
    expect((await rosalind.post(`/api/trials/${id}/conclusion`, { ...asked, forFirm: false })).status).toBe(201);
    expect(await primerThere()).toBe(before);
    await conclude(true, true);
    expect(await primerThere()).toBe('bonding-acrylic-primer');
    // Taken back by a later conclusion: the newest stands.
    await conclude(false, false);
    expect(await primerThere()).toBe(before);
  });

  test.each<[string, object, string]>([
    ['no primer', { primers: [] }, 'design.primers'],
    [
      'thirteen preparations',
      { preparations: Array.from({ length: 13 }, (_, i) => ({ ...prepared([]), id: `${i}` })) },
      'design.preparations',
    ],
    ['the same primer twice', { primers: [arm('oil-primer'), arm('oil-primer')] }, 'design.primers'],
    ['a family that is none', { topcoats: [arm('cheese')] }, 'design.topcoats[0].family'],
    ['ten of each', { replicates: 10 }, 'design.replicates'],
    [
      'work that is none',
      { preparations: [{ ...arm('x'), family: null, does: ['prayer'] }] },
      'design.preparations[0].does[0]',
    ],
    [
      'nothing that is left in',
      { leftOut: [0, 1].map((primer) => ({ preparation: 0, primer, topcoat: 0 })) },
      'design.leftOut',
    ],
  ])('%s cannot be laid', async (_what, more, path) => {
    const { made, jobId } = await newTrial({ design: design(more) });
    expect(made.status).toBe(400);
    expect(made.body.errors.map((e: { path: string }) => e.path)).toContain(path);
    const all = (await ada.get('/api/trials')).body as { jobId: string }[];
    expect(all.some((t) => t.jobId === jobId)).toBe(false);
  });

  test('a cell that is not on the board, a result of another test: nothing is written', async () => {
    const { id } = await newTrial();
    await lay(id, 'primed', ago(5));
    expect((await look(id, 'Z99', 'holds')).body.errors[0].path).toBe('cell');
    expect((await look(id, 'b3', 'holds')).status).toBe(400);
    expect((await look(id, 'A1', 'wets')).body.errors[0].path).toBe('test.result');
    expect((await ada.get(`/api/trials/${id}`)).body.looks).toBe(0);
  });

  test('unequal coats are warned of wherever the trial is shown', async () => {
    const { id } = await newTrial({
      design: design({ primers: [{ ...arm('oil-primer'), coats: 2 }, arm('shellac-primer')] }),
    });
    expect((await ada.get(`/api/trials/${id}`)).body.warnings.join(' ')).toContain('unequal coats');
  });
});
