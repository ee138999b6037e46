import {
  forecast,
  roomHours,
  surfaceHours,
  type Air,
  type Forecast,
  type ForecastDoubt,
  type Hours,
  type Place,
} from '@rustic/core';
import type { RoomEntity } from '../record/jobEntities.ts';
import type { JobRecords } from './jobRecords.ts';

/** The air of a room: steady, or hour by hour with how far it may be wrong. */
export interface RoomAirKnown {
  air: Air;
  doubt: ForecastDoubt | null;
}

const HOUR_MIN = 60;
/** So far back a coat may still be drying, and so far ahead a job is planned by weather. */
const BACK_HOURS = 24 * 8;
const AHEAD_HOURS = 24 * 30;
/** A house follows the weather by so much; its doubt likewise. */
const INDOORS = 0.3;
/** A reading by hand corrects the sensor's next hours, less and less. */
const READING_FADES_HOURS = 36;
const READING_COUNTS_MIN = 3 * 1440;

/** The town, not the lane: one station serves the whole of it. */
export const placeOf = (records: JobRecords): Place => ({
  name: records.job.place.split(',').at(-1)!.trim() || records.job.place,
  hemisphere: records.firm.hemisphere,
});

/** The weather of the place and of its rooms, each made when it is first asked for, for one reading of the records and one hour. */
interface Known {
  hour: number;
  outside: Forecast | null;
  rooms: Map<string, RoomAirKnown>;
}
const knownOf = new WeakMap<JobRecords, Known>();

function known(records: JobRecords, now: Date): Known {
  const hour = Math.floor(now.getTime() / 60_000 / HOUR_MIN);
  let kept = knownOf.get(records);
  if (kept?.hour !== hour) knownOf.set(records, (kept = { hour, outside: null, rooms: new Map() }));
  return kept;
}

/** The weather of the place. */
export function outsideAir(records: JobRecords, now: Date): Forecast {
  const kept = known(records, now);
  const from = (kept.hour - BACK_HOURS) * HOUR_MIN;
  return (kept.outside ??= forecast(placeOf(records), from, BACK_HOURS + AHEAD_HOURS, kept.hour * HOUR_MIN));
}

/** The air of a room, by where it is known from. */
export function airOfRoom(records: JobRecords, roomId: string, now: Date): RoomAirKnown {
  const { rooms } = known(records, now);
  let found = rooms.get(roomId);
  if (!found) rooms.set(roomId, (found = readAir(records, roomId, now)));
  return found;
}

function readAir(records: JobRecords, roomId: string, now: Date): RoomAirKnown {
  const room = records.rooms.find((r) => r.id === roomId);
  if (room?.airFrom === 'station') return onTheFace(records, room, now);
  if (room?.airFrom === 'sensor') return bySensor(records, room, now);
  const series = room?.airFrom === 'file' ? records.series.filter((s) => s.roomId === roomId).at(-1) : undefined;
  if (series) {
    const { gaps: _gaps, ...readings } = series.readings;
    return { air: { kind: 'hourly', ...readings }, doubt: null };
  }
  return { air: lastRead(records, roomId), doubt: null };
}

/** The last reading by hand, else what the job was begun with: as if it held throughout. */
export function lastRead(records: JobRecords, roomId: string): Air & { kind: 'steady' } {
  const reading = records.readings.filter((r) => r.roomId === roomId).at(-1);
  return {
    kind: 'steady',
    temperatureC: reading?.temperatureC ?? records.job.temperatureC,
    relativeHumidityPct: reading?.relativeHumidityPct ?? records.job.relativeHumidityPct,
  };
}

/** Outside, with the temperature of the face itself. */
function onTheFace(records: JobRecords, room: RoomEntity, now: Date): RoomAirKnown {
  const { air, doubt } = outsideAir(records, now);
  const substrate = records.surfaces.find((s) => s.roomId === room.id)?.facts.substrate ?? 'softwood';
  return {
    air: { ...air, surfaceC: surfaceHours(air, { facing: room.facing, substrate }, placeOf(records)) },
    doubt,
  };
}

function bySensor(records: JobRecords, room: RoomEntity, now: Date): RoomAirKnown {
  const { air, doubt } = outsideAir(records, now);
  const scaled = (list: number[]) => list.map((x) => Math.round(INDOORS * x * 10) / 10);
  return {
    air: corrected(records, room, roomHours({ heatedToC: records.job.temperatureC }, air), now),
    doubt: {
      temperatureC: scaled(doubt.temperatureC),
      relativeHumidityPct: scaled(doubt.relativeHumidityPct),
      rain: doubt.rain.map(() => 0),
    },
  };
}

/** What was read by hand stands over the sensor from then on, and fades. */
function corrected(records: JobRecords, room: RoomEntity, air: Hours, now: Date): Hours {
  const reading = records.readings.filter((r) => r.roomId === room.id).at(-1);
  const minute = reading ? Math.floor(reading.at.getTime() / 60_000) : 0;
  const first = Math.floor((minute - air.from) / HOUR_MIN);
  if (!reading || first < 0 || now.getTime() / 60_000 - minute > READING_COUNTS_MIN) return air;
  const warmer = reading.temperatureC - air.temperatureC[first]!;
  const damper = reading.relativeHumidityPct - air.relativeHumidityPct[first]!;
  const fade = (i: number) => (i < first ? 0 : Math.exp(-(i - first) / READING_FADES_HOURS));
  return {
    ...air,
    temperatureC: air.temperatureC.map((t, i) => Math.round((t + fade(i) * warmer) * 10) / 10),
    relativeHumidityPct: air.relativeHumidityPct.map((rh, i) =>
      Math.round(Math.min(99, Math.max(1, rh + fade(i) * damper))),
    ),
  };
}
