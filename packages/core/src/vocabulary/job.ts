/** What a job, its rooms and what follows it are told by. */

export const JOB_STATUSES = ['walk-round', 'quoted', 'planned', 'active', 'aftercare'] as const;
export type JobStatus = (typeof JOB_STATUSES)[number];

export const ROOM_KINDS = ['room', 'elevation'] as const;
export type RoomKind = (typeof ROOM_KINDS)[number];

/** Which way an elevation looks. */
export const FACINGS = ['north', 'east', 'south', 'west'] as const;
export type Facing = (typeof FACINGS)[number];

/** Where the air of a room is known from: the last reading by hand, its sensor, the weather station, or a file of readings. */
export const AIR_SOURCES = ['reading', 'sensor', 'station', 'file'] as const;
export type AirSource = (typeof AIR_SOURCES)[number];

/** Why something is left out. */
export const LEFT_OUT_REASONS = ['client-does-it', 'to-be-removed', 'undecided', 'other-trade-first', 'stays-as-it-is'] as const;
export type LeftOutReason = (typeof LEFT_OUT_REASONS)[number];

/** Why a step is not to begin. */
export const HOLD_KINDS = ['other-trade', 'looks-wrong'] as const;
export type HoldKind = (typeof HOLD_KINDS)[number];

/** What happens on a trial board. */
export const TRIAL_ACTS = ['primed', 'topcoated', 'look', 'concluded'] as const;
export type TrialActKind = (typeof TRIAL_ACTS)[number];

/** How the year goes at a place, as far as paint outside asks. */
export const CLIMATES = ['mild-coast', 'cold-winters', 'dry-summers', 'summer-rains'] as const;
export type Climate = (typeof CLIMATES)[number];

/** What light falls on a surface. */
export const LIGHTS = ['dark', 'room-light', 'sun-through-glass', 'open-sky'] as const;
export type Light = (typeof LIGHTS)[number];

/** Where a fault lies in the eye: in raking light by a window, in plain view, or where nobody looks. */
export const VIEWS = ['raking', 'plain', 'aside'] as const;
export type View = (typeof VIEWS)[number];

/** How much is mended. */
export const MENDS = ['spot', 'feather', 'corner-to-corner'] as const;
export type Mend = (typeof MENDS)[number];

/** What becomes of a marked fault. */
export const FAULT_ACTS = ['mended', 'withdrawn'] as const;
export type FaultActKind = (typeof FAULT_ACTS)[number];

/** What a visit is for: a fault of the punch list, a follow-up that a coat opened, or something to look at again. */
export const CALLS = ['fault', 'follow-up', 'look'] as const;

/** What becomes of a visit. */
export const VISIT_ACTS = ['made', 'called-off'] as const;
export type VisitActKind = (typeof VISIT_ACTS)[number];

/** The parts that people of a firm have. */
export const ROLES = ['owner', 'estimator', 'painter', 'read-only'] as const;
export type Role = (typeof ROLES)[number];
