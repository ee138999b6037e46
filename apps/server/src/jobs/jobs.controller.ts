import { Body, Controller, Get, Param, Patch, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Who } from '../database/firmScope.ts';
import { Sender } from '../people/session.ts';
import { JobBody, JobChange, ReadingBody, RoomBody, SurfaceBody, SurfaceChange } from './jobs.dto.ts';
import { Jobs } from './jobs.service.ts';

@ApiTags('jobs')
@Controller('api')
export class JobsController {
  constructor(private readonly jobs: Jobs) {}

  @Get('jobs') list(@Sender() who: Who) {
    return this.jobs.list(who);
  }
  @Post('jobs') add(@Sender() who: Who, @Body() body: JobBody) {
    return this.jobs.add(who, body);
  }
  @Get('jobs/:id') whole(@Sender() who: Who, @Param('id') id: string) {
    return this.jobs.whole(who, id);
  }
  @Patch('jobs/:id') change(@Sender() who: Who, @Param('id') id: string, @Body() body: JobChange) {
    return this.jobs.change(who, id, body);
  }
  @Post('jobs/:id/rooms') addRoom(@Sender() who: Who, @Param('id') id: string, @Body() body: RoomBody) {
    return this.jobs.addRoom(who, id, body);
  }
  @Post('jobs/:id/surfaces') addSurface(@Sender() who: Who, @Param('id') id: string, @Body() body: SurfaceBody) {
    return this.jobs.addSurface(who, id, body);
  }
  @Get('surfaces/:id') surface(@Sender() who: Who, @Param('id') id: string) {
    return this.jobs.surface(who, id);
  }
  @Patch('surfaces/:id') changeSurface(@Sender() who: Who, @Param('id') id: string, @Body() body: SurfaceChange) {
    return this.jobs.changeSurface(who, id, body);
  }
  @Post('rooms/:id/readings') addReading(@Sender() who: Who, @Param('id') id: string, @Body() body: ReadingBody) {
    return this.jobs.addReading(who, id, body);
  }
}
