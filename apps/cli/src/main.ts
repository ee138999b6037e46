import { UnusableInput } from '@rustic/core';
import { checkPhotos, readGiven } from './input.ts';
import { VERBS } from './verbs.ts';

/** `ledger VERB FILE|-`: JSON in (for a job also its zip with photos), JSON out, messages on standard error; exit 2 on unusable input. */
const UNUSABLE = 2;

const fail = (errors: readonly { path: string; message: string }[], why: string): never => {
  process.stdout.write(`${JSON.stringify({ errors })}\n`);
  process.stderr.write(`${why}\n`);
  process.exit(UNUSABLE);
};

async function main(): Promise<void> {
  const args = process.argv.slice(2);
  const file = args.at(-1);
  const verb = VERBS[args.slice(0, -1).join(' ')];
  if (!verb || !file) {
    fail(
      [
        {
          path: '$',
          message: `say one of: ${Object.keys(VERBS)
            .map((v) => `${v} FILE|-`)
            .join(', ')}`,
        },
      ],
      'Nothing was read.',
    );
    return;
  }
  const { text, parts } = await readGiven(file).catch((error: unknown) =>
    fail([{ path: '$', message: `cannot read ${file}: ${(error as Error).message}` }], 'Nothing was read.'),
  );
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch (error) {
    fail([{ path: '$', message: `is not JSON: ${(error as Error).message}` }], 'The input is not JSON.');
  }
  try {
    const answer = verb(input);
    if (parts) checkPhotos(input, parts);
    process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
  } catch (error) {
    if (!(error instanceof UnusableInput)) throw error;
    fail(
      error.errors,
      `The input cannot be used: ${error.errors.length} fault${error.errors.length === 1 ? '' : 's'}.`,
    );
  }
}

await main();
