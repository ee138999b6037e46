import { Module } from '@nestjs/common';
import { EventsController } from './events.controller.ts';
import { Events } from './events.ts';
import { OpenFeeds } from './openFeeds.ts';
import { PeopleModule } from '../people/people.module.ts';

@Module({
  imports: [PeopleModule],
  controllers: [EventsController],
  providers: [Events, OpenFeeds],
})
export class EventsModule {}
