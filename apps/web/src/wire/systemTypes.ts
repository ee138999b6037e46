import type {
  AnotherYear,
  Assessment,
  Conflict,
  Demand,
  Departure,
  Doubt,
  EvidenceWeight,
  Family,
  Fault,
  Finish,
  Guarantee,
  HouseRuleCode,
  HouseRules,
  Layer,
  NextTest,
  PatchReading,
  SchoolWay,
  Step,
  SystemPrice,
  WhatIf,
  WorkStep,
} from '@rustic/core';
import type { Finding, Job, Photo, Room, Standing, Surface, TestRow, WorkLog } from './types.ts';

/** One line of a system, with what it takes and what it is done with. */
export interface Line {
  step: Step;
  minutes: number;
  litres: number;
  /** What thins the coat that meets the ground, in litres; the parts of a two-part product, and in how many pots. */
  thinnerL: number;
  parts: { baseL: number; hardenerL: number } | null;
  pots: number;
  readyAfterMin: number;
  product: { id: string; name: string; maker: string } | null;
  tools: string[];
  /** What might be taken instead. */
  others: Family[];
}

/** A departure that somebody signed for. */
export interface Override {
  departures: Departure[];
  said: string[];
  reason: string;
  signedAs: string;
  told: { words: string; fault: Fault | null; odds: number; cost: number }[];
}

export interface SurfacePage extends Pick<Assessment, 'finish' | 'schools' | 'cautions' | 'blocks' | 'risks'> {
  surface: Surface;
  job: Job;
  room: Room;
  firm: { currency: string; timeZone: string };
  weights: EvidenceWeight[];
  inherited: { surfaceId: string; name: string; sameCampaign: boolean; ratio: number }[];
  zones: { places: string[]; likeliest: Finish; probability: number }[];
  conflicts: Conflict[];
  patches: PatchReading[];
  demands: Demand[];
  findings: Finding[];
  photos: Photo[];
  nextTests: NextTest[];
  conditions: string[];
  cleared: string[];
  lines: Line[];
  price: SystemPrice;
  section: Layer[];
  choice: { differs: string; by: string; at: string; override: Override | null } | null;
  /** Names the system that stands. */
  key: string;
  computedKey: string;
  settledOther: boolean;
  guarantee: Guarantee;
  doubt: Doubt | null;
  anotherYear: AnotherYear;
  rules: Record<'firm' | 'job' | 'surface', Partial<HouseRules>>;
  /** `against`: what it weighs by the firm's weights, against what the evidence asks for; below 0 it weighs less. */
  alternatives: { key: string; differs: string; against?: number | null; addedCost?: number | null }[];
  tests: TestRow[];
  work: WorkLog[];
  /** Every step of the system as work. */
  steps: WorkStep[];
  standing: Standing;
}

/** The answer to a question about a system, with the section as it would be. */
export type WhatIfAnswer = WhatIf & { section: Layer[] };

export interface SchoolsPage {
  surface: Pick<Surface, 'id' | 'name' | 'houseRules' | 'version'>;
  job: { id: string; title: string };
  currency: string;
  rules: { rule: HouseRuleCode; ways: SchoolWay[] }[];
}

/** One surface whose system a change of rules would change. */
export interface RuleEffect {
  jobId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  added: Step[];
  removed: Step[];
  changed: { before: Step; after: Step }[];
  minutes: number;
  cost: number;
  settled: boolean;
  begun: boolean;
}
export type RuleLevel = 'firm' | 'job' | 'surface';
