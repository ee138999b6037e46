import type { Highs, Model } from 'highs';
import { costOf, routeOf } from './route.ts';
import type { RoundProblem } from './roundProblem.ts';

/**
 * Rounds that are known, each once in its cheapest order that was met, and the prices that they allow. The least cost
 * at which shares of them come to every stop is a linear program that is kept and grows with them.
 */
export class KnownRounds {
  private readonly p: RoundProblem;
  private readonly stops: readonly number[];
  private readonly rowOf: ReadonlyMap<number, number>;
  private readonly model: Model;
  private readonly most: number;
  /** The least cost met, by the stops that a round comes to; and the rounds as columns of the program. */
  private readonly least = new Map<string, number>();
  private columns: { key: string; isAgain: boolean }[] = [];

  constructor(p: RoundProblem, stops: readonly number[], highs: Highs) {
    this.p = p;
    this.stops = stops;
    this.rowOf = new Map(stops.map((stop, row) => [stop, row]));
    this.most = highs.infinity;
    this.model = highs.createModel();
    this.model.options.set({ output_flag: false });
    const numRows = stops.length;
    this.model.addRows({
      lower: new Float64Array(numRows).fill(1),
      upper: new Float64Array(numRows).fill(highs.infinity),
      matrix: {
        format: 'csr',
        numRows,
        numCols: 0,
        starts: new Int32Array(numRows + 1),
        indices: new Int32Array(),
        values: new Float64Array(),
      },
    });
  }

  /** Whether it was worth knowing. A stop may come more than once. */
  take(route: readonly number[]): boolean {
    const key = [...route].sort((a, b) => a - b).join();
    const cost = costOf(this.p, [routeOf(this.p, route)]);
    if ((this.least.get(key) ?? Infinity) <= cost) return false;
    this.least.set(key, cost);
    const times = new Map<number, number>();
    for (const stop of route) times.set(this.rowOf.get(stop)!, (times.get(this.rowOf.get(stop)!) ?? 0) + 1);
    this.model.addCol(cost, 0, this.most, { indices: [...times.keys()], values: [...times.values()] });
    this.columns.push({ key, isAgain: times.size < route.length });
    return true;
  }

  /** Leaves out those that come to a stop again: a longer memory may forbid them. */
  forgetRepeats(): void {
    const again = this.columns.flatMap(({ isAgain }, k) => (isAgain ? [k] : []));
    for (const k of again) this.least.delete(this.columns[k]!.key);
    this.columns = this.columns.filter(({ isAgain }) => !isAgain);
    if (again.length) this.model.deleteCols({ kind: 'set', indices: again });
  }

  /** What one visit more to each stop adds to the program's cost, by stop: no known round costs less than its stops' prices. */
  prices(): number[] {
    this.model.run();
    const { rowDual } = this.model.getSolution();
    const price = this.p.minutes.map(() => 0);
    this.stops.forEach((stop, row) => (price[stop] = Math.max(0, rowDual[row]!)));
    return price;
  }

  /** Gives back what the program holds. */
  dispose(): void {
    this.model.dispose();
  }
}
