import { DateTime } from 'luxon';

/** A day and an hour of a place as a moment, ISO 8601. */
export const instantOf = (day: string, hour: string, timeZone: string) =>
  DateTime.fromISO(`${day}T${hour}`, { zone: timeZone }).toISO({ suppressMilliseconds: true }) ?? '';
