export const PAPERS = ['quote', 'job-pack', 'run-sheet', 'shopping', 'labels', 'care-sheet', 'visit-letter'] as const;
export type PaperKind = (typeof PAPERS)[number];
