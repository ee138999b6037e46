/* eslint-disable @typescript-eslint/no-explicit-any -- answers are read field by field */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { simpleParser, type ParsedMail } from 'mailparser';
import { SMTPServer } from 'smtp-server';
import { DataSource } from 'typeorm';
import { Carrier } from '../src/post/carrier.ts';
import { databaseOptions } from '../src/record/options.ts';
import { byPostOffice, intoFolder } from '../src/post/outward.ts';
import { mailFile } from '../src/post/mailFile.ts';
import { Client, newJob, secondFirm, signedIn, uuid } from './client.ts';
import { agree, changeSurface, hallOf, ledgerOf, sendQuote, token, view } from './quoted.ts';
import { temporaryFolder } from '../../../tools/temporary.mjs';

let ada: Client;
let mei: Client;
beforeAll(async () => {
  ada = await signedIn();
  mei = await signedIn('mei');
});

const TO = 'hesper@quill.example';
const write = (jobId: string, more: object = {}, who = ada) =>
  who.post(`/api/jobs/${jobId}/mails`, { id: uuid(), what: 'quote', to: TO, token: token(), ...more });
const mails = async (who = ada): Promise<any[]> => (await who.get('/api/mails')).body.mails;

/** Every file in the folder that stands in for the post office. */
const written = (): string[] =>
  readdirSync(process.env['POST_DIR']!, { recursive: true, encoding: 'utf8' }).filter((f) => /\.eml(\.part)?$/.test(f));
async function fileOf(mailId: string): Promise<ParsedMail> {
  const name = written().find((f) => f.endsWith(`${mailId.slice(-8)}.eml`))!;
  return simpleParser(readFileSync(join(process.env['POST_DIR']!, name)));
}

