import { createHash } from 'node:crypto';
import { HttpException, Injectable, Logger, NotFoundException } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { PhotoContentEntity, PhotoEntity } from '../evidenceEntities.ts';
import { placeOf } from './placeOf.ts';
import type { PhotoKey, PhotoPlace } from './photoPlace.ts';

/** Written also where it is there already: two who put the same picture in, or one who lets it go, meet on the row. */
const PUT =
  'INSERT INTO photo_content (firm_id, hash, content, at) VALUES (?, ?, ?, NOW(3)) ON DUPLICATE KEY UPDATE at = NOW(3)';
const LET_GO = `DELETE FROM photo_content WHERE firm_id = ? AND hash = ? AND NOT EXISTS (
  SELECT 1 FROM photo p WHERE p.firm_id = photo_content.firm_id AND p.hash = photo_content.hash)`;

export const hashOfPhoto = (content: Uint8Array) => createHash('sha256').update(content).digest('hex');

const away = () =>
  new HttpException(
    {
      code: 'photos-away',
      message: 'The place where photos are kept does not answer. Nothing was kept; try again in a moment.',
    },
    503,
  );
const full = () =>
  new HttpException(
    {
      code: 'no-room',
      message:
        'There is no room left where photos are kept. Nothing was kept; it stays on your device and goes when there is room.',
    },
    507,
  );

/** The pictures themselves, each known by its hash: in the database, or where the setting PHOTOS says. */
@Injectable()
export class PhotoStore {
  private readonly log = new Logger('photos');
  private readonly place = placeOf(process.env);
  /** Where they lay before, while they are moved from there. */
  private readonly before = placeOf({ ...process.env, PHOTOS: process.env['PHOTOS_BEFORE'] });

  constructor(private readonly database: DataSource) {}

  /**
   * Puts a picture away. What lies outside the database is there before the row that names it: call it before the
   * transaction. The answer puts it into the database, within the transaction, where it lies there.
   */
  async put(key: PhotoKey, content: Buffer): Promise<(manager: EntityManager) => Promise<void>> {
    if (this.place === null) return (manager) => manager.query(PUT, [key.firmId, key.hash, content]);
    const { place } = this;
    await this.reached(() => place.put(key, content));
    return () => Promise.resolve();
  }

  /** A picture, wherever it lies: while pictures are moved some lie here and some there. */
  async get(key: PhotoKey): Promise<Buffer> {
    const outside = async (place: PhotoPlace | null) => place && this.reached(() => place.get(key));
    const content = (await outside(this.place)) ?? (await this.inDatabase(key)) ?? (await outside(this.before));
    if (!content)
      throw new NotFoundException({ code: 'photo-gone', message: 'The picture itself is not where photos are kept.' });
    return content;
  }

  /** Takes away what no photo of the firm names any more: after the transaction that took the last row away. */
  async letGo(firmId: string, hashes: readonly string[]): Promise<void> {
    for (const hash of new Set(hashes)) {
      await this.database.query(LET_GO, [firmId, hash]);
      if (this.place && !(await this.database.manager.existsBy(PhotoEntity, { firmId, hash })))
        await this.place.remove({ firmId, hash });
    }
  }

  /** A place that is full, or does not answer, is said in words; the database's faults are not its. */
  private async reached<T>(act: () => Promise<T>): Promise<T> {
    try {
      return await act();
    } catch (error) {
      const isFull = ['ENOSPC', 'EDQUOT'].includes(String((error as { code?: unknown }).code));
      this.log.error({ error: String(error) }, 'the place of the photos');
      throw isFull ? full() : away();
    }
  }

  private async inDatabase({ firmId, hash }: PhotoKey): Promise<Buffer | null> {
    const row = await this.database.manager.findOneBy(PhotoContentEntity, { firmId, hash });
    return row?.content ?? null;
  }
}
