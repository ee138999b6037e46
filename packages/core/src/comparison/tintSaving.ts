import type { Step } from '../model/step.ts';
import { priceOn } from '../pricing/price.ts';
import type { Case } from '../systems/case.ts';
import { finishCoats } from '../systems/finish.ts';
import type { Tint } from '../vocabulary/index.ts';

/** What the tint of a primer is worth on a surface: the coats of finish with it and without, and what the fewer save. */
export interface TintSaving {
  tint: Tint;
  /** Coats of finish over the primer as it is tinted. */
  coats: number;
  /** Coats that it would take over the same primer left white. */
  coatsOverWhite: number;
  /** Hands-on minutes that are saved. */
  minutes: number;
  /** Minor units, labour and paint. */
  saves: number;
}

/**
 * Coats and money with the tint and without it, from both colours and the hiding of primer and finish (ISO 6504-3); null
 * where no primer of the system is tinted, or nobody has chosen a colour.
 */
export function tintSaving(c: Case, steps: readonly Step[]): TintSaving | null {
  const tinted = steps.find((s) => s.kind === 'prime' && s.tint !== undefined && s.tint !== 'white');
  const finish = steps.findIndex((s) => s.kind === 'finish-coat' && s.family !== undefined);
  if (!tinted?.tint || finish < 0 || c.shift.to === null) return null;
  const left = steps.map((s): Step => (s.kind === 'prime' && s.tint !== undefined ? { ...s, tint: 'white' } : s));
  const { family, coats = 1 } = steps[finish]!;
  const coatsOverWhite = Math.max(coats, finishCoats(c, left.slice(0, finish), family!).coats);
  const without = left.map((s, i) => (i === finish ? { ...s, coats: coatsOverWhite } : s));
  const [withTint, plain] = [priceOn(c, steps), priceOn(c, without)];
  return {
    tint: tinted.tint,
    coats,
    coatsOverWhite,
    minutes: plain.minutes - withTint.minutes,
    saves: plain.cost - withTint.cost,
  };
}
