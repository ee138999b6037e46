import { Module } from '@nestjs/common';
import { FindController } from './find.controller.ts';

@Module({
  controllers: [FindController],
})
export class FindModule {}
