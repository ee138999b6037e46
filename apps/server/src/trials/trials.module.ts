import { Module } from '@nestjs/common';
import { Patches, PatchesController } from './patches.ts';
import { TrialsController } from './trials.controller.ts';
import { Trials } from './trials.service.ts';

@Module({
  controllers: [TrialsController, PatchesController],
  providers: [Trials, Patches],
  exports: [Trials, Patches],
})
export class TrialsModule {}
