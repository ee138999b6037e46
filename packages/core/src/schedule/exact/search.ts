import { Arcs } from './arcs.ts';
import { Learner } from './learn.ts';
import { Nogoods } from './nogoods.ts';
import { Why, type Side, type Trail } from './trail.ts';

/** A rule over several variables: raises what follows, and says false, with the conflict on the trail, where nothing can stand. */
export interface Rule {
  /** The sides whose rise may let it find something. */
  wakes: readonly Side[];
  /** The cheap ones look first: 0, 1, 2. */
  turn: number;
  /** What one look costs, in millionths of a second of an ordinary machine: work is counted, never time. */
  weight: number;
  look: () => boolean;
}

export type Verdict = 'found' | 'none' | 'spent';

/** Which variable to choose of next, and where to: told as a side and a value. Null where all are fixed. */
export type Choose = (usual: boolean) => readonly [Side, number] | null;

const FIRST_RUN = 60;
const LEAST_KEPT = 4000;
/** Work between two questions whether to stop. */
const ASKED_EVERY = 5_000;
const FADES = 0.95;

/** What a bound that rose costs, beside the rules that it wakes. */
const A_RISE = 0.25;
const A_CONTRADICTION = 20;

/** Looks for values that every arc and rule allows, learning from each contradiction. Work is counted as rules weigh it. */
export class ExactSearch {
  readonly arcs: Arcs;
  readonly activity: Float64Array;
  conflicts = 0;
  /** Work done so far. */
  work = 0;
  /** Asked between choices now and then: true ends a run. */
  stop: () => boolean = () => false;
  readonly trail: Trail;
  private readonly nogoods: Nogoods;
  private readonly learner: Learner;
  private readonly rules: Rule[] = [];
  private readonly wakes: number[][];
  private readonly awake: number[][] = [[], [], []];
  private readonly isAwake: boolean[] = [];
  private step = 1;
  private most = LEAST_KEPT;
  private broken = false;

  constructor(trail: Trail) {
    this.trail = trail;
    this.arcs = new Arcs(trail);
    this.nogoods = new Nogoods(trail);
    this.activity = new Float64Array(trail.bound.length / 2);
    this.wakes = Array.from(trail.bound, () => []);
    this.learner = new Learner(trail, this.arcs, this.nogoods, (x) => {
      this.activity[x] = this.activity[x]! + this.step;
    });
  }

  add(rule: Rule): void {
    const id = this.rules.length;
    this.rules.push(rule);
    this.isAwake.push(false);
    for (const side of rule.wakes) this.wakes[side]!.push(id);
    this.wake(id);
  }

  private wake(id: number): void {
    if (this.isAwake[id]) return;
    this.isAwake[id] = true;
    this.awake[this.rules[id]!.turn]!.push(id);
  }

  /** Holds a claim for good, from the beginning of every further search. */
  demand(side: Side, value: number): void {
    this.trail.backTo(0);
    if (!this.trail.raiseTold(side, value, [])) this.broken = true;
  }

  private settle(): boolean {
    const { trail } = this;
    for (;;) {
      for (let side = trail.nextRisen(); side >= 0; side = trail.nextRisen()) {
        this.work += A_RISE;
        for (const id of this.wakes[side]!) this.wake(id);
        if (!this.arcs.risen(side) || !this.nogoods.risen(side)) return this.drop();
      }
      const id = this.awake[0]!.pop() ?? this.awake[1]!.pop() ?? this.awake[2]!.pop();
      if (id === undefined) return true;
      this.isAwake[id] = false;
      this.work += this.rules[id]!.weight;
      if (!this.rules[id]!.look()) return this.drop();
    }
  }

  private drop(): false {
    this.trail.forgetRisen();
    for (const list of this.awake) {
      for (const id of list) this.isAwake[id] = false;
      list.length = 0;
    }
    return false;
  }

  /** Searches until a solution, a proof that there is none, or so much work. `under` holds during this search alone. */
  run(choose: Choose, budget: number, under: readonly (readonly [Side, number])[] = []): Verdict {
    const { trail } = this;
    trail.backTo(0);
    if (this.broken) return 'none';
    this.rules.forEach((_, id) => this.wake(id));
    if (!this.arcs.all0()) return this.lost();
    const until = this.work + budget;
    let run = 0;
    let left = FIRST_RUN;
    let asked = this.work;
    for (;;) {
      if (!this.settle()) {
        this.conflicts++;
        this.work += A_CONTRADICTION;
        left--;
        if (!this.learn()) return this.lost();
        continue;
      }
      if (this.work >= until || (this.work >= asked && this.stop())) {
        trail.backTo(0);
        return 'spent';
      }
      if (this.work >= asked) asked = this.work + ASKED_EVERY;
      if (left <= 0) {
        left = FIRST_RUN * luby(++run + 1);
        trail.backTo(0);
        this.rules.forEach((_, id) => this.wake(id));
        if (this.nogoods.count > this.most) {
          this.nogoods.forget();
          this.most += 500;
        }
        continue;
      }
      if (trail.level < under.length) {
        const [side, value] = under[trail.level]!;
        if (trail.bound[side ^ 1]! >= 1 - value) {
          trail.backTo(0);
          return 'none';
        }
        trail.newLevel();
        trail.raise(side, value, Why.Chosen, 0);
        continue;
      }
      const chosen = choose(run % 2 === 0);
      if (!chosen) return 'found';
      trail.newLevel();
      trail.raise(chosen[0], chosen[1], Why.Chosen, 0);
    }
  }

  private lost(): Verdict {
    this.broken = true;
    return 'none';
  }

  private learn(): boolean {
    const { trail } = this;
    const lesson = this.learner.lesson();
    if (!lesson) return false;
    trail.backTo(lesson.level);
    this.step /= FADES;
    if (this.step > 1e100) {
      for (let x = 0; x < this.activity.length; x++) this.activity[x] = this.activity[x]! * 1e-100;
      this.step *= 1e-100;
    }
    return this.nogoods.learn(lesson.claims, lesson.spread);
  }
}

/** 1, 1, 2, 1, 1, 2, 4, …: how long each run is, by its number from 1. */
function luby(i: number): number {
  let k = 1;
  while (2 ** k - 1 < i) k++;
  return 2 ** k - 1 === i ? 2 ** (k - 1) : luby(i - 2 ** (k - 1) + 1);
}
