import type { TrialCheck } from './trialTypes.ts';
import type {
  ChainCheck,
  Condition,
  Difference,
  Done,
  Entry,
  FinishChance,
  HouseRules,
  Layer,
  Method,
  NextTest,
  Plan,
  PlanInput,
  Reliance,
  PriceSettings,
  Product,
  RunLine,
  Terms,
  VisitCall,
  Wear,
  Weights,
  WorkStep,
  WireFields,
  jobRecord,
  roomRecord,
  surfaceRecord,
  JOB_RECORDS,
} from '@rustic/core';

/** What the server answers with. Times are ISO 8601. */
export interface Session {
  person: { id: string; name: string; initials: string; role: string };
  firm: {
    id: string;
    name: string;
    timeZone: string;
    hemisphere: 'northern' | 'southern';
    currency: string;
    houseRules: Partial<HouseRules>;
    terms: Partial<Terms>;
    weights: Partial<Weights>;
    pricing: Partial<PriceSettings>;
    version: number;
  };
}

/** A row of a job's record as the server answers with it. */
type RowOf<R> = WireFields<R> & { jobId: string };
type Versioned = { version: number };

export type Job = WireFields<typeof jobRecord> & Versioned;
export type JobBrief = Job & {
  surfaces: number;
  drying: number;
  open: number;
  done: number;
  tested: number;
  minutes: number;
  cost?: number;
  /** The newest quote that was sent, and who agreed to it. */
  quote: { number: number; version: number; sentAt: string; agreedBy: string | null } | null;
};
export type Room = RowOf<typeof roomRecord> & Versioned;
export type Surface = RowOf<typeof surfaceRecord> & Versioned;
export type { Exclusion } from '@rustic/core';
export type Standing = RunLine;
export type SurfaceBrief = Surface & {
  likeliest: FinishChance;
  tested: boolean;
  minutes: number;
  cost?: number;
  section: Layer[];
  standing: Standing;
  tests: TestRow[];
  /** Conditions that stand once tests have spoken. */
  conditions: Condition[];
  inferred: boolean;
  zones: number;
  conflicts: number;
  lastCoatAt: string | null;
};
/** A test worth making somewhere in the house. */
export type UnknownTest = NextTest & { surfaceId: string; alsoTells: number };
export type Photo = RowOf<Records['photos']>;
export interface WholeJob {
  job: Job;
  unknown: { atStake?: number; tests: UnknownTest[]; more: number };
  photos: Photo[];
  rooms: Room[];
  surfaces: SurfaceBrief[];
  totals: { minutes: number; cost?: number };
}

type Records = typeof JOB_RECORDS;
export type TestRow = RowOf<Records['tests']>;
export type Finding = RowOf<Records['findings']>;
export type WorkLog = RowOf<Records['work']>;
/** A room as the plan knows it: what is asked of it, and where its air is known from. */
export type PlanRoom = Pick<
  Room,
  'id' | 'jobId' | 'name' | 'kind' | 'version' | 'airFrom' | 'noDustWhileWet' | 'backBy' | 'fumesOutBy' | 'maxNightsOut'
>;

/** A step that is not to begin yet. */
export type StandingHold = Pick<
  RowOf<Records['holds']>,
  'id' | 'surfaceId' | 'stepId' | 'kind' | 'until' | 'reason' | 'byName'
>;

/** What a plan is drawn from: of one job, or of all. */
export interface PlanSheet {
  jobs: { id: string; title: string }[];
  rooms: PlanRoom[];
  surfaces: { id: string; jobId: string; roomId: string; name: string; element: string }[];
  people: {
    id: string;
    name: string;
    initials: string;
    hours: { days: number[]; from: string; to: string } | null;
  }[];
  input: PlanInput;
  plan: Plan;
  now: string;
  difference: Difference | null;
  log: { surfaceId: string; stepId: string; by: string }[];
  /** Steps that are held: another trade comes first, or something looks wrong. */
  holds: StandingHold[];
  /** Coats that hold only if the forecast does. */
  reliance: Reliance[];
}

export interface PlanPage extends PlanSheet {
  job: Job;
  posted: { at: string; by: string; plan: Plan } | null;
  /** Outside, what is not begun: the latest day to begin before the cold. */
  latestStarts: { surfaceId: string; at: string }[];
}

export type TodayLine = Standing & {
  jobId: string;
  jobTitle: string;
  startsAt: string;
  roomId: string;
  room: string;
  surfaceId: string;
  name: string;
  plannedStart: string | null;
  /** Who is planned for it, by id. */
  crew: string[];
  held: Omit<StandingHold, 'surfaceId' | 'stepId'> | null;
  /** Finished, but not to be used for everything yet: what comes next of its cure. */
  curing: { words: string; at: string; why: string } | null;
  wear: Wear[];
  method: Method | null;
  work: WorkStep[];
  done: Done[];
  offered: { batch: string | null; temperatureC: number; relativeHumidityPct: number };
};
/** Something to look at again. */
export interface FollowUp {
  id: string;
  jobId: string;
  surfaceId: string;
  name: string;
  kind: string;
  words: string;
  dueAt: string;
}
export interface TodayPage {
  now: string;
  checks: TrialCheck[];
  lines: TodayLine[];
  followUps: FollowUp[];
  visits: VisitSoon[];
}
/** A fixed visit of the coming days. */
export interface VisitSoon {
  id: string;
  jobId: string;
  jobTitle: string;
  onDay: string;
  fromTime: string;
  minutes: number;
  calls: VisitCall[];
  personId: string | null;
}
export type * from './trialTypes.ts';
export interface SearchHits {
  jobs: { id: string; title: string; place: string }[];
  surfaces: { id: string; jobId: string; name: string }[];
}

/** The one shape of every error. */
export interface Refusal {
  code: string;
  message: string;
  errors?: { path: string; message: string }[];
  theirs?: unknown;
}
export type { ChainCheck, Entry, Product };
