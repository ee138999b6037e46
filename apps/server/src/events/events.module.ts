import { Module } from '@nestjs/common';
import { EventsController } from './events.controller.ts';
import { Events } from './events.ts';
import { PeopleModule } from '../people/people.module.ts';

@Module({
  imports: [PeopleModule],
  controllers: [EventsController],
  providers: [Events],
})
export class EventsModule {}
