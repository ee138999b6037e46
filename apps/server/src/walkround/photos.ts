import {
  Controller,
  Get,
  Header,
  Injectable,
  Param,
  PayloadTooLargeException,
  Post,
  Query,
  Req,
  StreamableFile,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { JOB_RECORDS, newId, optional, pick, placeSchema } from '@rustic/core';
import { standingSurface } from '../record/takenOut.ts';
import { PhotoEntity, TestRecordEntity } from '../record/evidenceEntities.ts';
import { RoomEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { madeAnew, noPicture } from '../http/picture.ts';
import { noted, queryOf } from '../http/bodyOf.ts';
import { Ledger } from '../record/ledger.service.ts';
import { hashOfPhoto, PhotoStore } from '../record/photos/photoStore.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers, Sent } from '../answers/answer.ts';
import { photoAnswer } from '../answers/jobs.ts';

/** A photo may not be larger than this as it is sent. */
export const PHOTO_LIMIT_BYTES = 8 * 1024 * 1024;
const LONGEST_PX = 2000;
const QUALITY = 82;

const { photos } = JOB_RECORDS;

/** A photo as it is sent: what it is of, and where on the room's sketch. */
export class PhotoQuery extends queryOf({
  id: newId,
  ...pick(photos, 'roomId'),
  surfaceId: photos.fields.surfaceId.unwrap().optional(),
  testId: photos.fields.testId.unwrap().optional(),
  workId: photos.fields.workId.unwrap().optional(),
  ...optional(photos, 'note'),
  at: noted(photos.fields.at),
  wall: placeSchema.shape.wall.optional(),
  x: placeSchema.shape.x.optional(),
  y: placeSchema.shape.y.optional(),
}) {}

/** A photo as it is kept: as large as a page shows it, and no larger. */
const asPhoto = (sent: Buffer) =>
  madeAnew(sent, async (image) => {
    const { data, info } = await image
      .resize({ width: LONGEST_PX, height: LONGEST_PX, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { content: data, width: info.width, height: info.height };
  });

/** Photos of rooms, surfaces and tests. */
@Injectable()
export class Photos {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly store: PhotoStore,
  ) {}

  async keep(who: Who, jobId: string, query: PhotoQuery, sent: unknown) {
    if (!Buffer.isBuffer(sent) || sent.length === 0) throw noPicture();
    if (sent.length > PHOTO_LIMIT_BYTES)
      throw new PayloadTooLargeException({
        code: 'too-large',
        message: 'The photo is over 8 MB. Nothing was kept; send a smaller one.',
      });
    const { content, width, height } = await asPhoto(sent);
    const hash = hashOfPhoto(content);
    const putInside = await this.store.put({ firmId: who.firmId, hash }, content);
    return this.writes.run(who, async (scope) => {
      await this.belongs(scope, jobId, query);
      const { id, roomId, surfaceId, testId, workId, note, at, wall, x, y } = query;
      const row = {
        id,
        jobId,
        roomId,
        surfaceId: surfaceId ?? null,
        testId: testId ?? null,
        workId: workId ?? null,
        mark: wall !== undefined && x !== undefined && y !== undefined ? { wall, x, y } : null,
        note: note ?? '',
        width,
        height,
        hash,
        byName: who.name,
        at: new Date(at),
      };
      await putInside(scope.manager);
      await scope.add(PhotoEntity, row);
      await this.ledger.append(scope, {
        jobId,
        kind: 'photo-kept',
        subject: surfaceId ?? roomId,
        at: row.at,
        payload: row,
      });
      return row;
    });
  }

  private async belongs(scope: FirmScope, jobId: string, { roomId, surfaceId, testId }: PhotoQuery): Promise<void> {
    const room = await scope.one(RoomEntity, roomId, 'room');
    if (room.jobId !== jobId) await scope.one(RoomEntity, '', 'room');
    if (surfaceId) await standingSurface(scope, surfaceId, jobId);
    if (!testId) return;
    // A photo shows a test of the surface it is of; of another's, it would be evidence for the wrong film.
    const test = await scope.one(TestRecordEntity, testId, 'test record');
    if (test.jobId !== jobId || test.surfaceId !== surfaceId) await scope.one(TestRecordEntity, '', 'test record');
  }

  async content(who: Who, id: string): Promise<Buffer> {
    const { hash } = await this.writes.reading(who).one(PhotoEntity, id, 'photo');
    return this.store.get({ firmId: who.firmId, hash });
  }
}

@ApiTags('walk-round')
@Controller('api')
export class PhotosController {
  constructor(private readonly photos: Photos) {}

  @ForHands()
  @Sent()
  @Answers('keepPhoto', photoAnswer)
  @Post('jobs/:jobId/photos')
  keep(@Sender() who: Who, @Param('jobId') id: string, @Query() query: PhotoQuery, @Req() request: { body: unknown }) {
    return this.photos.keep(who, id, query, request.body);
  }

  @Get('photos/:photoId')
  @Header('Content-Type', 'image/jpeg')
  @Header('Cache-Control', 'private, max-age=300')
  async content(@Sender() who: Who, @Param('photoId') id: string): Promise<StreamableFile> {
    return new StreamableFile(await this.photos.content(who, id));
  }
}
