import { In } from 'typeorm';
import { AgreementEntity, DocumentEntity } from '../record/documentEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';

/** Where the newest quote of a job stands. */
export interface SentQuote {
  number: number;
  version: number;
  sentAt: Date;
  agreedBy: string | null;
}

/** The newest quote of each of these jobs that was sent one; what stands in it is not read. */
export async function sentQuotes(
  { manager, who }: FirmScope,
  jobIds: readonly string[],
): Promise<Map<string, SentQuote>> {
  if (jobIds.length === 0) return new Map();
  const where = { firmId: who.firmId, jobId: In(jobIds) };
  const [documents, agreements] = await Promise.all([
    manager.find(DocumentEntity, {
      where,
      select: { id: true, jobId: true, number: true, versionNo: true, sentAt: true },
      order: { versionNo: 'ASC' },
    }),
    manager.find(AgreementEntity, { where, select: { documentId: true, name: true } }),
  ]);
  const agreedBy = new Map(agreements.map((a) => [a.documentId, a.name]));
  return new Map(
    documents.map(({ id, jobId, number, versionNo: version, sentAt }) => [
      jobId,
      { number, version, sentAt, agreedBy: agreedBy.get(id) ?? null },
    ]),
  );
}
