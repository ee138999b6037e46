import { Body, Controller, Get, Param, Post, Put, Req } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { Answers } from '../answers/answer.ts';
import {
  changedAnswer,
  keyAskedAnswer,
  lockAnswer,
  lockClosedAnswer,
  lockOpenAnswer,
  lockStandAnswer,
} from '../answers/firm.ts';
import type { Who } from '../record/firmScope.ts';
import { Locks } from './locks.ts';
import { doorplateOf } from './passkeys.ts';
import { ForEverybody, ForOwners } from './roles.ts';
import { BeforeSecond, Sender, type SessionRequest } from './session.ts';
import { IdBody, LockBody, LockCloseBody, OwnersLockBody, PasskeyBody } from './staff.dto.ts';

/** The second lock beside the password. */
@ApiTags('people')
@Controller('api')
export class LocksController {
  constructor(private readonly locks: Locks) {}

  @BeforeSecond() @Answers('lock', lockStandAnswer) @Get('session/lock') stand(@Sender() who: Who) {
    return this.locks.stand(who);
  }

  @BeforeSecond() @ForEverybody() @Answers('askForKey', keyAskedAnswer) @Post('session/lock/keys') askForKey(
    @Sender() who: Who,
    @Body() { password }: LockBody,
    @Req() request: SessionRequest,
  ) {
    return this.locks.askForKey(who, password, request.ip ?? '', doorplateOf(request));
  }

  @BeforeSecond() @ForEverybody() @Answers('addKey', lockClosedAnswer) @Put('session/lock/keys') addKey(
    @Sender() who: Who,
    @Body() { name, key }: PasskeyBody,
    @Req() request: SessionRequest,
  ) {
    return this.locks.addKey(who, name, key, doorplateOf(request));
  }

  @ForEverybody() @Answers('dropKey', lockOpenAnswer) @Post('session/lock/keys/:keyId/off') dropKey(
    @Sender() who: Who,
    @Param('keyId') keyId: string,
    @Body() { password }: LockBody,
    @Req() request: SessionRequest,
  ) {
    return this.locks.dropKey(who, keyId, password, request.ip ?? '');
  }

  @BeforeSecond() @ForEverybody() @Answers('beginLock', lockAnswer) @Post('session/lock') begin(
    @Sender() who: Who,
    @Body() { password }: LockBody,
    @Req() request: SessionRequest,
  ) {
    return this.locks.begin(who, password, request.ip ?? '');
  }

  @BeforeSecond() @ForEverybody() @Answers('closeLock', lockClosedAnswer) @Put('session/lock') close(
    @Sender() who: Who,
    @Body() { code }: LockCloseBody,
  ) {
    return this.locks.close(who, code);
  }

  @ForEverybody() @Answers('openLock', lockOpenAnswer) @Post('session/lock/off') open(
    @Sender() who: Who,
    @Body() { password }: LockBody,
    @Req() request: SessionRequest,
  ) {
    return this.locks.open(who, password, request.ip ?? '');
  }

  @ForOwners() @Answers('openLockOf', lockOpenAnswer) @Post('people/:personId/lock/off') openFor(
    @Sender() who: Who,
    @Param('personId') id: string,
    @Body() _body: IdBody,
  ) {
    return this.locks.openFor(who, id);
  }

  /** Whether the firm asks its owners for a second lock. */
  @ForOwners() @Answers('setOwnersLock', changedAnswer) @Put('firm/owners-lock') ownersLock(
    @Sender() who: Who,
    @Body() { version, needed }: OwnersLockBody,
  ) {
    return this.locks.askOwners(who, version, needed);
  }
}
