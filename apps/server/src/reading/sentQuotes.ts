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
  const rows = await manager
    .createQueryBuilder(DocumentEntity, 'd')
    .leftJoin(AgreementEntity, 'a', 'a.firmId = d.firmId AND a.documentId = d.id')
    .select(['d.jobId AS jobId', 'd.number AS number', 'd.versionNo AS version', 'd.sentAt AS sentAt'])
    .addSelect('a.name', 'agreedBy')
    .where('d.firmId = :firmId AND d.jobId IN (:...jobIds)', { firmId: who.firmId, jobIds: [...jobIds] })
    .orderBy('d.versionNo', 'ASC')
    .getRawMany<SentQuote & { jobId: string }>();
  return new Map(rows.map(({ jobId, ...quote }) => [jobId, quote]));
}
