import { Module } from '@nestjs/common';
import { DamageController, DamageMarks } from './damage.ts';
import { Findings, FindingsController } from './findings.ts';
import { Photos, PhotosController } from './photos.ts';
import { Walkround, WalkroundController } from './walkround.ts';

@Module({
  controllers: [DamageController, FindingsController, PhotosController, WalkroundController],
  providers: [DamageMarks, Findings, Photos, Walkround],
  exports: [DamageMarks, Photos, Walkround],
})
export class WalkroundModule {}