describe('a quote by e-mail', () => {
  test('leaves as a file with its paper, to the client, with a link that opens', async () => {
    const { jobId } = await hallOf(ada);
    await sendQuote(ada, jobId);
    const way = token();
    const answer = await write(jobId, { token: way, note: 'The tin you liked is in it.' });
    expect(answer.status).toBe(201);
    expect(answer.body).toMatchObject({ kind: 'quote', state: 'out', toAddress: TO, fault: null });
    const mail = await fileOf(answer.body.id);
    expect(mail.to).toMatchObject({ text: TO });
    expect(mail.from!.value[0]!.address).toMatch(/@/);
    expect(mail.text).toContain('The tin you liked is in it.');
    expect(mail.text).toContain(`${ada.base}/client/${way}`);
    expect(mail.attachments).toHaveLength(1);
    expect(mail.attachments[0]).toMatchObject({ contentType: 'application/pdf' });
    expect(mail.attachments[0]!.content.subarray(0, 5).toString()).toBe('%PDF-');
    expect(mail.attachments[0]!.filename).toMatch(/^specification-and-quote-.*\.pdf$/);
    // The same file is had from the page.
    const had = await fetch(`${ada.base}/api/mails/${answer.body.id}/file`, { headers: { cookie: ada.cookie } });
    expect(had.headers.get('content-type')).toBe('message/rfc822');
    expect((await simpleParser(Buffer.from(await had.arrayBuffer()))).messageId).toBe(mail.messageId);
    expect((await view(way)).status).toBe(200);
    expect(await ledgerOf(ada, jobId)).toContainEqual(
      expect.objectContaining({ kind: 'mail-written', payload: expect.objectContaining({ to: TO, what: 'quote' }) }),
    );
    expect((await ada.get(`/api/jobs/${jobId}/ledger/check`)).body.whole).toBe(true);
    expect((await ada.get(`/api/jobs/${jobId}`)).body.job.clientEmail).toBe(TO);
  });

  test('the links that were given before still open; closing the link closes them all', async () => {
    const { jobId } = await hallOf(ada);
    const { way } = await sendQuote(ada, jobId);
    const [first, second] = [token(), token()];
    for (const t of [first, second]) await write(jobId, { token: t });
    for (const t of [way, first, second]) expect((await view(t)).status).toBe(200);
    await ada.post(`/api/jobs/${jobId}/client-link`, { id: uuid(), token: null });
    for (const t of [way, first, second]) expect((await view(t)).status).toBe(404);
  });

  test('sent twice it is one message in one file', async () => {
    const { jobId } = await hallOf(ada);
    await sendQuote(ada, jobId);
    const body = { id: uuid(), what: 'quote', to: TO, token: token() };
    const answers = await Promise.all([1, 2, 3].map(() => ada.post(`/api/jobs/${jobId}/mails`, body)));
    for (const { status, body: said } of answers) {
      expect(status).toBe(201);
      expect(said.id).toBe(body.id);
    }
    expect(written().filter((f) => f.includes(body.id.slice(-8)))).toHaveLength(1);
    expect((await mails()).filter((m) => m.id === body.id)).toHaveLength(1);
  });

  test('nothing leaves before a quote was sent, without a link, or to what is no address', async () => {
    const { jobId } = await hallOf(ada);
    const before = written().length;
    expect((await write(jobId)).status).toBe(404);
    await sendQuote(ada, jobId);
    expect((await write(jobId, { token: undefined })).body.errors).toEqual([
      { path: 'token', message: 'is needed for a link' },
    ]);
    for (const to of ['hesper', 'a@b.example\r\nBcc: all@firm.example', '', null])
      expect((await write(jobId, { to })).status).toBe(400);
    expect(written()).toHaveLength(before);
  });

  test('a reminder is of what nobody agreed to yet', async () => {
    const { jobId } = await hallOf(ada);
    const { way, answer } = await sendQuote(ada, jobId);
    const reminder = await write(jobId, { what: 'reminder' });
    expect(reminder.body.subject).toMatch(/^A reminder of Q\d{4}, version 1/);
    await agree(way, answer.body.id);
    const late = await write(jobId, { what: 'reminder' });
    expect(late.status).toBe(409);
    expect(late.body.message).toContain('was agreed by Hesper Quill already');
  });

  test('the newest version is what is written of', async () => {
    const { jobId, wall } = await hallOf(ada);
    await sendQuote(ada, jobId);
    await changeSurface(ada, wall, { wanted: { colour: '#552200', sheen: 'matt' } });
    await sendQuote(ada, jobId);
    expect((await write(jobId)).body.subject).toMatch(/version 2/);
  });
});

describe('who reads it', () => {
  test('painters neither write nor read; another firm has none of it', async () => {
    const { jobId } = await hallOf(ada);
    await sendQuote(ada, jobId);
    const { body } = await write(jobId);
    expect((await write(jobId, {}, mei)).status).toBe(403);
    for (const path of ['/api/mails', `/api/mails/${body.id}`, `/api/mails/${body.id}/file`])
      expect((await mei.get(path)).status).toBe(403);
    const other = await secondFirm('Other Post', 'post@other.example');
    expect(await mails(other)).toEqual([]);
    expect((await other.get(`/api/mails/${body.id}`)).status).toBe(404);
  });

  test('an invitation reaches whoever is asked, and is read by owners alone', async () => {
    const way = token();
    const invited = {
      id: uuid(),
      name: 'Bryn Oake',
      email: `bryn-${uuid()}@oake.example`,
      role: 'painter',
      initials: 'BO',
    };
    await ada.post('/api/people/invitations', { ...invited, token: way });
    const path = `/api/people/invitations/${invited.id}/mail`;
    expect((await ada.post(path, { id: uuid(), token: token() })).status).toBe(404);
    const { body } = await ada.post(path, { id: uuid(), token: way });
    expect(body).toMatchObject({ kind: 'invitation', toAddress: invited.email, state: 'out' });
    expect((await fileOf(body.id)).text).toContain(`/join/${way}`);
    expect((await mails()).map((m) => m.id)).toContain(body.id);
    const estimator = (await ada.get('/api/people')).body.people.find((p: any) => p.role === 'estimator');
    if (estimator) {
      const tobias = await signedIn(estimator.email);
      expect((await mails(tobias)).map((m) => m.id)).not.toContain(body.id);
      expect((await tobias.get(`/api/mails/${body.id}`)).status).toBe(404);
    }
    await ada.post(`/api/people/invitations/${invited.id}/withdraw`, { id: uuid() });
    expect((await ada.post(path, { id: uuid(), token: way })).status).toBe(404);
  });
});

