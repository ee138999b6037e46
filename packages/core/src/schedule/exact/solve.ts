import type { OpenStep } from './building.ts';
import type { Model } from './model.ts';
import type { Choose, Verdict } from './search.ts';
import { atLeast, atMost, type Side } from './trail.ts';

/** The share of what lies between the bound and the best known, at which the first question of a round is asked. */
const FIRST_SHARE = 0.2;
const LATER = 1.6;
const LAST_SHARE = 0.9;
/** How long the first questions are asked of up to fifty steps, in the search's measure of work. */
const FIRST_PATIENCE = 10_000;

/** Values of a solution by variable. */
export type Values = Int32Array;

/** What a model's search has come to: the best finish found, and the least that it can be. */
export class Improving {
  readonly model: Model;
  best: Values | null = null;
  /** No finish below this, in minutes from the plan's start. */
  bound: number;
  /** The best finish known. */
  finish: number;
  private share = FIRST_SHARE;
  private patience: number;

  /** Told of each better solution. */
  private readonly onBetter: (values: Values) => void;

  constructor(model: Model, known: { finish: number; bound: number }, onBetter: (values: Values) => void) {
    this.model = model;
    this.finish = known.finish;
    this.bound = known.bound;
    this.onBetter = onBetter;
    this.patience = FIRST_PATIENCE * Math.max(1, (model.steps.length / 50) ** 2);
    model.search.demand(atMost(model.finish), -(known.finish - 1));
  }

  get done(): boolean {
    return this.bound >= this.finish;
  }

  /**
   * Asks by turns whether anything ends soon after the bound, then later and later up to the best known; each answer
   * moves the one or the other. With every round that finds nothing each question is asked for longer.
   */
  improve(work: number): void {
    const { search } = this.model;
    const until = search.work + work;
    while (!this.done && search.work < until && !search.stop()) {
      const by = Math.min(this.finish - 1, this.bound + Math.floor((this.finish - this.bound) * this.share));
      const verdict = this.try(by, Math.min(this.patience, until - search.work));
      if (verdict !== 'spent') this.share = FIRST_SHARE;
      else if (this.share < LAST_SHARE) this.share *= LATER;
      else {
        this.share = FIRST_SHARE;
        this.patience *= 2;
      }
    }
  }

  /** Asks whether anything ends by a minute; what is learnt stays. */
  private try(by: number, work: number): Verdict {
    const { search, finish } = this.model;
    const verdict = search.run(this.choose, work, [[atMost(finish), -by]]);
    if (verdict === 'none') this.bound = Math.max(this.bound, by + 1);
    if (verdict === 'found') this.keep();
    return verdict;
  }

  private keep(): void {
    const { search, finish } = this.model;
    const { trail } = search;
    this.best = Int32Array.from({ length: trail.bound.length / 2 }, (_, x) => trail.low(x));
    this.finish = trail.low(finish);
    this.onBetter(this.best);
    search.demand(atMost(finish), -(this.finish - 1));
  }

  /** By turns: the step that can start first, and must start first of those; and the step that was in most contradictions. */
  private readonly choose: Choose = (usual) => {
    const step = usual ? this.soonest() : this.busiest();
    return step && this.value(step);
  };

  private isOpen(step: OpenStep): boolean {
    const { trail } = this.model.search;
    return !trail.isFixed(step.start) || step.choices.some((c) => !trail.isFixed(c.variable));
  }

  private soonest(): OpenStep | null {
    const { trail } = this.model.search;
    let best: OpenStep | null = null;
    let low = Infinity;
    let high = Infinity;
    for (const step of this.model.steps) {
      if (!this.isOpen(step)) continue;
      const at = trail.low(step.start);
      const last = trail.high(step.start);
      if (at > low || (at === low && last >= high)) continue;
      best = step;
      low = at;
      high = last;
    }
    return best;
  }

  private busiest(): OpenStep | null {
    const { activity } = this.model.search;
    let best: OpenStep | null = null;
    let most = -1;
    for (const step of this.model.steps) {
      if (!this.isOpen(step)) continue;
      let heat = activity[step.start]!;
      for (const c of step.choices) heat = Math.max(heat, activity[c.variable]!);
      if (heat > most) {
        best = step;
        most = heat;
      }
    }
    return best;
  }

  private value(step: OpenStep): readonly [Side, number] {
    const { trail } = this.model.search;
    const low = trail.low(step.start);
    if (!trail.isFixed(step.start)) {
      const was = this.best?.[step.start];
      if (was !== undefined && was >= low && was < trail.high(step.start)) return [atMost(step.start), -was];
      return [atMost(step.start), -low];
    }
    const open = step.choices.filter((c) => !trail.isFixed(c.variable));
    const was = open.find((c) => this.best && this.best[c.variable]! > trail.low(c.variable));
    const { variable } = was ?? open[0]!;
    return [atLeast(variable), trail.low(variable) + 1];
  }
}
