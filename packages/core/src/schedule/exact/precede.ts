import type { Rising } from './rising.ts';
import type { ExactSearch } from './search.ts';
import { atLeast, atMost } from './trail.ts';

/** `to` starts no sooner than this function of `from`'s start. */
export function precede(search: ExactSearch, from: number, to: number, by: Rising): void {
  search.arcs.add({ from: atLeast(from), to: atLeast(to), give: by.give, need: by.need, guard: null });
  // The other way round: an upper bound of the later is one of the sooner.
  search.arcs.add({
    from: atMost(to),
    to: atMost(from),
    give: (v) => 1 - by.need(1 - v),
    need: (w) => 1 - by.give(1 - w),
    guard: null,
  });
}
