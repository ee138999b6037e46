import { Body, Controller, Get, Injectable, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { airAt, readReadings } from '@rustic/core';
import { RoomEntity } from '../record/jobEntities.ts';
import { AirSeriesEntity } from '../record/siteEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { ReadingsBody } from '../jobs/jobs.dto.ts';
import { readJob } from '../reading/jobRecords.ts';
import { minuteOf } from '../reading/marks.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { Writes } from '../record/writes.service.ts';
import { airOfRoom, outsideAir, placeOf } from '../reading/airOfRoom.ts';
import { Answers } from '../answers/answer.ts';
import { readingsAnswer, weatherAnswer } from '../answers/jobs.ts';

const MOST_FAULTS = 20;

/** The simulated station of the place, the rooms' sensors, and readings from files. */
@Injectable()
export class WeatherService {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  /** The weather of a job's place, two days back and ten ahead, and what each room's air is now. */
  async ofJob(who: Who, jobId: string) {
    const records = await readJob(this.writes.reading(who), jobId);
    const { air, doubt } = outsideAir(records, who.now);
    const now = minuteOf(who);
    const first = Math.max(0, Math.floor((now - air.from) / 60) - 48);
    const cut = <T>(list: readonly T[]) => list.slice(first, first + 24 * 12);
    return {
      place: placeOf(records).name,
      from: air.from + first * 60,
      temperatureC: cut(air.temperatureC),
      relativeHumidityPct: cut(air.relativeHumidityPct),
      rainMm: cut(air.rainMm),
      windMs: cut(air.windMs),
      doubtC: cut(doubt.temperatureC),
      rainChance: cut(doubt.rain),
      rooms: records.rooms.map((room) => {
        const known = airAt(airOfRoom(records, room.id, who.now).air, now);
        return { id: room.id, airFrom: room.airFrom, ...known };
      }),
    };
  }

  /** Hourly readings from a file: checked whole, then kept whole; the room's air is known from them. */
  async addReadings(who: Who, roomId: string, body: ReadingsBody) {
    return this.writes.run(who, async (scope) => {
      const room = await scope.one(RoomEntity, roomId, 'room');
      const { timeZone } = await scope.firm();
      const read = readReadings(body.csv, timeZone);
      if ('faults' in read)
        throw refusedWith(
          read.faults
            .slice(0, MOST_FAULTS)
            .map(({ line, message }) => ({ path: line ? `line ${line}` : 'csv', message })),
        );
      await scope.add(AirSeriesEntity, {
        id: body.id,
        jobId: room.jobId,
        roomId,
        readings: read.readings,
        byName: who.name,
        at: who.now,
      });
      await scope.set(RoomEntity, room, { airFrom: 'file' });
      const hours = read.readings.temperatureC.length;
      await this.ledger.append(scope, {
        jobId: room.jobId,
        kind: 'air-read',
        subject: roomId,
        at: who.now,
        payload: { id: body.id, from: read.readings.from, hours, gaps: read.readings.gaps.length },
      });
      return { hours, gaps: read.readings.gaps };
    });
  }
}

@ApiTags('air')
@Controller('api')
export class WeatherController {
  constructor(private readonly weather: WeatherService) {}

  @Answers('weather', weatherAnswer) @Get('jobs/:jobId/weather') ofJob(@Sender() who: Who, @Param('jobId') id: string) {
    return this.weather.ofJob(who, id);
  }
  @ForHands() @Answers('readingsFile', readingsAnswer) @Post('rooms/:roomId/readings-file') addReadings(
    @Sender() who: Who,
    @Param('roomId') id: string,
    @Body() body: ReadingsBody,
  ) {
    return this.weather.addReadings(who, id, body);
  }
}
