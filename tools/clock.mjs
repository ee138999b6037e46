/** The hour at which tests and pictures take place: a working morning in the middle of the week, near today. */
export const WEDNESDAY = 3;
const MORNING = 10;
const DAY_MS = 86_400_000;

/** How far the clock is set, in milliseconds; not set, it is the machine's own. */
export const clockShift = () => Number(process.env.CLOCK_SHIFT_MS ?? 0);

/** How far a clock is to be set so that it shows this hour (UTC) on the weekday (1 Monday to 7) nearest to now. */
export function shiftTo(weekday = WEDNESDAY, hour = MORNING, minute = 0, now = new Date()) {
  const at = new Date(now);
  at.setUTCHours(hour, minute, 0, 0);
  const days = ((weekday - (at.getUTCDay() || 7) + 10) % 7) - 3;
  return at.getTime() + days * DAY_MS - now.getTime();
}

/** A `Date` whose now is so far from the real one; also run in a browser, so it stands by itself. */
export function shiftedDate(RealDate, shift) {
  return new Proxy(RealDate, {
    construct: (target, args, self) => Reflect.construct(target, args.length ? args : [target.now() + shift], self),
    apply: (target) => new target(target.now() + shift).toString(),
    get: (target, key) => (key === 'now' ? () => target.now() + shift : Reflect.get(target, key)),
  });
}
