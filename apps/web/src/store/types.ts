import type {
  Access,
  AftercareItem,
  Cell,
  ChainCheck,
  CheckIn,
  Condition,
  Difference,
  Entry,
  Extent,
  Facing,
  Family,
  FinishChance,
  HouseRules,
  Layer,
  LeftOutReason,
  Measure,
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
  TrialDesign,
  Wanted,
  Weights,
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
  property: { occupants?: string; leadYear?: number; asbestosYear?: number };
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
  room: string;
  surfaceId: string;
  name: string;
  plannedStart: string | null;
  offered: { batch: string | null; temperatureC: number; relativeHumidityPct: number };
};
export interface TodayPage {
  now: string;
  checks: TrialCheck[];
  lines: TodayLine[];
}
export interface AftercareSurface {
  jobId: string;
  jobTitle: string;
  place: string;
  surfaceId: string;
  name: string;
  room: string;
  finishedAt: string;
  product: string;
  batch: string | null;
  items: AftercareItem[];
}
export interface AftercarePage {
  now: string;
  surfaces: AftercareSurface[];
}
export interface PatchSurface {
  jobId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  asked: { family: Family | null; waitMin: number; why: string[] }[];
  read: { id: string; test: TestRecord; at: string; by: string }[];
}
/** A check-in of a trial, with the moment it falls on. */
export type DueCheck = CheckIn & { due: string };
export type TrialCheck = DueCheck & { trialId: string; title: string; jobId: string; jobTitle: string };
export interface TrialAct {
  id: string;
  kind: 'primed' | 'topcoated' | 'look' | 'concluded';
  body: {
    cell?: string;
    part?: 'cell' | 'strip';
    test?: TestRecord;
    text?: string;
    words?: unknown[];
    forFirm?: boolean;
  };
  corrects: string | null;
  byName: string;
  at: string;
}
export interface TrialBrief {
  id: string;
  jobId: string;
  jobTitle: string;
  surfaceId: string | null;
  title: string;
  place: string;
  design: TrialDesign;
  cells: Cell[];
  warnings: string[];
  primedAt: string | null;
  topcoatedAt: string | null;
  looks: number;
  due: DueCheck[];
  concluded: TrialAct | null;
}
export type Trial = TrialBrief & { surfaceName: string | null; acts: TrialAct[] };
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
