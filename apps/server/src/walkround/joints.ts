import { Body, Controller, Get, Injectable, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { JOB_RECORDS, jointFields, jointLengthOf, newId, pick, version } from '@rustic/core';
import { JointEntity } from '../record/evidenceEntities.ts';
import { RoomEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { Ledger } from '../record/ledger.service.ts';
import { standing, standingSurface } from '../record/takenOut.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers } from '../answers/answer.ts';
import { jointAnswer, jointsPage } from '../answers/joints.ts';
import { bodyOf, noted } from '../http/bodyOf.ts';
import { refusedWith } from '../http/refused.ts';
import { ForHands } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { readJob } from '../reading/jobRecords.ts';
import { pageOfJoints } from './jointsReckoned.ts';

const { joints } = JOB_RECORDS;

const said = { ...pick(joints, 'surfaceId', 'line', 'lengthM', 'note'), ...jointFields };

/** A joint as it is first drawn or measured. */
export class JointBody extends bodyOf({ id: newId, ...said, at: noted(joints.fields.at) }) {}
/** All that is said of a joint, anew; taken off the sketch, or put back. */
export class JointChange extends bodyOf({ id: newId, version, ...said, ...pick(joints, 'withdrawn') }) {}

/** Joints of a room: what is in them, what belongs there, what is done about it. */
@Injectable()
export class Joints {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  async page(who: Who, roomId: string) {
    const scope = this.writes.reading(who);
    const { jobId } = await standing(scope, RoomEntity, roomId, 'room');
    return pageOfJoints(await readJob(scope, jobId), roomId);
  }

  async draw(who: Who, roomId: string, { at, ...body }: JointBody) {
    return this.writes.run(who, async (scope) => {
      const room = await standing(scope, RoomEntity, roomId, 'room');
      const { jobId } = room;
      await this.ledger.hold(scope, jobId);
      await this.fits(scope, room, body);
      const row = await scope.add(JointEntity, {
        ...body,
        jobId,
        roomId,
        withdrawn: false,
        byName: who.name,
        at: new Date(at),
      });
      await this.ledger.append(scope, {
        jobId,
        kind: 'joint-drawn',
        subject: body.surfaceId,
        at: row.at,
        payload: { side: row.side, otherSide: row.otherSide, lengthM: jointLengthOf(row)! },
      });
      return { ...row, version: 1 };
    });
  }

  async change(who: Who, jointId: string, { id: _id, ...body }: JointChange) {
    return this.writes.run(who, async (scope) => {
      const row = await scope.one(JointEntity, jointId, 'joint');
      const room = await standing(scope, RoomEntity, row.roomId, 'room');
      await this.ledger.hold(scope, row.jobId);
      await this.fits(scope, room, body);
      const { version: _version, ...change } = body;
      const saved = await scope.change(JointEntity, row, body, change);
      await this.ledger.append(scope, {
        jobId: row.jobId,
        kind: 'joint-changed',
        subject: saved.surfaceId,
        at: who.now,
        payload: {
          side: saved.side,
          otherSide: saved.otherSide,
          lengthM: jointLengthOf(saved)!,
          withdrawn: saved.withdrawn,
        },
      });
      return saved;
    });
  }

  /** It has a length, lies on a wall that is there, and is done with a surface of its room. */
  private async fits(
    scope: FirmScope,
    { id: roomId, sketch }: RoomEntity,
    { surfaceId, line, lengthM }: Pick<JointBody, 'surfaceId' | 'line' | 'lengthM'>,
  ): Promise<void> {
    const surface = await standingSurface(scope, surfaceId);
    if (surface.roomId !== roomId) throw refusedWith([{ path: 'surfaceId', message: 'is no surface of this room' }]);
    if (jointLengthOf({ line, lengthM }) === null)
      throw refusedWith([{ path: 'lengthM', message: 'is needed where the joint is not drawn' }]);
    if (line && !sketch?.walls[line.wall])
      throw refusedWith([{ path: 'line.wall', message: 'is no wall of the sketch of this room' }]);
  }
}

@ApiTags('walk-round')
@Controller('api')
export class JointsController {
  constructor(private readonly joints: Joints) {}

  @Answers('joints', jointsPage) @Get('rooms/:roomId/joints') page(@Sender() who: Who, @Param('roomId') id: string) {
    return this.joints.page(who, id);
  }

  @ForHands() @Answers('drawJoint', jointAnswer) @Post('rooms/:roomId/joints') draw(
    @Sender() who: Who,
    @Param('roomId') id: string,
    @Body() body: JointBody,
  ) {
    return this.joints.draw(who, id, body);
  }

  @ForHands() @Answers('changeJoint', jointAnswer) @Put('joints/:jointId') change(
    @Sender() who: Who,
    @Param('jointId') id: string,
    @Body() body: JointChange,
  ) {
    return this.joints.change(who, id, body);
  }
}
