import { Module } from '@nestjs/common';
import { ComingJobs } from './coming.ts';
import { ShelfController } from './shelf.controller.ts';
import { Shelf } from './shelf.service.ts';

@Module({
  controllers: [ShelfController],
  providers: [ComingJobs, Shelf],
  exports: [Shelf],
})
export class ShelfModule {}
