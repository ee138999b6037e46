import { CAUSES } from './causes.ts';
import type { BondTerms } from './bond.ts';

// Copied, not made anew: a list of numbers is copied at once.
const NO_ODDS = CAUSES.map(() => 0);

/**
 * What may go wrong, by cause: the odds of each, and what share of the surface it spoils. Kept as numbers: it is
 * reckoned thousands of times, and said in words only where somebody reads it.
 */
export class Tally {
  /** Of each cause, 0 to 1. */
  readonly odds: number[] = NO_ODDS.slice();
  /** Of each cause, its odds times the share of the surface that it spoils. */
  readonly spoiled: number[] = NO_ODDS.slice();
  /** What weighs in the likeliest bond to let go. */
  bond: BondTerms | null = null;

  /** The same cause on another part is one cause: its worst odds, on all that it spoils. */
  add(cause: number, odds: number, share: number): void {
    if (odds <= 0) return;
    if (odds > this.odds[cause]!) this.odds[cause] = odds;
    this.spoiled[cause] = Math.min(this.odds[cause]!, this.spoiled[cause]! + odds * share);
  }

  addBond(cause: number, odds: number, share: number, terms: BondTerms): void {
    if (odds > this.odds[cause]!) this.bond = terms;
    this.add(cause, odds, share);
  }

  /** Adds another way that things may be, with its chance. */
  mix(other: Tally, chance: number): void {
    for (let i = 0; i < CAUSES.length; i++) {
      this.odds[i]! += chance * other.odds[i]!;
      this.spoiled[i]! += chance * other.spoiled[i]!;
    }
  }

  /** Adds another place of the same surface, which is so large. */
  join(other: Tally, share: number): void {
    for (let i = 0; i < CAUSES.length; i++) {
      this.odds[i] = Math.max(this.odds[i]!, other.odds[i]!);
      this.spoiled[i] = Math.min(this.odds[i]!, this.spoiled[i]! + share * other.spoiled[i]!);
    }
  }
}
