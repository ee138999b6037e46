/** What a write on a job may have moved: fetched anew where it is shown. */
export const TOUCHED = ['Today', 'Plan', 'Job', 'Surface', 'Ledger', 'Trial', 'Aftercare', 'Punch'] as const;