describe('a round by e-mail', () => {
  test('each client who has an address gets the letter; who has none is named', async () => {
    const firm = await secondFirm('Rounds by Post', `round-${uuid()}@post.example`, [
      { name: 'Ines Holm', initials: 'IH', email: `ines-${uuid()}@post.example` },
    ]);
    const jobs = await Promise.all([newJob(firm, 2001), newJob(firm, 2001)]);
    const { job } = (await firm.get(`/api/jobs/${jobs[0]!.jobId}`)).body;
    await firm.send('PATCH', `/api/jobs/${job.id}`, {
      id: uuid(),
      version: job.version,
      title: 'The Old Sail Loft',
      clientEmail: TO,
    });
    const roundId = uuid();
    const visits = [];
    for (const { jobId, roomId } of jobs) {
      const surfaceId = uuid();
      const facts = { element: 'railing', substrate: 'softwood', exposure: 'exterior-exposed', areaM2: 4 };
      await firm.post(`/api/jobs/${jobId}/surfaces`, { id: surfaceId, roomId, name: 'Rail', facts });
      const calls = [{ what: 'look', id: surfaceId, code: 'new-timber', words: 'Check the joints', minutes: 30 }];
      const onDay = new Date(Date.now() + 9 * 86_400_000).toISOString().slice(0, 10);
      visits.push({ id: uuid(), jobId, onDay, fromTime: '09:40', minutes: 30, calls });
    }
    expect((await firm.post('/api/aftercare/visits', { id: roundId, visits, round: true })).status).toBe(201);
    const body = { id: uuid() };
    for (const _twice of [1, 2])
      expect((await firm.post(`/api/aftercare/rounds/${roundId}/mails`, body)).body).toEqual({
        written: 1,
        without: ['Test house'],
      });
    const [mail, ...more] = await mails(firm);
    expect(more).toEqual([]);
    expect(mail).toMatchObject({ kind: 'visit-letter', toAddress: TO, job: 'The Old Sail Loft', state: 'out' });
    expect((await fileOf(mail.id)).attachments).toHaveLength(1);
    expect((await firm.post(`/api/aftercare/rounds/${uuid()}/mails`, { id: uuid() })).status).toBe(404);
  });
});

describe('what was left lying', () => {
  test('a message that a server kept and never carried leaves with the next round, once', async () => {
    const { jobId } = await hallOf(ada);
    await sendQuote(ada, jobId);
    const { body } = await write(jobId);
    const options = databaseOptions([process.env['TEST_DATABASE_URL']!]);
    const database = await new DataSource(options).initialize();
    const sent: string[] = [];
    const outward = { where: () => '', send: async ({ name }: { name: string }) => void sent.push(name) };
    const [first, second] = [new Carrier(database, outward), new Carrier(database, outward)];
    const now = new Date();
    const lay = (state: string, agoMs: number) =>
      database.query('UPDATE mail SET state = ?, moved_at = ? WHERE id = ?', [
        state,
        new Date(now.getTime() - agoMs),
        body.id,
      ]);
    const name = expect.stringContaining(body.id.slice(-8));
    for (const [state, agoMs, times] of [
      ['waiting', 10_000, 0],
      ['waiting', 70_000, 1],
      ['going', 70_000, 0],
      ['going', 310_000, 1],
      ['out', 310_000, 0],
      ['failed', 310_000, 0],
    ] as const) {
      sent.length = 0;
      await lay(state, agoMs);
      await Promise.all([first.pickUp(now), second.pickUp(now)]);
      expect(sent).toEqual(Array.from({ length: times }, () => name));
    }
    const failing = {
      where: () => '',
      send: async () => Promise.reject(Object.assign(new Error(), { code: 'ENOSPC' })),
    };
    const answer = await new Carrier(database, failing).carry(await firmIdOf(database, body.id), body.id, now);
    expect(answer).toMatchObject({ state: 'failed', fault: expect.stringMatching(/^The disk is full/) });
    expect((await ada.post(`/api/mails/${body.id}/again`, { id: uuid() })).body.state).toBe('out');
    await database.destroy();
  });
});

