import { Module } from '@nestjs/common';
import { DamageController, DamageMarks } from './damage.ts';
import { Findings, FindingsController } from './findings.ts';
import { Joints, JointsController } from './joints.ts';
import { Photos, PhotosController } from './photos.ts';
import { Walkround, WalkroundController } from './walkround.ts';

@Module({
  controllers: [DamageController, FindingsController, JointsController, PhotosController, WalkroundController],
  providers: [DamageMarks, Findings, Joints, Photos, Walkround],
  exports: [DamageMarks, Joints, Photos, Walkround],
})
export class WalkroundModule {}
