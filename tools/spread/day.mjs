/** What somebody of a firm does on a working day, by part; by the acts that are measured. */
export const ACTS_A_DAY = {
  painter: { write: 30, sheet: 60, job: 12 },
  desk: { write: 60, sheet: 20, job: 60 },
};
/** One of so many in a firm works at the desk; at least one does. */
const ONE_DESK_IN = 6;
/** Photos a painter takes a day, and what one weighs. */
const PHOTOS_A_DAY = 6;
const PHOTO_BYTES = 350_000;
const DAYS_A_YEAR = 230;
/** How a day's acts fall on its hours: most before the work begins, and as it ends. */
export const HOURS = [0, 0, 0, 0, 0, 1, 6, 14, 8, 5, 5, 5, 8, 6, 5, 6, 12, 9, 4, 3, 2, 1, 0, 0];

/** Random numbers that are the same each time (mulberry32). */
export function drawn(seed) {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** Firms as they are: most have a few people, some have many. Log-normal, median 4, at most 80. */
export function firmsOf(n, next) {
  const normal = () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
  return Array.from({ length: n }, (_, i) => ({
    id: `firm-${i}`,
    people: Math.min(80, Math.max(1, Math.round(4 * Math.exp(0.8 * normal())))),
  }));
}

/** What a firm asks for in its busiest hour, in ms of the server's and of the database's processors; and what a year of it weighs. */
export function loadOf({ people }, costs) {
  const desks = Math.max(1, Math.round(people / ONE_DESK_IN));
  const acts = { painter: people - desks, desk: desks };
  const busiest = Math.max(...HOURS) / HOURS.reduce((a, b) => a + b);
  const sum = (of) =>
    Object.entries(acts).reduce(
      (all, [who, n]) =>
        all + n * Object.entries(ACTS_A_DAY[who]).reduce((day, [act, times]) => day + times * of(costs[act]), 0),
      0,
    );
  return {
    serverMs: busiest * sum((cost) => cost.serverMs),
    databaseMs: busiest * sum((cost) => cost.databaseMs),
    writes: busiest * (acts.painter * ACTS_A_DAY.painter.write + acts.desk * ACTS_A_DAY.desk.write),
    rowBytes: DAYS_A_YEAR * sum((cost) => cost.bytes),
    photoBytes: DAYS_A_YEAR * PHOTOS_A_DAY * PHOTO_BYTES * acts.painter,
  };
}
