import { Module } from '@nestjs/common';
import { Findings, FindingsController } from './findings.ts';
import { Photos, PhotosController } from './photos.ts';
import { Walkround, WalkroundController } from './walkround.ts';

@Module({
  controllers: [FindingsController, PhotosController, WalkroundController],
  providers: [Findings, Photos, Walkround],
  exports: [Photos, Walkround],
})
export class WalkroundModule {}
