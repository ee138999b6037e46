import type { FaultCause } from './faultCauses.ts';

/** How likely a fault comes back where it was mended, 0 to 1. */
export interface MendLasts {
  /** Painted over as it is: what still works in the surface works on. */
  paintedOver: number;
  /** Its cause dealt with first, and the system laid there whole. */
  causeMended: number;
}

/** Something that works on is never quite certain to bring its fault again. */
const SURELY = 0.95;

/**
 * Whether a mend will last. A cause that lies in the surface, its films or its water is there after the mend as before
 * it: painted over, the fault comes back but for luck. What happened on the day is gone with it. Either way the new
 * coats may fail as `whole` says, the odds of this fault under the system done in full, by the account of failure; both
 * combine as chances do.
 */
export function mendLasts(causes: readonly Pick<FaultCause, 'share' | 'stays'>[], whole: number): MendLasts {
  const stays = causes.filter((cause) => cause.stays).reduce((sum, cause) => sum + cause.share, 0);
  return { paintedOver: 1 - (1 - stays * SURELY) * (1 - whole), causeMended: whole };
}
