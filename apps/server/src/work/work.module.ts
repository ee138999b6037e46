import { Module } from '@nestjs/common';
import { FollowUps } from './followUps.ts';
import { Handover } from './handover.ts';
import { Holds } from './holds.ts';
import { RunSheet } from './runSheet.ts';
import { Stretches } from './stretch.ts';
import { WaysBackController } from './waysBack.ts';
import { Work, WorkController } from './work.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { SystemsModule } from '../systems/systems.module.ts';
import { TrialsModule } from '../trials/trials.module.ts';

@Module({
  imports: [JobsModule, SystemsModule, TrialsModule],
  controllers: [WaysBackController, WorkController],
  providers: [FollowUps, Handover, Holds, RunSheet, Stretches, Work],
  exports: [Handover, Work],
})
export class WorkModule {}
