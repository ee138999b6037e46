import { AgreementEntity, DocumentEntity } from '../record/documentEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';

/** Where the newest quote of a job stands. */
export interface SentQuote {
  number: number;
  version: number;
  sentAt: Date;
  agreedBy: string | null;
}

/** The newest quote of every job of the firm that was sent one; what stands in it is not read. */
export async function sentQuotes({ manager, who }: FirmScope): Promise<Map<string, SentQuote>> {
  const where = { firmId: who.firmId };
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
