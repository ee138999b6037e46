import { EventEntity, LedgerEntryEntity } from './ledgerEntities.ts';
import type { FirmScope } from './firmScope.ts';

/** So many entries go in one statement. */
const AT_ONCE = 200;

/** Writes down what a write has entered: its entries, how many each job has now, and what open pages are told. */
export async function writeDown({ manager, who, entered }: FirmScope): Promise<void> {
  const { firmId, now: at } = who;
  const writeId = who.write?.id ?? null;
  for (let from = 0; from < entered.length; from += AT_ONCE) {
    const some = entered.slice(from, from + AT_ONCE);
    await manager.insert(LedgerEntryEntity, some.map(({ by, ...rest }) => ({ ...rest, byName: by, firmId })) as never);
    await manager.insert(
      EventEntity,
      some.map(({ jobId, kind, subject }) => ({ firmId, jobId, kind, subject, writeId, at })),
    );
  }
  const last = new Map(entered.map(({ jobId, seq }) => [jobId, seq]));
  for (const [jobId, seq] of last)
    await manager.query('UPDATE job SET entries = ? WHERE firm_id = ? AND id = ?', [seq, firmId, jobId]);
}
