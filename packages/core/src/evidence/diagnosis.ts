import type { Finish } from '../vocabulary/index.ts';
import type { Neighbour, SurfaceFacts, TestRecord } from './facts.ts';
import { conditionFindings, type ConditionFindings } from './conditions.ts';
import { asbestosPossible, leadStanding, type LeadStanding } from './lead.ts';
import { posteriorOdds, type FinishOdds } from './posterior.ts';
import { chooseTreatment, type Treatment } from './treatment.ts';

/** What is there, as far as it is known: the odds, the conditions, and what the surface is treated as. */
export interface Diagnosis {
  surface: SurfaceFacts;
  tests: readonly TestRecord[];
  odds: FinishOdds;
  likeliest: Finish;
  treatAs: Treatment;
  findings: ConditionFindings;
  lead: LeadStanding;
  asbestos: boolean;
}

/** Reads facts, tests and neighbours together. */
export function diagnose(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[] = [],
): Diagnosis {
  const odds = posteriorOdds(surface, tests, neighbours);
  const likeliest = (Object.keys(odds) as Finish[]).reduce((best, finish) =>
    odds[finish] > odds[best] ? finish : best,
  );
  return {
    surface,
    tests,
    odds,
    likeliest,
    treatAs: chooseTreatment(odds),
    findings: conditionFindings(surface, tests),
    lead: leadStanding(surface, tests),
    asbestos: asbestosPossible(surface),
  };
}
