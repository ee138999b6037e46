import type {
  AftercareItem,
  Assessment,
  ChainCheck,
  Difference,
  Entry,
  EvidenceWeight,
  Family,
  FinishChance,
  HouseRules,
  Layer,
  NextTest,
  Plan,
  PlanInput,
  Product,
  RunLine,
  Step,
  SurfaceFacts,
  SystemPrice,
  TestRecord,
  Wanted,
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
};
export interface Room {
  id: string;
  name: string;
  position: number;
  backBy: string | null;
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
};
export interface WholeJob {
  job: Job;
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
export interface Line {
  step: Step;
  minutes: number;
  litres: number;
  readyAfterMin: number;
  product: { id: string; name: string; maker: string } | null;
}

export interface SurfacePage extends Pick<Assessment, 'finish' | 'schools' | 'cautions' | 'blocks' | 'risks'> {
  surface: Surface;
  job: Job;
  room: Room;
  firm: { currency: string; timeZone: string };
  weights: EvidenceWeight[];
  nextTests: NextTest[];
  conditions: string[];
  cleared: string[];
  lines: Line[];
  price: SystemPrice;
  section: Layer[];
  choice: { differs: string; by: string; at: string } | null;
  computedKey: string;
  settledOther: boolean;
  alternatives: { key: string; differs: string }[];
  tests: TestRow[];
  work: WorkLog[];
  standing: Standing;
}

export interface PlanPage {
  job: Job;
  rooms: Room[];
  surfaces: { id: string; roomId: string; name: string; element: string }[];
  people: { id: string; name: string; initials: string }[];
  input: PlanInput;
  plan: Plan;
  now: string;
  posted: { at: string; by: string; plan: Plan } | null;
  difference: Difference | null;
  log: { surfaceId: string; stepId: string; by: string }[];
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
