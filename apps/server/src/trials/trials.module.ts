import { Module } from '@nestjs/common';
import { TrialsController } from './trials.controller.ts';
import { Trials } from './trials.service.ts';

@Module({
  controllers: [TrialsController],
  providers: [Trials],
  exports: [Trials],
})
export class TrialsModule {}
