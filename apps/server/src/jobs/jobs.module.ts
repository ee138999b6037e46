import { Module } from '@nestjs/common';
import { JobsController } from './jobs.controller.ts';
import { JobList } from './jobList.ts';
import { JobPage } from './jobPage.ts';
import { Jobs } from './jobs.service.ts';
import { Rooms } from './rooms.service.ts';
import { Withdrawals } from './withdrawals.ts';

@Module({
  controllers: [JobsController],
  providers: [JobList, JobPage, Jobs, Rooms, Withdrawals],
  exports: [Jobs, Rooms],
})
export class JobsModule {}
