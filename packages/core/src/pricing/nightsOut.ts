import { isCoat } from '../vocabulary/index.ts';
import type { Step } from '../model/step.ts';
import { productFor, readyAfter } from '../quantities/estimate.ts';
import { minutesOf } from '../quantities/hours.ts';
import type { Case } from '../systems/case.ts';
import { USUAL_SETTINGS } from './settings.ts';

const DAY_MIN = 1440;

/** A clock of working days: what is done by hand takes the day's hours, a wait runs on through the night. */
class WorkingClock {
  day = 0;
  private at = 0;
  constructor(private readonly hours: number) {}

  work(minutes: number): void {
    if (minutes <= 0) return;
    if (this.at > 0 && this.at + minutes > this.hours) this.morning();
    this.at += minutes;
    while (this.at > this.hours) {
      this.at -= this.hours;
      this.day++;
    }
  }

  wait(minutes: number): void {
    const until = this.at + minutes;
    this.day += Math.floor(until / DAY_MIN);
    this.at = until % DAY_MIN;
    if (this.at > this.hours) this.morning();
  }

  private morning(): void {
    this.day++;
    this.at = 0;
  }
}

/**
 * How many nights what hangs is out of its opening with these steps: one painter, the firm's usual day, label times, a
 * cure had hanging ajar. Null where it stays hung.
 */
export function nightsOut(c: Case, steps: readonly Step[]): number | null {
  const [from, to] = [steps.findIndex((s) => s.kind === 'unhang'), steps.findIndex((s) => s.kind === 'rehang')];
  if (from < 0 || to < from) return null;
  const clock = new WorkingClock(USUAL_SETTINGS.dayMinutes);
  for (const step of steps.slice(from, to + 1)) {
    if (step.kind === 'cure-hold' || step.later) continue;
    const coats = step.coats ?? 1;
    const each = minutesOf(step, c.d.surface, c.by) / coats;
    const wait = readyAfter(step, productFor(step, c.shelf));
    for (let coat = 0; coat < coats; coat++) {
      clock.work(each);
      clock.wait(wait);
    }
  }
  return clock.day;
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six'];
const inWords = (nights: number) => `${NUMBERS[nights] ?? nights} ${nights === 1 ? 'night' : 'nights'}`;

/** The steps without the last coat: that may go on once it hangs again. */
function withoutLastCoat(steps: readonly Step[]): Step[] {
  const last = steps.findLastIndex((s) => isCoat(s.kind) && !s.later);
  return steps.flatMap((step, i) => {
    if (i !== last) return [step];
    return (step.coats ?? 1) > 1 ? [{ ...step, coats: step.coats! - 1 }] : [];
  });
}

/** What is nearest to a wish that no way meets, each with what it gives up. */
function nearest(c: Case, steps: readonly Step[]): string {
  const fewer = nightsOut(c, withoutLastCoat(steps))!;
  return `The nearest: the last coat once it hangs again, out for ${inWords(fewer)}, its edges painted in place; all of it painted hanging, the opening sheeted and the hinges cut round; or a board in the opening meanwhile, for its price.`;
}

/** The steps with what they mean for a wish to have it back: how many nights it is out, against how many were granted. */
export function withNights(c: Case, steps: readonly Step[]): readonly Step[] {
  const granted = c.wanted.maxNightsOut;
  const nights = granted === null ? null : nightsOut(c, steps);
  if (granted === null || nights === null) return steps;
  const out = `By the labels it is out for ${inWords(nights)} with these coats, and ${inWords(granted)} may pass.`;
  const said = nights <= granted ? out : `${out} ${nearest(c, steps)}`;
  return steps.map((step) => (step.kind === 'rehang' ? { ...step, why: [...step.why, said] } : step));
}
