import type { Fault, StepKind } from '../vocabulary/index.ts';
import type { SystemPrice } from '../pricing/price.ts';
import { placeOf } from '../model/place.ts';
import type { Case } from '../systems/case.ts';
import { ifLeftOut } from '../failure/departing.ts';
import { whereWords } from '../systems/zones.ts';
import type { Step } from '../model/step.ts';

/** What goes wrong if a step is left out: how much likelier the fault is without it, 0 to 1; `shows` an ISO 8601 duration, cost in minor units. */
export interface Risk {
  ifSkipped: StepKind;
  fault: Fault;
  text: string;
  odds: number;
  shows: string;
  cost: number;
}

/** One risk for each kind of step in the system that something follows from, were every step of it left out; the dearest first. */
export function risksOf(steps: readonly Step[], c: Case, price: SystemPrice): Risk[] {
  const kinds = [...new Set(steps.map((s) => s.kind))];
  const risks = kinds.flatMap((kind): Risk[] => {
    const left = steps.filter((s) => s.kind === kind);
    const follows = ifLeftOut(c, steps, left, price.cost);
    if (!follows) return [];
    const { fault, text, odds, shows, cost } = follows;
    return [{ ifSkipped: kind, fault, text: `${text}${whereWords(onlyIn(left, c))}`, odds, shows, cost }];
  });
  return risks.sort((a, b) => b.odds * b.cost - a.odds * a.cost);
}

/** The places that the steps of one kind are done in, where they are done nowhere else. */
function onlyIn(steps: readonly Step[], c: Case): string[] {
  const named = new Set(c.d.tests.map(placeOf));
  const places = [...new Set(steps.map(({ scope }) => scope ?? 'all'))];
  return places.every((place) => named.has(place)) ? places : [];
}
