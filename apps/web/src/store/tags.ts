/** What answers are known by: those that carry a tag that moved are asked for again. */
export const TAGS = [
  'Session',
  'People',
  'Feed',
  'Client',
  'Shelf',
  /** The firm's colour cards. */
  'Colours',
  /** The list of jobs with their figures. */
  'Jobs',
  /** A job's own page, price, papers and list of what is to be bought; by job. */
  'Job',
  /** Every surface of a job; by job. */
  'House',
  'Surface',
  /** Surfaces by their room: its air bears on them. */
  'Room',
  /** What was asked of a system: what follows from another way. */
  'Question',
  'Patches',
  /** The patches of one surface; by surface. */
  'PatchesOn',
  /** By job; the plan of all jobs under `FIRM`. */
  'Plan',
  'Today',
  'Aftercare',
  'Punch',
  'Ledger',
  'Trials',
  'Trial',
  /** What one practised for oneself. */
  'Practice',
  /** What leaves the firm by e-mail. */
  'Post',
] as const;
export type TagType = (typeof TAGS)[number];
export type Tag = TagType | { type: TagType; id: string };

/** The id of the plan of all jobs. */
export const FIRM = 'firm';
