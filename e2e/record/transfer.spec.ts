import { execFileSync } from 'node:child_process';
import { readFile, writeFile } from 'node:fs/promises';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { oilSkirting } from '../setUp.ts';
import { signIn } from '../signIn.ts';
import { expect, test } from '../test.ts';

interface Entry {
  seq: number;
  kind: string;
  payload: { test?: { result: string } };
}

/** What the command line says of a file: its exit and its answer. */
function ledger(...args: string[]): { status: number; out: unknown } {
  const run = ['tsx', '--conditions=source', 'apps/cli/src/main.ts', ...args];
  try {
    return { status: 0, out: JSON.parse(execFileSync('npx', run, { encoding: 'utf8', stdio: 'pipe' })) };
  } catch (error) {
    const { status, stdout } = error as { status: number; stdout: string };
    return { status, out: JSON.parse(stdout) };
  }
}

test('a tampered export is found by the verifier and refused at the door, the entry named; the true one is here already', async ({
  page,
}, info) => {
  const title = `Taken out ${info.project.name}`;
  await signIn(page);
  const { job } = await oilSkirting(page, title);
  await page.goto(`${job}/ledger`);
  await page.getByRole('button', { name: 'Verify' }).click();
  await expect(page.getByText(/entries stand as they were written/)).toBeVisible();

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Whole job with photos' }).click(),
  ]);
  const [whole, bent] = [info.outputPath('whole.zip'), info.outputPath('bent.zip')];
  await download.saveAs(whole);
  const parts = unzipSync(await readFile(whole));
  const file = JSON.parse(strFromU8(parts['job.json']!)) as { ledger: Entry[] };
  const entry = file.ledger.find((e) => e.payload.test?.result === 'no-transfer')!;
  entry.payload.test!.result = 'transfer';
  await writeFile(bent, zipSync({ ...parts, 'job.json': strToU8(JSON.stringify(file)) }));

  expect(ledger('job', 'verify', whole).out).toMatchObject({ whole: true, entries: file.ledger.length });
  expect(ledger('job', 'verify', bent).out).toMatchObject({ whole: false, brokenAt: entry.seq });
  expect(ledger('job', 'check', bent)).toMatchObject({ status: 0, out: { ok: true, surfaces: 1 } });

  await page.goto('/jobs');
  await page.getByRole('button', { name: 'Bring in' }).click();
  const input = page.getByLabel(/^Choose (the file of a job|another)/);
  await input.setInputFiles(bent);
  await expect(page.getByRole('alert')).toContainText(`entry ${entry.seq}`);
  await expect(page.getByRole('alert')).toContainText('Nothing was written');
  await input.setInputFiles(whole);
  // What it holds is said before anything is brought in.
  await expect(page.getByText(/^1 room, 1 surface, 2 tests?, 0 steps logged/)).toBeVisible();
  await expect(page.getByText('This job is here already, entry for entry.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Bring it in' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Open it' }).click();
  await expect(page.getByRole('heading', { name: title })).toBeVisible();
});
