import { Module } from '@nestjs/common';
import { Patches, PatchesController } from './patches.ts';
import { PatchPictures } from './patchPictures.ts';
import { TrialsController } from './trials.controller.ts';
import { Trials } from './trials.service.ts';

@Module({
  controllers: [TrialsController, PatchesController],
  providers: [Trials, Patches, PatchPictures],
  exports: [Trials, Patches],
})
export class TrialsModule {}
