import type { TrialCheck } from './trialTypes.ts';
import type {
  Access,
  ChainCheck,
  Climate,
  Condition,
  Difference,
  Done,
  Entry,
  Extent,
  Facing,
  FinishChance,
  HouseRules,
  Layer,
  LeftOutReason,
  MapPlace,
  Measure,
  Method,
  NextTest,
  Plan,
  PlanInput,
  Reliance,
  PriceSettings,
  Product,
  RoomSketch,
  RunLine,
  SketchPlace,
  Step,
  SurfaceFacts,
  Terms,
  TestRecord,
  VisitCall,
  Wanted,
  Wear,
  Weights,
  WorkStep,
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

export interface Job {
  id: string;
  title: string;
  place: string;
  builtYear: number | null;
  status: 'walk-round' | 'quoted' | 'planned' | 'active' | 'aftercare';
  note: string;
  startsAt: string;
  temperatureC: number;
  relativeHumidityPct: number;
  property: {
    occupants?: string;
    leadYear?: number;
    asbestosYear?: number;
    climate?: Climate | null;
    mapPlace?: MapPlace;
  };
  houseRules: Partial<HouseRules>;
  client: string;
  offers: { id: string; surfaceId: string; key: string }[];
  version: number;
}
export type JobBrief = Job & {
  surfaces: number;
  drying: number;
  open: number;
  done: number;
  tested: number;
  minutes: number;
  cost: number;
  /** The newest quote that was sent, and who agreed to it. */
  quote: { number: number; version: number; sentAt: string; agreedBy: string | null } | null;
};
export interface Room {
  id: string;
  name: string;
  position: number;
  backBy: string | null;
  kind: 'room' | 'elevation';
  facing: Facing | null;
  sketch: RoomSketch | null;
  version: number;
}
export interface Exclusion {
  id: string;
  words: string;
  reason: LeftOutReason;
  whole: boolean;
  box: (SketchPlace & { widthM: number; heightM: number }) | null;
}
export interface Surface {
  id: string;
  jobId: string;
  roomId: string;
  name: string;
  campaign: string | null;
  facts: Partial<SurfaceFacts> & Pick<SurfaceFacts, 'element' | 'substrate'>;
  wanted: Partial<Wanted>;
  position: number;
  measure: Measure | null;
  exclusions: Exclusion[];
  access: Access;
  houseRules: Partial<HouseRules>;
  version: number;
}
export type Standing = RunLine;
export type SurfaceBrief = Surface & {
  likeliest: FinishChance;
  tested: boolean;
  minutes: number;
  cost: number;
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
export interface Photo {
  id: string;
  roomId: string;
  surfaceId: string | null;
  testId: string | null;
  mark: SketchPlace | null;
  note: string;
  width: number;
  height: number;
  byName: string;
  at: string;
}
export interface WholeJob {
  job: Job;
  unknown: { atStake: number; tests: UnknownTest[]; more: number };
  photos: Photo[];
  rooms: Room[];
  surfaces: SurfaceBrief[];
  totals: { minutes: number; cost: number };
}

export interface TestRow {
  id: string;
  test: TestRecord;
  byName: string;
  at: string;
  corrects: string | null;
  note: string;
  mark: SketchPlace | null;
}
export interface Finding {
  id: string;
  conditions: Condition[];
  extents: Partial<Record<Condition, Extent>>;
  note: string;
  changes: { added: Step[]; removed: Step[]; minutes: number; cost: number };
  byName: string;
  at: string;
}
export interface WorkLog {
  id: string;
  surfaceId: string;
  stepId: string;
  stepKind: string;
  productId: string | null;
  batch: string | null;
  startedAt: string;
  endedAt: string;
  temperatureC: number | null;
  relativeHumidityPct: number | null;
  surfaceC: number | null;
  wetFilmUm: number | null;
  litres: number | null;
  method: Method | null;
  helper: string | null;
  note: string;
  instead: string | null;
  byName: string;
}
/** A room as the plan knows it: what is asked of it, and where its air is known from. */
export interface PlanRoom {
  id: string;
  jobId: string;
  name: string;
  kind: 'room' | 'elevation';
  version: number;
  airFrom: 'reading' | 'sensor' | 'station' | 'file';
  noDustWhileWet: boolean;
  backBy: string | null;
  fumesOutBy: string | null;
  maxNightsOut: number | null;
}

/** A step that is not to begin yet. */
export interface Held {
  id: string;
  surfaceId: string;
  stepId: string;
  kind: 'other-trade' | 'looks-wrong';
  until: string | null;
  reason: string;
  byName: string;
}

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
  holds: Held[];
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
  held: Omit<Held, 'surfaceId' | 'stepId'> | null;
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
export interface Found {
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
