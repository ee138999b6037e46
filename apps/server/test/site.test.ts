import { beforeAll, describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import { newJob, secondFirm, signedIn, surfaceBody, uuid, type Client } from './client.ts';

let ada: Client;
let mei: Client;
let other: Client;
beforeAll(async () => {
  ada = await signedIn();
  mei = await signedIn('mei');
  other = await secondFirm('Third Coat', 'third@coat.example');
});

/* eslint-disable @typescript-eslint/no-explicit-any -- answers are read field by field */
interface Site {
  jobId: string;
  surfaceId: string;
  roomId: string;
  work: any[];
  coats: any[];
}

/** A skirting of a new house, with the steps of its system as the run sheet has them. */
async function site(): Promise<Site> {
  const { jobId, roomId } = await newJob(ada, 1995);
  const surface = surfaceBody(roomId);
  await ada.post(`/api/jobs/${jobId}/surfaces`, surface);
  await ada.post(`/api/jobs/${jobId}/plan`, { id: uuid() });
  const { work } = await lineOf(surface.id);
  return { jobId, surfaceId: surface.id, roomId, work, coats: work.filter((w: any) => w.plan.drying) };
}
const lineOf = async (surfaceId: string) =>
  (await mei.get('/api/today')).body.lines.find((l: any) => l.surfaceId === surfaceId);
const minutesAgo = (n: number) => new Date(Date.now() - n * 60_000).toISOString();
const coatBody = (at: Site, coat: any, more: object = {}) => ({
  id: uuid(),
  surfaceId: at.surfaceId,
  stepId: coat.plan.id,
  startedAt: minutesAgo(90),
  endedAt: minutesAgo(60),
  productId: coat.product.id,
  batch: 'B1',
  temperatureC: 19,
  relativeHumidityPct: 55,
  ...more,
});
const log = (at: Site, body: object, who = mei) => who.post(`/api/jobs/${at.jobId}/work`, body);
const kindsOf = async (at: Site) => (await ada.get(`/api/jobs/${at.jobId}/ledger`)).body.map((e: any) => e.kind);
const followUps = async (at: Site) =>
  (await ada.get('/api/today')).body.followUps.filter((f: any) => f.surfaceId === at.surfaceId);

describe('a coat that is logged', () => {
  test('keeps everything that was said of it, and moves the clock of its surface', async () => {
    const at = await site();
    const said = {
      method: 'brush',
      helper: 'Tobiah Lunt',
      surfaceC: 17.5,
      wetFilmUm: 100,
      litres: 0.4,
      note: 'behind the door too',
    };
    const answer = await log(at, coatBody(at, at.coats[0], said));
    expect(answer.status).toBe(201);
    expect(answer.body.log).toMatchObject({ ...said, byName: 'Mei Okonjo-Hart' });
    const line = await lineOf(at.surfaceId);
    expect(line.last.plan.id).toBe(at.coats[0].plan.id);
    expect(line.opensAt).toBe(answer.body.opensAt);
    expect(line.done).toHaveLength(1);
  });
  test('within its limits it opens nothing; in cold and damp, it is told at once and looked at again', async () => {
    const good = await site();
    expect((await log(good, coatBody(good, good.coats[0]))).body.warnings).toEqual([]);
    expect(await followUps(good)).toEqual([]);
    const bad = await site();
    const cold = { temperatureC: 3, relativeHumidityPct: 95, wetFilmUm: 10 };
    const { warnings, addedMin } = (await log(bad, coatBody(bad, bad.coats[0], cold))).body;
    expect(warnings.join(' ')).toMatch(/outside its limits: /);
    expect(warnings.join(' ')).toMatch(/starved/);
    expect(addedMin).toBeGreaterThanOrEqual(0);
    const kinds = await kindsOf(bad);
    expect(kinds.filter((k: string) => k === 'follow-up-opened')).toHaveLength(2);
    // One is due tomorrow, the other at cure: only the first is on the run sheet.
    const due = await followUps(bad);
    expect(due.map((f: any) => f.kind)).toEqual(['starved-film']);
    expect((await mei.post(`/api/follow-ups/${due[0].id}/close`, { id: uuid(), note: 'covers' })).status).toBe(201);
    expect(await followUps(bad)).toEqual([]);
    expect(await kindsOf(bad)).toContain('follow-up-closed');
  });
  test('recoated before the coat under it was open, says by how much', async () => {
    const at = await site();
    await log(at, coatBody(at, at.coats[0], { startedAt: minutesAgo(40), endedAt: minutesAgo(10) }));
    const next = at.work[at.work.findIndex((w) => w.plan.id === at.coats[0].plan.id) + 1];
    const second = at.coats[1];
    const soon = coatBody(at, second, { startedAt: minutesAgo(9), endedAt: minutesAgo(1) });
    const { warnings } = (await log(at, soon)).body;
    expect(next).toBeDefined();
    expect(warnings.join(' ')).toMatch(/not open for another \d/);
  });
  test('with another product than the system asks for is refused without a reason, and kept with one', async () => {
    const at = await site();
    const shelf = (await mei.get('/api/shelf')).body;
    const wrong = shelf.find((p: any) => p.family === 'masonry-paint');
    const refused = await log(at, coatBody(at, at.coats[0], { productId: wrong.id }));
    expect(refused.status).toBe(400);
    expect(refused.body.errors[0].path).toBe('productId');
    const kept = await log(at, coatBody(at, at.coats[0], { productId: wrong.id, instead: 'the client brought it' }));
    expect(kept.status).toBe(201);
    expect(kept.body.warnings.join(' ')).toContain('the client brought it');
    expect(await kindsOf(at)).toContain('follow-up-opened');
  });
});

describe('corrections', () => {
  test('stand in the place of what they correct; both are kept; what the first had opened is closed', async () => {
    const at = await site();
    const first = coatBody(at, at.coats[0], { wetFilmUm: 10 });
    await log(at, first);
    expect(await followUps(at)).toHaveLength(1);
    const second = coatBody(at, at.coats[0], {
      wetFilmUm: 95,
      corrects: first.id,
      startedAt: minutesAgo(300),
      endedAt: minutesAgo(270),
    });
    const put = await log(at, second);
    expect([put.status, put.body.message]).toEqual([201, undefined]);
    const line = await lineOf(at.surfaceId);
    expect(line.done).toHaveLength(1);
    expect(line.lastEnd).toBe(Math.ceil(Date.parse(second.endedAt) / 60_000));
    expect(await followUps(at)).toEqual([]);
    expect(await kindsOf(at)).toEqual(expect.arrayContaining(['coat-logged', 'work-corrected', 'follow-up-closed']));
    const again = await log(at, coatBody(at, at.coats[0], { corrects: first.id }));
    expect([again.status, again.body.code]).toEqual([409, 'corrected']);
  });
  test('may take a log back altogether: the step is to do again', async () => {
    const at = await site();
    const first = coatBody(at, at.coats[0]);
    await log(at, first);
    const back = {
      id: uuid(),
      surfaceId: at.surfaceId,
      stepId: first.stepId,
      startedAt: first.startedAt,
      endedAt: first.endedAt,
    };
    expect((await log(at, { ...back, withdrawn: true })).status).toBe(400);
    expect((await log(at, { ...back, corrects: first.id, withdrawn: true, note: 'the wrong room' })).status).toBe(201);
    expect((await lineOf(at.surfaceId)).done).toEqual([]);
    expect((await log(at, coatBody(at, at.coats[0]))).status).toBe(201);
  });
  test('two at once: one stands, the other is told', async () => {
    const at = await site();
    const first = coatBody(at, at.coats[0]);
    await log(at, first);
    const both = await Promise.all(
      [1, 2, 3].map((n) => log(at, coatBody(at, at.coats[0], { corrects: first.id, litres: n }))),
    );
    expect(both.map((b) => b.status).sort()).toEqual([201, 409, 409]);
    expect((await lineOf(at.surfaceId)).done).toHaveLength(1);
  });
  test('two people who log the same step at once: one is written, the other sees whose', async () => {
    const at = await site();
    const answers = await Promise.all([log(at, coatBody(at, at.coats[0])), log(at, coatBody(at, at.coats[0]), ada)]);
    expect(answers.map((a) => a.status).sort()).toEqual([201, 409]);
    const refused = answers.find((a) => a.status === 409)!;
    expect(refused.body.theirs.stepId).toBe(at.coats[0].plan.id);
  });
});

describe('holds', () => {
  test("another trade's date keeps a step back in the plan, until it is released", async () => {
    const at = await site();
    const step = at.coats[0].plan.id;
    const until = '2027-04-12T09:00:00+01:00';
    const held = await mei.post(`/api/surfaces/${at.surfaceId}/holds`, {
      id: uuid(),
      stepId: step,
      until,
      reason: 'the joiner fits the door',
    });
    expect(held.status).toBe(201);
    const planned = async () =>
      (await ada.get(`/api/jobs/${at.jobId}/plan?afresh=true`)).body.plan.steps.find(
        (s: any) => s.id === step && s.surface === at.surfaceId,
      );
    expect(Date.parse((await planned()).start)).toBeGreaterThanOrEqual(Date.parse(until));
    const early = await log(at, coatBody(at, at.coats[0]));
    expect([early.status, early.body.code]).toEqual([409, 'held']);
    expect((await mei.post(`/api/holds/${held.body.id}/release`, { id: uuid() })).status).toBe(201);
    expect((await mei.post(`/api/holds/${held.body.id}/release`, { id: uuid() })).status).toBe(409);
    expect(Date.parse((await planned()).start)).toBeLessThan(Date.parse(until));
    expect(await kindsOf(at)).toEqual(expect.arrayContaining(['step-held', 'step-released']));
  });
  test('what looks wrong holds the next step, and its way back stands in the plan until it is put right', async () => {
    const at = await site();
    await log(at, coatBody(at, at.coats[0]));
    const written = await mei.post(`/api/surfaces/${at.surfaceId}/ways-back`, {
      id: uuid(),
      fault: 'runs',
      wet: false,
      note: 'under the sill',
    });
    expect(written.status).toBe(201);
    expect(written.body.steps.length).toBeGreaterThan(0);
    expect(written.body.price).not.toHaveProperty('cost');
    const line = await lineOf(at.surfaceId);
    expect(line.held).toMatchObject({ kind: 'looks-wrong', until: null });
    expect(line.held.reason).toContain('under the sill');
    const page = (await ada.get(`/api/jobs/${at.jobId}/plan`)).body;
    const own = page.plan.steps.filter((s: any) => s.surface === at.surfaceId).map((s: any) => s.id);
    expect(own.filter((id: string) => id.startsWith('b')).length).toBe(written.body.undoes);
    expect(page.difference.added.length).toBe(written.body.undoes);
    await mei.post(`/api/holds/${line.held.id}/release`, { id: uuid(), note: 'rubbed down and touched in' });
    const after = (await ada.get(`/api/jobs/${at.jobId}/plan`)).body.plan.steps;
    expect(after.some((s: any) => s.id.startsWith('b'))).toBe(false);
  });
  test("a step that is done, a step that is none, another firm's surface", async () => {
    const at = await site();
    await log(at, coatBody(at, at.coats[0]));
    const until = minutesAgo(-600);
    const hold = (stepId: string, who = mei) =>
      who.post(`/api/surfaces/${at.surfaceId}/holds`, { id: uuid(), stepId, until, reason: 'because' });
    expect((await hold(at.coats[0].plan.id)).status).toBe(409);
    expect((await hold('s99')).status).toBe(400);
    expect((await hold(at.coats[1].plan.id, other)).status).toBe(404);
  });
});

describe('a finished surface', () => {
  /** Every step logged in order, the last of them an hour ago. */
  async function finished() {
    const at = await site();
    const days = at.work.length;
    for (const [i, step] of at.work.entries()) {
      const ended = minutesAgo(60 + (days - 1 - i) * 2 * 1440);
      const began = minutesAgo(90 + (days - 1 - i) * 2 * 1440);
      const body = step.plan.drying
        ? coatBody(at, step, { startedAt: began, endedAt: ended })
        : { id: uuid(), surfaceId: at.surfaceId, stepId: step.plan.id, startedAt: began, endedAt: ended };
      expect((await log(at, body)).status).toBe(201);
    }
    return at;
  }
  const cureOf = async (at: Site) =>
    (await ada.get('/api/aftercare')).body.uses.filter((u: any) => u.surfaceId === at.surfaceId);

  test('stands on the run sheet with the next thing it may bear, though its job is in aftercare', async () => {
    const at = await finished();
    const handed = { id: uuid(), at: minutesAgo(0), withWhom: 'the client' };
    expect((await ada.post(`/api/jobs/${at.jobId}/hand-over`, handed)).body.status).toBe('aftercare');
    const line = await lineOf(at.surfaceId);
    const next = (await cureOf(at)).find((i: any) => Date.parse(i.at) > Date.now());
    expect(line).toMatchObject({ standing: 'done', curing: { at: next.at, words: next.words } });
  });

  test('a correction of its last coat moves its cure dates: a thicker film later, an earlier end earlier', async () => {
    const at = await finished();
    const coat = at.coats.at(-1);
    const before = await cureOf(at);
    const logged = (await ada.get(`/api/jobs/${at.jobId}/ledger`)).body
      .filter((e: any) => e.kind === 'coat-logged')
      .at(-1).payload;
    const correct = (corrects: string, more: object) =>
      log(at, coatBody(at, coat, { startedAt: logged.startedAt, endedAt: logged.endedAt, corrects, ...more }));
    const thick = await correct(logged.id, { wetFilmUm: coat.product.wetFilmUm * 1.5 });
    expect(thick.status).toBe(201);
    const later = await cureOf(at);
    const early = await correct(thick.body.log.id, {
      startedAt: new Date(Date.parse(logged.startedAt) - 86_400_000).toISOString(),
      endedAt: new Date(Date.parse(logged.endedAt) - 86_400_000).toISOString(),
    });
    expect(early.status).toBe(201);
    const earlier = await cureOf(at);
    const cured = (items: any[]) => Date.parse(items.find((i) => i.code === 'cured').at);
    // Time grows with the square of the film: 1.5 thick is 2.25 as long.
    const start = Date.parse(logged.endedAt);
    expect((cured(later) - start) / (cured(before) - start)).toBeCloseTo(2.25, 1);
    expect(cured(earlier)).toBe(cured(before) - 86_400_000);
    expect((await lineOf(at.surfaceId)).curing.at).toBe(earlier.find((i: any) => Date.parse(i.at) > Date.now()).at);
  });

  test('its client is told in days, on paper and in a calendar that another program reads', async () => {
    const at = await finished();
    const paper = (await mei.get(`/api/jobs/${at.jobId}/papers/care-sheet`)).body;
    const cells = paper.blocks.flatMap((b: any) => (b.kind === 'table' ? b.rows.map((r: any) => r.cells) : []));
    expect(cells.map((c: string[]) => c[1])).toEqual(expect.arrayContaining(['touch', 'wipe with a damp cloth']));
    const answer = await fetch(`${ada.base}/api/jobs/${at.jobId}/care-calendar`, { headers: { cookie: ada.cookie } });
    const read = new ICAL.Component(ICAL.parse(await answer.text()) as any).getAllSubcomponents('vevent');
    const events = read.map((e) => new ICAL.Event(e));
    const wash = (await cureOf(at)).find((i: any) => i.code === 'wash').at;
    const event = events.find((e) => e.summary.includes('wipe with a damp cloth'))!;
    expect(event.startDate.isDate).toBe(true);
    const days = (Date.parse(event.startDate.toString()) - Date.parse(wash)) / 86_400_000;
    expect(Math.abs(days)).toBeLessThanOrEqual(1);
    expect((await other.get(`/api/jobs/${at.jobId}/care-calendar`)).status).toBe(404);
  });
});

describe('preparation in one act', () => {
  const stretch = (at: Site, body: object, who = mei) => who.post(`/api/jobs/${at.jobId}/work/stretch`, body);
  const ahead = (at: Site) =>
    at.work.slice(
      0,
      at.work.findIndex((w: any) => w.plan.drying),
    );
  const bodyOf = (at: Site, more: object = {}) => ({
    id: uuid(),
    surfaceId: at.surfaceId,
    steps: ahead(at).map((w: any) => ({ id: uuid(), stepId: w.plan.id })),
    skipped: [],
    startedAt: minutesAgo(200),
    endedAt: minutesAgo(50),
    handsOnMin: 150,
    helper: 'Tobiah Lunt',
    ...more,
  });

  test('logs every step up to the coat once, shares the time out, and names it as one entry', async () => {
    const at = await site();
    const body = bodyOf(at);
    expect(body.steps.length).toBeGreaterThan(1);
    const sent = await stretch(at, body);
    expect(sent.status).toBe(201);
    expect((await stretch(at, body)).body).toEqual(sent.body);
    const logs: any[] = sent.body;
    expect(logs.map((l) => l.stepId)).toEqual(body.steps.map((s) => s.stepId));
    expect(logs.reduce((sum, l) => sum + l.handsOnMin, 0)).toBe(150);
    for (const [i, l] of logs.entries()) {
      expect(l).toMatchObject({ helper: 'Tobiah Lunt', byName: 'Mei Okonjo-Hart' });
      expect(Date.parse(l.startedAt)).toBe(i ? Date.parse(logs[i - 1].endedAt) : Date.parse(body.startedAt));
    }
    expect(logs.at(-1).endedAt).toBe(new Date(body.endedAt).toISOString());
    const line = await lineOf(at.surfaceId);
    expect(line.next.plan.id).toBe(at.coats[0].plan.id);
    expect((await kindsOf(at)).filter((k: string) => k === 'stretch-done')).toHaveLength(1);
    expect((await ada.get(`/api/jobs/${at.jobId}/ledger/check`)).body.whole).toBe(true);
  });

  test('names what was not done, and learns nothing where nobody said the hours', async () => {
    const at = await site();
    const [left, ...steps] = bodyOf(at).steps;
    const { handsOnMin: _unsaid, ...body } = bodyOf(at, { steps, skipped: [left!.stepId], note: 'clean already' });
    const logs = (await stretch(at, body)).body as any[];
    expect(logs.every((l) => l.handsOnMin === null)).toBe(true);
    const entry = (await ada.get(`/api/jobs/${at.jobId}/ledger`)).body.find((e: any) => e.kind === 'stretch-done');
    expect(entry.payload).toMatchObject({ skipped: [left!.stepId], note: 'clean already' });
  });

  test('takes no coat, nothing twice, nothing out of order; of all that is wrong nothing is half written', async () => {
    const at = await site();
    const good = bodyOf(at);
    const faults = async (body: object) => {
      const { status, body: said } = await stretch(at, body);
      expect(status).toBe(400);
      return said.errors.map((e: any) => e.path);
    };
    const coat = { id: uuid(), stepId: at.coats[0].plan.id };
    expect(await faults({ ...good, id: uuid(), steps: [...good.steps, coat] })).toEqual([
      `steps[${good.steps.length}].stepId`,
    ]);
    expect(await faults({ ...good, id: uuid(), steps: [...good.steps].reverse() })).toEqual(['steps']);
    expect(await faults({ ...good, id: uuid(), skipped: [good.steps[0]!.stepId] })).toEqual(['skipped[0]']);
    expect(await faults({ ...good, id: uuid(), endedAt: minutesAgo(300) })).toEqual(['endedAt']);
    expect((await lineOf(at.surfaceId)).done).toEqual([]);
    await stretch(at, good);
    expect(await faults({ ...bodyOf(at) })).toContain('steps[0].stepId');
  });
});

describe('what a log would say', () => {
  test('is told before it is written: cold air, a second coat too early; and nothing is written by asking', async () => {
    const at = await site();
    const ask = async (coat: any, more: object) => {
      const { id: _id, ...said } = coatBody(at, coat, more);
      return (await mei.post(`/api/jobs/${at.jobId}/work/check`, said)).body.warnings.join(' ');
    };
    expect(await ask(at.coats[0], {})).toBe('');
    expect(await ask(at.coats[0], { temperatureC: 3, relativeHumidityPct: 95 })).toMatch(/outside its limits/);
    await log(at, coatBody(at, at.coats[0], { startedAt: minutesAgo(12), endedAt: minutesAgo(10) }));
    expect(await ask(at.coats[1], { startedAt: minutesAgo(1), endedAt: minutesAgo(0) })).toMatch(
      /was not open for another \d+ min/,
    );
    expect((await lineOf(at.surfaceId)).done).toHaveLength(1);
  });
});

describe('the hand-over', () => {
  test('names what is not finished, is made once, and can be taken back with a reason', async () => {
    const at = await site();
    const hand = (body: object, who = ada) =>
      who.post(`/api/jobs/${at.jobId}/hand-over`, { id: uuid(), at: minutesAgo(0), ...body });
    const early = await hand({ withWhom: 'Mrs Wherry' });
    expect([early.status, early.body.errors[0].path]).toEqual([400, 'note']);
    expect(early.body.errors[0].message).toContain('Skirting');
    expect((await hand({ withWhom: 'Mrs Wherry', note: 'She stops here' }, mei)).status).toBe(403);
    const made = await hand({ withWhom: 'Mrs Wherry', note: 'She stops here' });
    expect(made.body).toMatchObject({ status: 'aftercare', handedOver: { withWhom: 'Mrs Wherry', by: 'Ada Thirle' } });
    expect((await hand({ withWhom: 'Again', note: 'again' })).body.code).toBe('handed-over');
    expect((await ada.get(`/api/jobs/${at.jobId}/punch`)).body).toMatchObject({
      job: { handedOver: { withWhom: 'Mrs Wherry' } },
      unfinished: ['Skirting'],
    });
    const back = await ada.post(`/api/jobs/${at.jobId}/hand-over/taking-back`, { id: uuid(), note: 'She goes on' });
    expect(back.body).toMatchObject({ status: 'active', handedOver: null });
    expect((await ada.get(`/api/jobs/${at.jobId}/ledger/check`)).body.whole).toBe(true);
    expect(await kindsOf(at)).toEqual(expect.arrayContaining(['handed-over', 'handover-taken-back']));
  });
});
