import { Injectable } from '@nestjs/common';
import { JOB_RECORDS, newId, patchSeen, pick, sayPatchSeen } from '@rustic/core';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { refusedWith } from '../http/refused.ts';
import { PhotoEntity } from '../record/evidenceEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { standingSurface } from '../record/takenOut.ts';
import { PatchEntity, PatchPictureEntity } from '../record/trialEntities.ts';
import { Writes } from '../record/writes.service.ts';

const { patchPictures } = JOB_RECORDS;
const MINUTE_MS = 60_000;

export class PictureBody extends bodyOf({
  id: newId,
  ...pick(patchPictures, 'photoId', 'setting', 'coats', 'shows'),
  at: noted(patchPictures.fields.at),
}) {}

/** Photos of patches, with what was measured in them. */
@Injectable()
export class PatchPictures {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  /** Keeps what was measured in a photo of the surface that is kept already; measured once more, the later one counts. */
  async keep(who: Who, surfaceId: string, patchId: string, { id, photoId, setting, coats, shows, at }: PictureBody) {
    return this.writes.run(who, async (scope) => {
      const { jobId } = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, jobId);
      const patch = await scope.one(PatchEntity, patchId, 'patch');
      const photo = await scope.one(PhotoEntity, photoId, 'photo');
      if (patch.surfaceId !== surfaceId || photo.surfaceId !== surfaceId)
        throw refusedWith([
          { path: 'photoId', message: 'is not of these patches: one of the two is of another surface' },
        ]);
      const { families } = patch;
      if (shows.length !== families.length)
        throw refusedWith([
          { path: 'shows', message: `says what ${shows.length} showed, and ${families.length} were laid` },
        ]);
      const written = { id, jobId, surfaceId, patchId, photoId, setting, coats, shows, byName: who.name };
      const row = await scope.add(PatchPictureEntity, { ...written, at: new Date(at) });
      await this.ledger.append(scope, {
        jobId,
        kind: 'patch-pictured',
        subject: surfaceId,
        at: row.at,
        payload: { id, patchId, photoId, families, coats, shows },
      });
      return row;
    });
  }
}

/** The pictures of patches that count, in their time, and what they say of each primer, as it was laid. */
export function picturesOf(laid: PatchEntity, all: readonly PatchPictureEntity[]) {
  const ofThese = all.filter((p) => p.patchId === laid.id);
  const last = new Map(ofThese.map((picture) => [picture.photoId, picture]));
  const pictures = ofThese
    .filter((picture) => last.get(picture.photoId) === picture)
    .map(({ id, photoId, setting, coats, shows, byName, at }) => ({
      ...{ id, photoId, setting, coats, shows, byName, at },
      minutes: Math.max(0, Math.round((at.getTime() - laid.at.getTime()) / MINUTE_MS)),
    }));
  const seen = laid.families.flatMap((family, i) => {
    const says = patchSeen(pictures.map(({ minutes, coats, shows }) => ({ minutes, coats, ...shows[i]! })));
    return says ? [{ family, sees: says.sees, sure: says.sure, words: sayPatchSeen(says) }] : [];
  });
  return { pictures, seen };
}
