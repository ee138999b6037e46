import { Module } from '@nestjs/common';
import { ShelfController } from './shelf.controller.ts';
import { Shelf } from './shelf.service.ts';

@Module({
  controllers: [ShelfController],
  providers: [Shelf],
  exports: [Shelf],
})
export class ShelfModule {}
