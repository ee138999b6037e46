/** What somebody said they were sure of, and whether it was so. */
export interface Stated {
  /** Their own chance of being right, 0 … 1. */
  sure: number;
  right: boolean;
}

/** Of all that was said with about this much confidence, how much was so. */
export interface SaidAndSo {
  /** Said from this on, and below that. */
  from: number;
  to: number;
  count: number;
  /** Mean of what was said, and share that was right. */
  said: number;
  right: number;
}

/** How far somebody's odds can be trusted. */
export interface OwnCalibration {
  steps: SaidAndSo[];
  count: number;
  /** Mean of what was said less the share that was right: above 0 too sure, below 0 not sure enough. Null before anything was said. */
  tooSure: number | null;
  /** Standard error of that, so that a few lucky guesses are not praised. */
  doubt: number | null;
  /** Mean square distance of what was said from what was so; 0 is perfect, 0.25 is tossing a coin. Source: Brier 1950. */
  brier: number | null;
}

/** Nobody is less sure than of a coin. */
const STEPS = [0, 0.6, 0.7, 0.8, 0.9, 1] as const;

const mean = (of: readonly number[]) => of.reduce((sum, x) => sum + x, 0) / of.length;

/** How what somebody said and what was so go together. */
export function calibrationOf(stated: readonly Stated[]): OwnCalibration {
  const steps = STEPS.slice(0, -1).flatMap((from, i): SaidAndSo[] => {
    const to = STEPS[i + 1]!;
    const within = stated.filter(({ sure }) => sure >= from && (sure < to || to === 1));
    if (within.length === 0) return [];
    const said = mean(within.map((s) => s.sure));
    return [{ from, to, count: within.length, said, right: mean(within.map((s) => Number(s.right))) }];
  });
  const count = stated.length;
  if (count === 0) return { steps, count, tooSure: null, doubt: null, brier: null };
  const misses = stated.map(({ sure, right }) => sure - Number(right));
  const tooSure = mean(misses);
  const spread = mean(stated.map(({ sure }) => sure * (1 - sure)));
  return { steps, count, tooSure, doubt: Math.sqrt(spread / count), brier: mean(misses.map((m) => m * m)) };
}

/** What is said of somebody's odds: only what their number bears out. */
export function sayCalibration({ count, tooSure, doubt }: OwnCalibration): string {
  if (tooSure === null || doubt === null || count < 10)
    return `After ten answers it is told how far your odds hold; ${count} so far.`;
  const inHundred = Math.round(Math.abs(tooSure) * 100);
  if (Math.abs(tooSure) < 2 * doubt || inHundred < 3)
    return `Of what you call likely, about as much is so as you say (${count} answers).`;
  return tooSure > 0
    ? `You are too sure: ${inHundred} in 100 more than you say go wrong (${count} answers).`
    : `You could be surer: ${inHundred} in 100 more than you say are right (${count} answers).`;
}
