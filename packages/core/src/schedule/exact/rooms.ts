import { dustFreeAt, recoatFrom, type Task } from '../problem.ts';
import { Apart } from './apart.ts';
import type { Building, OpenStep } from './building.ts';
import { precede } from './precede.ts';
import { risingTable, NEVER } from './rising.ts';
import type { ExactSearch } from './search.ts';
import { atLeast, atMost } from './trail.ts';
import { Places, type Use } from './uses.ts';

/** Places on each site's rack, from a coat's start until it opens. */
export function addRacks(building: Building, search: ExactSearch): void {
  building.problem.racks.forEach((places, site) => {
    if (places === Infinity) return;
    const uses = building.steps
      .filter(({ task }) => task.onRack && task.site === site)
      .map(({ task, start }): Use => ({
        start,
        until: building.ofEnd(task, (end) => recoatFrom(task, end)),
        places: 1,
      }));
    if (uses.length)
      search.add(new Places(search.trail, places, uses, building.taken(building.begun.racks[site]!, places)));
  });
}

/** No dust in a room while another's coat there is wet. */
export function addDust(building: Building, search: ExactSearch): void {
  const { trail } = search;
  for (const zone of building.problem.zones) {
    if (!zone.noDustWhileWet) continue;
    const here = building.steps.filter(({ task }) => task.zone === zone);
    const dusty = here.filter(({ task }) => task.dusty);
    const wet = here.filter(({ task }) => task.coat);
    const dries = (task: Task) => building.ofEnd(task, (end) => dustFreeAt(task, end));
    const stretch = ({ task, start }: OpenStep, until = building.end(task)) => ({ start, until });
    const times = wet.map((c) => dries(c.task));
    for (const d of dusty)
      wet.forEach((c, i) => {
        if (c !== d) search.add(new Apart(trail, stretch(d), stretch(c, times[i]!)));
      });
    const wetNow = building.taken(building.begun.wet[zone.index]!);
    for (const d of wetNow.length ? dusty : [])
      search.add(new Places(trail, 1, [{ start: d.start, until: building.end(d.task), places: 1 }], wetNow));
    const dustNow = building.taken(building.begun.dusty[zone.index]!);
    wet.forEach((c, i) => {
      if (dustNow.length) search.add(new Places(trail, 1, [{ start: c.start, until: times[i]!, places: 1 }], dustNow));
    });
  }
}

/** Nights a room is out: from the day of its first start to that of its last end. */
export function addNights(building: Building, search: ExactSearch): void {
  const { problem, until } = building;
  const { calendar } = problem;
  for (const zone of problem.zones) {
    const most = zone.maxNightsOut;
    if (most === null) continue;
    const here = problem.tasks.filter((t) => t.zone === zone);
    const done = here.filter((t) => t.done);
    const open = building.steps.filter(({ task }) => task.zone === zone);
    const firstDay = Math.min(...done.map((t) => calendar.dayOf(t.done!.start)));
    const lastDay = Math.max(...done.map((t) => calendar.dayOf(t.done!.end)));
    for (const b of open) {
      const end = building.end(b.task);
      const begins = risingTable(until, (s) => {
        const e = end.give(s);
        return e >= NEVER ? NEVER : calendar.midnight(calendar.dayOf(problem.start + e) - most) - problem.start;
      });
      if (done.length) {
        search.demand(atMost(b.start), 1 - begins.need(calendar.midnight(firstDay + 1) - problem.start));
        search.demand(atLeast(b.start), calendar.midnight(lastDay - most) - problem.start);
      }
      for (const a of open) if (a !== b) precede(search, b.start, a.start, begins);
    }
  }
}
