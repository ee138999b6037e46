import type { MigrationInterface, QueryRunner } from 'typeorm';

interface OldArm {
  id: string;
  words: string;
}
type Json = Record<string, unknown>;

/** What the old list of preparations meant; all else was said in a painter's own words. */
const MEANT: Readonly<Record<string, readonly string[]>> = {
  washed: ['degreaser'],
  'washed and scuffed': ['degreaser', 'sanded-220'],
  deglossed: ['deglosser'],
  'sanded 120, 180': ['sanded-120', 'sanded-180'],
  'sanded 220': ['sanded-220'],
  'scraped and feathered': ['scraped', 'sanded-120'],
};

const read = (kept: unknown): Json => (typeof kept === 'string' ? JSON.parse(kept) : kept) as Json;

/** Arms of boards say what they do, combinations may be left out, and what a board has shown names its bond. */
export class Boards1766800000033 implements MigrationInterface {
  name = 'Boards1766800000033';

  async up(runner: QueryRunner): Promise<void> {
    await rewrite(runner, 'trial', 'design', (design) => ({
      ...design,
      preparations: (design['preparations'] as OldArm[]).map((arm) => ({
        ...arm,
        does: MEANT[arm.words] ?? null,
        waitMin: null,
      })),
      primers: (design['primers'] as OldArm[]).map((arm) => ({ ...arm, does: [], waitMin: null })),
      topcoats: (design['topcoats'] as OldArm[]).map((arm) => ({ ...arm, does: [], waitMin: null })),
      leftOut: [],
    }));
    await rewrite(runner, 'trial_act', 'body', (body) =>
      Array.isArray(body['words'])
        ? {
            ...body,
            words: (body['words'] as Json[]).map((word) => ({ trait: 'grip', over: null, after: null, ...word })),
          }
        : body,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    const without = (arms: unknown) => (arms as Json[]).map(({ does: _does, waitMin: _waitMin, ...arm }) => arm);
    await rewrite(runner, 'trial', 'design', ({ leftOut: _leftOut, ...design }) => ({
      ...design,
      preparations: without(design['preparations']),
      primers: without(design['primers']),
      topcoats: without(design['topcoats']),
    }));
  }
}

/** Reads every value of a column and writes what it became. */
async function rewrite(runner: QueryRunner, table: string, column: string, made: (kept: Json) => Json): Promise<void> {
  const rows = (await runner.query(`SELECT firm_id, id, \`${column}\` AS kept FROM \`${table}\``)) as {
    firm_id: string;
    id: string;
    kept: unknown;
  }[];
  for (const { firm_id, id, kept } of rows)
    await runner.query(`UPDATE \`${table}\` SET \`${column}\` = ? WHERE firm_id = ? AND id = ?`, [
      JSON.stringify(made(read(kept))),
      firm_id,
      id,
    ]);
}
