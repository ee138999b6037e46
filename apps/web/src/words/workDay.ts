import { DateTime } from 'luxon';

/** When a day's work may begin: eight in the morning where the firm works, wherever this device is. */
export const workBegins = (day: string, zone: string): string =>
  DateTime.fromISO(`${day}T08:00`, { zone }).toUTC().toISO()!;
