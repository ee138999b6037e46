import { Module } from '@nestjs/common';
import { Punch, PunchController } from './punch.ts';

@Module({
  controllers: [PunchController],
  providers: [Punch],
  exports: [Punch],
})
export class PunchModule {}
