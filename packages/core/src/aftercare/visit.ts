/** What a visit is for: a fault of the punch list, a follow-up that a coat opened, or something to look at again. */
export const CALLS = ['fault', 'follow-up', 'look'] as const;

export interface VisitCall {
  what: (typeof CALLS)[number];
  /** Of the fault or follow-up; of the surface, decision, test or trial that is looked at. */
  id: string;
  /** The code of its follow-up, or of the fault. */
  code: string;
  words: string;
  minutes: number;
}

/** How long a touch-up takes on the spot, masking and brush included: minutes, by its size in m². Source: practice. */
export const mendMinutes = (sizeM2: number): number => Math.round((20 + 45 * Math.sqrt(sizeM2)) / 5) * 5;
