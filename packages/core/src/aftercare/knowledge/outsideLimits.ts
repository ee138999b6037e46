import { sayLength } from '../../units/duration.ts';

/** How a coat was laid, against its sheet and its system. Film is the gauge over the label's; 1 where not measured. */
export interface Laid {
  /** What was wrong with the air, in words; null where nothing was. */
  airFault: string | null;
  film: number;
  /** Minutes before the coat under it was open; 0 where it was open. */
  earlyMin: number;
  /** The coat under it had closed, and nothing was abraded since. */
  late: boolean;
  /** Why another product than the system's was laid; null where it was the system's. */
  instead: string | null;
}

/** A coat outside its limits: what is said at once, what to look at again, and after how many days. */
export interface OutsideRow {
  kind: string;
  when: (laid: Laid) => boolean;
  warning: (laid: Laid) => string;
  followUp: string;
  afterDays: number;
}

/** A film so far off its label is heavy or starved; a gauge reads no finer. Source: usual practice with a comb gauge. */
const HEAVY = 1.3;
const STARVED = 0.7;

/** What a coat laid outside its limits asks for. Each is looked at once the fault would show. Source: practice. */
export const OUTSIDE_ROWS: readonly OutsideRow[] = [
  {
    kind: 'laid-outside-limits',
    when: (l) => l.airFault !== null,
    warning: (l) => `Laid outside its limits: ${l.airFault}.`,
    followUp: 'Scratch and tape it at cure: it was laid outside the limits of its sheet.',
    afterDays: 28,
  },
  {
    kind: 'heavy-film',
    when: (l) => l.film > HEAVY,
    warning: () => 'A heavy film: it opens later, and may wrinkle.',
    followUp: 'Look for wrinkles, runs and a soft film: it was laid heavy.',
    afterDays: 7,
  },
  {
    kind: 'starved-film',
    when: (l) => l.film < STARVED,
    warning: () => 'A starved film: look at its cover before the next coat.',
    followUp: 'Look at cover and sheen in raking light: it was laid thin.',
    afterDays: 1,
  },
  {
    kind: 'recoated-early',
    when: (l) => l.earlyMin > 0,
    warning: (l) => `The coat under it was not open for another ${sayLength(l.earlyMin)}: it may wrinkle or stay soft.`,
    followUp: 'Look for wrinkles, and press a thumbnail in a corner: it was recoated before the coat under it was open.',
    afterDays: 7,
  },
  {
    kind: 'recoated-late',
    when: (l) => l.late,
    warning: () => 'The coat under it had closed, and nothing was abraded: it may not grip.',
    followUp: 'Tape it in a corner at cure: it lies on a coat that had closed.',
    afterDays: 28,
  },
  {
    kind: 'other-product',
    when: (l) => l.instead !== null,
    warning: (l) => `Another product than the system asks for: ${l.instead}.`,
    followUp: 'See whether it grips and covers: another product than the system asks for was laid.',
    afterDays: 28,
  },
];
