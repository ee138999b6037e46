import { Body, Controller, Get, Param, Patch, Post, Put, Query, Req, Res } from '@nestjs/common';
import type { Response } from 'express';
import { ApiTags } from '@nestjs/swagger';
import type { Who } from '../record/firmScope.ts';
import { sendPacked } from '../http/packed.ts';
import { isPriced, Sender, type SessionRequest } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import {
  CampaignBody,
  DayAsked,
  JobBody,
  JobChange,
  JobsAsked,
  OrderBody,
  ReadingBody,
  ReturnBody,
  RoomBody,
  RoomChange,
  SurfaceBody,
  SurfaceChange,
  WholeRoomBody,
  WithdrawalBody,
} from './jobs.dto.ts';
import { JobList } from './jobList.ts';
import { Jobs } from './jobs.service.ts';
import { JobPage } from './jobPage.ts';
import { Rooms } from './rooms.service.ts';
import { Withdrawals } from './withdrawals.ts';
import { Answers, Sends } from '../answers/answer.ts';
import {
  campaignAnswer,
  jobAnswer,
  jobList,
  jobNames,
  jobSums,
  jobsTakenOut,
  orderAnswer,
  readingAnswer,
  roomAnswer,
  surfaceAnswer,
  surfacePage,
  wholeJob,
  wholeRoomAnswer,
} from '../answers/jobs.ts';

@ApiTags('jobs')
@Controller('api')
export class JobsController {
  constructor(
    private readonly jobList: JobList,
    private readonly jobs: Jobs,
    private readonly jobPage: JobPage,
    private readonly rooms: Rooms,
    private readonly withdrawals: Withdrawals,
  ) {}

  @Sends('jobs', jobList) @Get('jobs') async list(
    @Sender() who: Who,
    @Query() asked: JobsAsked,
    @Req() request: SessionRequest,
    @Res() response: Response,
  ): Promise<void> {
    await sendPacked(response, await this.jobList.list(who, asked, isPriced(request)));
  }
  @Sends('jobSums', jobSums) @Get('jobs/sums') async sums(
    @Sender() who: Who,
    @Req() request: SessionRequest,
    @Res() response: Response,
  ): Promise<void> {
    await sendPacked(response, await this.jobList.sums(who, isPriced(request)));
  }
  @Sends('jobNames', jobNames) @Get('jobs/names') async names(
    @Sender() who: Who,
    @Req() request: SessionRequest,
    @Res() response: Response,
  ): Promise<void> {
    await sendPacked(response, await this.jobList.names(who, isPriced(request)));
  }
  @Answers('jobsTakenOut', jobsTakenOut) @Get('jobs/taken-out') takenOut(@Sender() who: Who) {
    return this.jobs.takenOut(who);
  }
  @Answers('addJob', jobAnswer) @Post('jobs') add(@Sender() who: Who, @Body() body: JobBody) {
    return this.jobs.add(who, body);
  }
  @Sends('job', wholeJob) @Get('jobs/:jobId') async whole(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Req() request: SessionRequest,
    @Res() response: Response,
  ): Promise<void> {
    await sendPacked(response, await this.jobPage.of(who, id, isPriced(request)));
  }
  @Answers('changeJob', jobAnswer) @Patch('jobs/:jobId') change(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: JobChange,
  ) {
    return this.jobs.change(who, id, body);
  }
  @Answers('addRoom', roomAnswer) @Post('jobs/:jobId/rooms') addRoom(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: RoomBody,
  ) {
    return this.rooms.addRoom(who, id, body);
  }
  @Answers('addSurface', surfaceAnswer) @Post('jobs/:jobId/surfaces') addSurface(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: SurfaceBody,
  ) {
    return this.rooms.addSurface(who, id, body);
  }
  @Answers('addWholeRoom', wholeRoomAnswer) @Post('jobs/:jobId/whole-rooms') addWholeRoom(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: WholeRoomBody,
  ) {
    return this.rooms.addWholeRoom(who, id, body);
  }
  @Answers('putOrder', orderAnswer) @Put('jobs/:jobId/order') order(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: OrderBody,
  ) {
    return this.rooms.order(who, id, body);
  }
  @Answers('setCampaign', campaignAnswer) @Post('jobs/:jobId/campaigns') campaign(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: CampaignBody,
  ) {
    return this.rooms.campaign(who, id, body);
  }
  @Answers('changeRoom', roomAnswer) @Patch('rooms/:roomId') changeRoom(
    @Sender() who: Who,
    @Param('roomId') id: string,
    @Body() body: RoomChange,
  ) {
    return this.rooms.changeRoom(who, id, body);
  }
  @Answers('asItStood', surfacePage) @Get('surfaces/:surfaceId/as-it-stood') asItStood(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Query() { day }: DayAsked,
  ) {
    return this.jobs.asItStood(who, id, day);
  }
  @Answers('surface', surfacePage) @Get('surfaces/:surfaceId') surface(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
  ) {
    return this.jobs.surface(who, id);
  }
  @Answers('changeSurface', surfaceAnswer) @Patch('surfaces/:surfaceId') changeSurface(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: SurfaceChange,
  ) {
    return this.rooms.changeSurface(who, id, body);
  }
  @Answers('takeOutJob', jobAnswer) @Post('jobs/:jobId/withdrawal') takeOutJob(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: WithdrawalBody,
  ) {
    return this.withdrawals.takeOutJob(who, id, body);
  }
  @Answers('bringJobBack', jobAnswer) @Post('jobs/:jobId/return') bringJobBack(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: ReturnBody,
  ) {
    return this.withdrawals.bringJobBack(who, id, body);
  }
  @Answers('takeOutRoom', roomAnswer) @Post('rooms/:roomId/withdrawal') takeOutRoom(
    @Sender() who: Who,
    @Param('roomId') id: string,
    @Body() body: WithdrawalBody,
  ) {
    return this.withdrawals.takeOutRoom(who, id, body);
  }
  @Answers('bringRoomBack', roomAnswer) @Post('rooms/:roomId/return') bringRoomBack(
    @Sender() who: Who,
    @Param('roomId') id: string,
    @Body() body: ReturnBody,
  ) {
    return this.withdrawals.bringRoomBack(who, id, body);
  }
  @Answers('takeOutSurface', surfaceAnswer) @Post('surfaces/:surfaceId/withdrawal') takeOutSurface(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: WithdrawalBody,
  ) {
    return this.withdrawals.takeOutSurface(who, id, body);
  }
  @Answers('bringSurfaceBack', surfaceAnswer) @Post('surfaces/:surfaceId/return') bringSurfaceBack(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: ReturnBody,
  ) {
    return this.withdrawals.bringSurfaceBack(who, id, body);
  }
  @ForHands() @Answers('readAir', readingAnswer) @Post('rooms/:roomId/readings') addReading(
    @Sender() who: Who,
    @Param('roomId') id: string,
    @Body() body: ReadingBody,
  ) {
    return this.jobs.addReading(who, id, body);
  }
}
