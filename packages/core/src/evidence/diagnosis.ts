import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { FINISHES, type Finish } from '../vocabulary/index.ts';
import type { Neighbour } from './facts.ts';
import { conditionFindings, type ConditionFindings } from './conditions.ts';
import { conflictsIn, type Conflict } from './conflicts.ts';
import { asbestosPossible, leadStanding, type LeadStanding } from './lead.ts';
import { ceilingOf } from './likelihood.ts';
import { asOdds, asVector, capped, topOf, type FinishProbabilities } from './odds.ts';
import { posteriorOdds } from './posterior.ts';
import { readPatches, type PatchReading } from './patches.ts';
import { layerStacks, type Stack } from './stacks.ts';
import { chooseTreatment, type Treatment } from './treatment.ts';
import { bondPlaces, zonesOf } from './zones.ts';

/** What is there in one zone: a part of the surface with a finish of its own, or the whole of it. */
export interface ZoneDiagnosis {
  /** The places its tests name; empty where the zone is the whole surface, or the rest of it. */
  places: readonly string[];
  tests: readonly TestRecord[];
  odds: FinishProbabilities;
  likeliest: Finish;
  treatAs: Treatment;
  findings: ConditionFindings;
}

/** What is there, as far as it is known: the odds, the layers, the conditions, and what the surface is treated as. */
export interface Diagnosis {
  surface: SurfaceFacts;
  tests: readonly TestRecord[];
  /** Over the whole surface; zones count alike, since nobody measured them. */
  odds: FinishProbabilities;
  likeliest: Finish;
  treatAs: Treatment;
  findings: ConditionFindings;
  /** One, or several where places differ. */
  zones: readonly ZoneDiagnosis[];
  stacks: readonly Stack[];
  conflicts: readonly Conflict[];
  patches: readonly PatchReading[];
  lead: LeadStanding;
  asbestos: boolean;
}

const likeliestOf = (odds: FinishProbabilities): Finish => FINISHES[topOf(asVector(odds))]!;

/** Odds to start from, where the caller has read the whole house; else they are read from the neighbours given. */
export type OddsOf = (tests: readonly TestRecord[], zone: number) => FinishProbabilities;

/** Reads facts and tests together, with odds from wherever the caller has them. */
export function diagnoseBy(surface: SurfaceFacts, tests: readonly TestRecord[], oddsOf: OddsOf): Diagnosis {
  const films = zonesOf(surface, tests).map((zone, at) => ({ zone, odds: oddsOf(zone.tests, at) }));
  const zones = films.flatMap(({ zone, odds }) =>
    // Places of one film share its layers, and not its bond.
    bondPlaces(zone).map((part): ZoneDiagnosis => ({
      places: part.places,
      tests: part.tests,
      odds,
      likeliest: likeliestOf(odds),
      treatAs: chooseTreatment(odds),
      findings: conditionFindings(surface, part.tests),
    })),
  );
  const odds = films.length === 1 ? films[0]!.odds : mixedOdds(films, tests);
  return {
    surface,
    tests,
    odds,
    likeliest: likeliestOf(odds),
    treatAs: chooseTreatment(odds),
    findings: conditionFindings(surface, tests),
    zones,
    stacks: layerStacks(surface, tests, odds),
    conflicts: conflictsIn(surface, zones),
    patches: readPatches(tests),
    lead: leadStanding(surface, tests),
    asbestos: asbestosPossible(surface),
  };
}

function mixedOdds(zones: readonly { odds: FinishProbabilities }[], tests: readonly TestRecord[]): FinishProbabilities {
  const mean = FINISHES.map((finish) => zones.reduce((sum, zone) => sum + zone.odds[finish], 0) / zones.length);
  return asOdds(capped(mean, ceilingOf(tests, false)));
}

/** Reads facts, tests and neighbours together. */
export function diagnose(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[] = [],
): Diagnosis {
  return diagnoseBy(surface, tests, (zone) => posteriorOdds(surface, zone, neighbours));
}
