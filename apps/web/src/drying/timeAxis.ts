import { scaleLinear } from 'd3-scale';
import { DateTime } from 'luxon';

/** Hours of the day drawn at full width; nights are narrow. */
const MORNING = 6;
const EVENING = 20;
const NIGHT_SHARE = 0.22;

export interface Day {
  at: DateTime;
  x0: number;
  x1: number;
  nightX1: number;
  hours: { hour: number; x: number }[];
}

/** Which hours are named, by how much room a day has. */
const hoursShown = (perDay: number) =>
  perDay < 60 ? [] : perDay < 600 ? [9, 12, 15, 18] : [7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19];

export type TimeAxis = ReturnType<typeof timeAxis>;

/** A scale on which days are wide and nights narrow; minutes since the epoch in, pixels out. */
export function timeAxis(from: number, to: number, zone: string, left: number, perDay: number) {
  const first = DateTime.fromMillis(from * 60_000, { zone }).startOf('day');
  const count = Math.max(
    1,
    Math.ceil(
      DateTime.fromMillis(to * 60_000, { zone })
        .endOf('day')
        .diff(first, 'days').days,
    ),
  );
  const night = perDay * NIGHT_SHARE;
  const stops: number[] = [];
  const xs: number[] = [];
  const days: Day[] = [];
  const minute = (at: DateTime) => at.toMillis() / 60_000;
  for (let i = 0; i < count; i++) {
    const at = first.plus({ days: i });
    const x0 = left + i * (perDay + night);
    stops.push(minute(at.set({ hour: MORNING })), minute(at.set({ hour: EVENING })));
    xs.push(x0, x0 + perDay);
    const day = scaleLinear()
      .domain([MORNING, EVENING])
      .range([x0, x0 + perDay]);
    days.push({
      at,
      x0,
      x1: x0 + perDay,
      nightX1: x0 + perDay + night,
      hours: hoursShown(perDay).map((hour) => ({ hour, x: day(hour) })),
    });
  }
  const scale = scaleLinear().domain(stops).range(xs).clamp(true);
  return {
    x: (m: number) => scale(m),
    minute: (x: number) => scale.invert(x),
    days,
    perDay,
    right: left + count * (perDay + night),
  };
}
