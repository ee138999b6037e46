import { Module } from '@nestjs/common';
import { JobsController } from './jobs.controller.ts';
import { Jobs } from './jobs.service.ts';
import { Rooms } from './rooms.service.ts';

@Module({
  controllers: [JobsController],
  providers: [Jobs, Rooms],
  exports: [Jobs, Rooms],
})
export class JobsModule {}
