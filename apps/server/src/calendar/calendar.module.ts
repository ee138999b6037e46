import { Module } from '@nestjs/common';
import { Calendar, CalendarController } from './calendar.ts';

@Module({
  controllers: [CalendarController],
  providers: [Calendar],
})
export class CalendarModule {}
