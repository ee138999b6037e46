import { Module } from '@nestjs/common';
import { SystemsController } from './systems.controller.ts';
import { Systems } from './systems.ts';

@Module({
  controllers: [SystemsController],
  providers: [Systems],
  exports: [Systems],
})
export class SystemsModule {}
