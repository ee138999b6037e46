import { Module } from '@nestjs/common';
import { JobsController } from './jobs.controller.ts';
import { Jobs } from './jobs.service.ts';
import { Rooms } from './rooms.service.ts';
import { Withdrawals } from './withdrawals.ts';

@Module({
  controllers: [JobsController],
  providers: [Jobs, Rooms, Withdrawals],
  exports: [Jobs, Rooms],
})
export class JobsModule {}
