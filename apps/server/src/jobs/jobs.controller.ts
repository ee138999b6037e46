import { Body, Controller, Get, Param, Patch, Post, Put, Query } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Who } from '../record/firmScope.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import {
  CampaignBody,
  DayAsked,
  JobBody,
  JobChange,
  OrderBody,
  ReadingBody,
  RoomBody,
  RoomChange,
  SurfaceBody,
  SurfaceChange,
  WholeRoomBody,
} from './jobs.dto.ts';
import { Jobs } from './jobs.service.ts';
import { Rooms } from './rooms.service.ts';
import { Answers } from '../answers/answer.ts';
import {
  jobAnswer,
  jobList,
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
    private readonly jobs: Jobs,
    private readonly rooms: Rooms,
  ) {}

  @Answers(jobList) @Get('jobs') list(@Sender() who: Who) {
    return this.jobs.list(who);
  }
  @Answers(jobAnswer) @Post('jobs') add(@Sender() who: Who, @Body() body: JobBody) {
    return this.jobs.add(who, body);
  }
  @Answers(wholeJob) @Get('jobs/:id') whole(@Sender() who: Who, @Param('id') id: string) {
    return this.jobs.whole(who, id);
  }
  @Answers(jobAnswer) @Patch('jobs/:id') change(@Sender() who: Who, @Param('id') id: string, @Body() body: JobChange) {
    return this.jobs.change(who, id, body);
  }
  @Answers(roomAnswer) @Post('jobs/:id/rooms') addRoom(
    @Sender() who: Who,
    @Param('id') id: string,
    @Body() body: RoomBody,
  ) {
    return this.rooms.addRoom(who, id, body);
  }
  @Answers(surfaceAnswer) @Post('jobs/:id/surfaces') addSurface(
    @Sender() who: Who,
    @Param('id') id: string,
    @Body() body: SurfaceBody,
  ) {
    return this.rooms.addSurface(who, id, body);
  }
  @Answers(wholeRoomAnswer) @Post('jobs/:id/whole-rooms') addWholeRoom(
    @Sender() who: Who,
    @Param('id') id: string,
    @Body() body: WholeRoomBody,
  ) {
    return this.rooms.addWholeRoom(who, id, body);
  }
  @Put('jobs/:id/order') order(@Sender() who: Who, @Param('id') id: string, @Body() body: OrderBody) {
    return this.rooms.order(who, id, body);
  }
  @Post('jobs/:id/campaigns') campaign(@Sender() who: Who, @Param('id') id: string, @Body() body: CampaignBody) {
    return this.rooms.campaign(who, id, body);
  }
  @Answers(roomAnswer) @Patch('rooms/:id') changeRoom(
    @Sender() who: Who,
    @Param('id') id: string,
    @Body() body: RoomChange,
  ) {
    return this.rooms.changeRoom(who, id, body);
  }
  @Answers(surfacePage) @Get('surfaces/:id/as-it-stood') asItStood(
    @Sender() who: Who,
    @Param('id') id: string,
    @Query() { day }: DayAsked,
  ) {
    return this.jobs.asItStood(who, id, day);
  }
  @Answers(surfacePage) @Get('surfaces/:id') surface(@Sender() who: Who, @Param('id') id: string) {
    return this.jobs.surface(who, id);
  }
  @Answers(surfaceAnswer) @Patch('surfaces/:id') changeSurface(
    @Sender() who: Who,
    @Param('id') id: string,
    @Body() body: SurfaceChange,
  ) {
    return this.rooms.changeSurface(who, id, body);
  }
  @ForHands() @Answers(readingAnswer) @Post('rooms/:id/readings') addReading(
    @Sender() who: Who,
    @Param('id') id: string,
    @Body() body: ReadingBody,
  ) {
    return this.jobs.addReading(who, id, body);
  }
}