const firmIdOf = async (database: DataSource, mailId: string): Promise<string> =>
  (await database.query('SELECT firm_id AS id FROM mail WHERE id = ?', [mailId]))[0].id;

describe('how it leaves', () => {
  const mail = { firm: 'Ness & Daughters', firmId: uuid(), name: 'a.eml', from: 'a@ness.example', to: TO };

  test('a folder that cannot be written to is told, and leaves no half of a file', async () => {
    const root = join(temporaryFolder('post'), 'post');
    writeFileSync(root, 'in the way');
    await expect(intoFolder(root).send({ ...mail, content: Buffer.from('x') })).rejects.toMatchObject({
      code: 'ENOTDIR',
    });
  });

  test('two firms of one name have a folder each', () => {
    const words = [uuid(), uuid()].map((id) => intoFolder('/post').where({ id, name: 'Ness & Daughters' }));
    expect(words[0]).toContain('/post/ness-daughters-');
    expect(new Set(words).size).toBe(2);
  });

  test('a post office is handed the very file, to the address that the firm chose', async () => {
    const taken: { from: string; to: string[]; raw: string }[] = [];
    const office = new SMTPServer({
      disabledCommands: ['STARTTLS'],
      authOptional: true,
      onData(stream, session, done) {
        let raw = '';
        stream.on('data', (part: Buffer) => (raw += part.toString()));
        stream.on('end', () => {
          const { mailFrom, rcptTo } = session.envelope;
          taken.push({ from: (mailFrom as { address: string }).address, to: rcptTo.map((r) => r.address), raw });
          done();
        });
      },
    });
    await new Promise<void>((ready) => office.listen(0, '127.0.0.1', () => ready()));
    const { port } = office.server.address() as { port: number };
    const content = await mailFile({
      id: uuid(),
      from: { name: 'Ness, "Bros"\r\nBcc: x@y.example', address: 'a@ness.example' },
      to: TO,
      subject: 'Porch — grey\r\nBcc: all@firm.example',
      text: 'Good day.\n.\nA dot by itself.',
      at: new Date('2027-03-01T08:00:00Z'),
      attached: null,
    });
    await byPostOffice(`smtp://127.0.0.1:${port}`).send({ ...mail, content });
    await new Promise<void>((ended) => office.close(() => ended()));
    expect(taken).toHaveLength(1);
    expect(taken[0]).toMatchObject({ from: 'a@ness.example', to: [TO] });
    const read = await simpleParser(taken[0]!.raw);
    expect(read.bcc).toBeUndefined();
    expect(read.subject).toContain('Porch — grey');
    expect(read.text).toContain('.\nA dot by itself.');
    expect(read.date).toEqual(new Date('2027-03-01T08:00:00Z'));
  });

  test('a post office that does not answer is an error with a code, within its patience', async () => {
    await expect(
      byPostOffice('smtp://127.0.0.1:9').send({ ...mail, content: Buffer.from('Subject: x\r\n\r\nx') }),
    ).rejects.toMatchObject({ code: expect.stringMatching(/^E(SOCKET|CONNECTION)$/) });
  });
});
