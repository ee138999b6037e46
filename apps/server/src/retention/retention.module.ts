import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.ts';
import { Retention, RetentionController } from './retention.ts';

@Module({
  imports: [PeopleModule],
  controllers: [RetentionController],
  providers: [Retention],
})
export class RetentionModule {}
