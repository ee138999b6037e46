import { Module } from '@nestjs/common';
import { Retention, RetentionController } from './retention.ts';

@Module({
  controllers: [RetentionController],
  providers: [Retention],
})
export class RetentionModule {}
