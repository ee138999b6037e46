import type { Minute, Span, WorkingHours } from './calendar.ts';

/** Somewhere that is no site of the plan: nothing is travelled from there. */
const ELSEWHERE = -1;
/** Days ahead for which it is counted how much is left of them. */
const COUNTED_DAYS = 250;

/** What one person is busy with, without overlap and in order of time. Plain lists of numbers: a search copies it thousands of times. */
export class Diary {
  private starts: Float64Array;
  private ends: Float64Array;
  private sites: Int16Array;
  private count = 0;
  /** Working minutes still free on each day from the plan's first; what has no room for a step is not looked at. */
  private left: Int16Array | null = null;
  private readonly travelMin: number;
  private readonly hours: WorkingHours;

  private constructor(hours: WorkingHours, travelMin: number, capacity: number) {
    this.hours = hours;
    this.travelMin = travelMin;
    this.starts = new Float64Array(capacity);
    this.ends = new Float64Array(capacity);
    this.sites = new Int16Array(capacity);
  }

  /** Times that were taken before the planning; those that overlap are one. `more` is how many may be added. */
  static taken(hours: WorkingHours, travelMin: number, spans: readonly Span[], more: number): Diary {
    const diary = new Diary(hours, travelMin, spans.length + more);
    for (const [start, end] of [...spans].sort((a, b) => a[0] - b[0])) {
      const last = diary.count - 1;
      if (last >= 0 && start < diary.ends[last]!) diary.ends[last] = Math.max(diary.ends[last]!, end);
      else if (end > start) diary.insert(diary.count, start, end, ELSEWHERE);
    }
    diary.left = new Int16Array(COUNTED_DAYS).fill(-1);
    return diary;
  }

  copy(): Diary {
    const diary = new Diary(this.hours, this.travelMin, this.starts.length);
    diary.left = new Int16Array(COUNTED_DAYS);
    diary.become(this);
    return diary;
  }

  /** Takes over what another of the same person holds. */
  become(other: Diary): void {
    this.starts.set(other.starts);
    this.ends.set(other.ends);
    this.sites.set(other.sites);
    this.left!.set(other.left!);
    this.count = other.count;
  }

  /** Everything that stands in it, in order. */
  stretches(): Span[] {
    return Array.from({ length: this.count }, (_, i): Span => [this.starts[i]!, this.ends[i]!]);
  }

  private insert(at: number, start: Minute, end: Minute, site: number): void {
    this.starts.copyWithin(at + 1, at, this.count);
    this.ends.copyWithin(at + 1, at, this.count);
    this.sites.copyWithin(at + 1, at, this.count);
    this.starts[at] = start;
    this.ends[at] = end;
    this.sites[at] = site;
    this.count++;
  }

  add(start: Minute, end: Minute, site: number): void {
    this.insert(this.firstEndingAfter(end), start, end, site);
    const last = this.hours.dayAt(Math.max(start, end - 1));
    for (let day = this.hours.dayAt(start); day <= last && day < COUNTED_DAYS; day++) this.left![day] = -1;
  }

  /** Whether a day may still hold so many minutes in a row. */
  mayHold(day: number, minutes: number): boolean {
    if (day >= COUNTED_DAYS) return true;
    if (this.left![day]! < 0) this.left![day] = this.longestFree(day);
    return this.left![day]! >= minutes;
  }

  /** The longest stretch of a day's hours that is free. */
  private longestFree(day: number): number {
    const span = this.hours.on(day);
    if (!span) return 0;
    let longest = 0;
    let from = span[0];
    for (let i = this.firstEndingAfter(from); i < this.count && this.starts[i]! < span[1]; i++) {
      longest = Math.max(longest, this.starts[i]! - from);
      from = Math.max(from, this.ends[i]!);
    }
    return Math.max(longest, span[1] - from);
  }

  private firstEndingAfter(minute: Minute): number {
    let low = 0;
    let high = this.count;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.ends[middle]! > minute) high = middle;
      else low = middle + 1;
    }
    return low;
  }

  private gap(i: number, site: number): number {
    const other = this.sites[i]!;
    return other === site || other === ELSEWHERE ? 0 : this.travelMin;
  }

  /** The first minute from `t` with so many free in a row before `to`; infinite where there is none. */
  free(t: Minute, to: Minute, minutes: number, site: number): Minute {
    let from = t;
    const length = Math.max(minutes, 1);
    for (let i = this.firstEndingAfter(from - this.travelMin); i < this.count; i++) {
      const gap = this.gap(i, site);
      if (this.ends[i]! + gap <= from) continue;
      if (this.starts[i]! - gap >= from + length) break;
      from = this.ends[i]! + gap;
      if (from + minutes > to) return Infinity;
    }
    return from + minutes <= to ? from : Infinity;
  }

  /** The end, with the way, of the last thing that stands in [from, to); null where nothing does. */
  clash(from: Minute, to: Minute, site: number): Minute | null {
    let last: Minute | null = null;
    for (let i = this.firstEndingAfter(from - this.travelMin); i < this.count; i++) {
      const gap = this.gap(i, site);
      if (this.starts[i]! - gap >= to) break;
      if (this.ends[i]! + gap > from) last = this.ends[i]! + gap;
    }
    return last;
  }

  /** Minutes between the planned steps of one day at which nothing is planned. */
  idle(): number {
    let idle = 0;
    for (let i = 1; i < this.count; i++) {
      const gap = this.starts[i]! - this.ends[i - 1]!;
      if (gap <= 0 || this.sites[i] === ELSEWHERE || this.sites[i - 1] === ELSEWHERE) continue;
      if (this.hours.dayAt(this.starts[i]!) === this.hours.dayAt(this.ends[i - 1]! - 1)) idle += gap;
    }
    return idle;
  }
}
