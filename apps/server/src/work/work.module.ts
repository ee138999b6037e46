import { Module } from '@nestjs/common';
import { FollowUps } from './followUps.ts';
import { Holds } from './holds.ts';
import { RunSheet } from './runSheet.ts';
import { WaysBackController } from './waysBack.ts';
import { Work, WorkController } from './work.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { SystemsModule } from '../systems/systems.module.ts';
import { TrialsModule } from '../trials/trials.module.ts';

@Module({
  imports: [JobsModule, SystemsModule, TrialsModule],
  controllers: [WaysBackController, WorkController],
  providers: [FollowUps, Holds, RunSheet, Work],
  exports: [Work],
})
export class WorkModule {}
