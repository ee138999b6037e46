import { Module } from '@nestjs/common';
import { Demo } from './demo.ts';
import { DemoController } from './demo.controller.ts';
import { DemoFirms } from './demoFirms.ts';
import { PeopleModule } from '../people/people.module.ts';
import { ColoursModule } from '../colours/colours.module.ts';
import { AftercareModule } from '../aftercare/aftercare.module.ts';
import { DocumentsModule } from '../documents/documents.module.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { PlansModule } from '../plans/plans.module.ts';
import { PunchModule } from '../punch/punch.module.ts';
import { ShelfModule } from '../shelf/shelf.module.ts';
import { TrialsModule } from '../trials/trials.module.ts';
import { WalkroundModule } from '../walkround/walkround.module.ts';
import { WorkModule } from '../work/work.module.ts';

@Module({
  imports: [AftercareModule, ColoursModule, DocumentsModule, JobsModule, PeopleModule, PlansModule, PunchModule, ShelfModule, TrialsModule, WalkroundModule, WorkModule],
  controllers: [DemoController],
  providers: [Demo, DemoFirms],
})
export class DemoModule {}
