import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';
import { FINISHES, type Finish } from '../vocabulary/index.ts';
import { groundOf, type Neighbour } from './facts.ts';
import { conditionFindings, heldBeside, type ConditionFindings } from './conditions.ts';
import { conflictsIn, type Conflict } from './conflicts.ts';
import { asbestosPossible, leadStanding, type LeadStanding } from './lead.ts';
import { ceilingOf } from './likelihood.ts';
import { bondOdds, type BondOdds } from './bonds.ts';
import { asOdds, asVector, topOf, type FinishProbabilities, type Vector } from './odds.ts';
import { foundPlaces } from './found.ts';
import { standingWhereFound } from './measured.ts';
import { bondPlaces, letsGoInPart, oddsAtPart, type Zone } from './places.ts';
import { posteriorStacks } from './posterior.ts';
import { cappedTops, topsOf } from './stackSpace.ts';
import { readPatches, type PatchReading } from './patches.ts';
import { layerStacks, type Stack } from './stacks.ts';
import { chooseTreatment, pricesFor, type Treatment } from './treatment.ts';
import { zonesOf } from './zones.ts';

/** What is there in one zone: a part of the surface with a finish of its own, or the whole of it. */
export interface ZoneDiagnosis {
  /** The places its tests name; empty where the zone is the whole surface, or the rest of it. */
  places: readonly string[];
  tests: readonly TestRecord[];
  /** Odds over stacks: the layers and how they hold. */
  lies: Vector;
  odds: FinishProbabilities;
  likeliest: Finish;
  treatAs: Treatment;
  /** How what lies there holds, by what it may be. */
  bonds: Readonly<Record<Treatment, BondOdds>>;
  findings: ConditionFindings;
}

/** What is there, as far as it is known: the odds, the layers, the conditions, and what the surface is treated as. */
export interface Diagnosis {
  surface: SurfaceFacts;
  tests: readonly TestRecord[];
  /** Odds over stacks, over the whole surface; zones count alike, since nobody measured them. */
  lies: Vector;
  /** The same of each film that was told apart, before what was found in its places. */
  films: readonly Vector[];
  odds: FinishProbabilities;
  likeliest: Finish;
  treatAs: Treatment;
  /** How what lies there holds, by what it may be; over places alike. */
  bonds: Readonly<Record<Treatment, BondOdds>>;
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

/** Odds over stacks to start from, where the caller has read the whole house; else they are read from the neighbours given. */
export type OddsOf = (tests: readonly TestRecord[], zone: number) => Vector;

/** Reads facts and tests together, with odds from wherever the caller has them. */
export function diagnoseBy(said: SurfaceFacts, tests: readonly TestRecord[], oddsOf: OddsOf): Diagnosis {
  const surface = asPapered(said, tests);
  const prices = pricesFor(surface);
  const films = zonesOf(surface, tests).map((zone, at) => ({ zone, lies: oddsOf(zone.tests, at) }));
  const parted = films.flatMap(({ zone, lies }) => {
    const odds = asOdds(topsOf(lies));
    const ofFilm = { odds, likeliest: likeliestOf(odds), treatAs: chooseTreatment(odds, prices) };
    // Places of one film share its layers, and not its bond; and what else was found there stays there.
    const parts = bondPlaces(zone, surface);
    const wasMeasured = letsGoInPart(surface, zone.tests);
    return parts.flatMap((part) => {
      const there = oddsAtPart(surface, zone.tests, part.tests, lies);
      const ofBond = { ...ofFilm, lies: there, bonds: bondOdds(there) };
      return byFindings(part, surface).map(({ findings, ...found }): ZoneDiagnosis => {
        return { ...ofBond, ...found, findings: parts.length > 1 ? heldBeside(findings, wasMeasured) : findings };
      });
    });
  });
  const zones = standingWhereFound(lettingGoWhereFound(parted, surface, tests), surface);
  const lies = films.length === 1 ? films[0]!.lies : mixedOdds(films, tests);
  const odds = asOdds(topsOf(lies));
  return {
    surface,
    tests,
    lies,
    films: films.map((film) => film.lies),
    odds,
    likeliest: likeliestOf(odds),
    treatAs: chooseTreatment(odds, prices),
    bonds: bondOdds(lies),
    findings: conditionFindings(surface, tests),
    zones,
    stacks: layerStacks(surface, lies),
    conflicts: conflictsIn(surface, zones),
    patches: readPatches(tests),
    lead: leadStanding(surface, tests),
    asbestos: asbestosPossible(surface),
  };
}

/** Where a film let go in a place by name, and how far was measured, no other film of the surface does: it was seen there. */
function lettingGoWhereFound(
  zones: readonly ZoneDiagnosis[],
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
): readonly ZoneDiagnosis[] {
  const isNamed = zones.some(({ places, findings }) => places.length > 0 && findings.adhesion === 'weak');
  return isNamed && letsGoInPart(surface, tests)
    ? zones.map((zone) => ({ ...zone, findings: heldBeside(zone.findings, true) }))
    : zones;
}

/** A chip that shows paper, or paper that is loose, says that the wall is papered, whatever it was taken for. */
function asPapered(surface: SurfaceFacts, tests: readonly TestRecord[]): SurfaceFacts {
  const isSeen = surface.conditions.includes('loose-paper') || tests.some(({ layers }) => layers?.includes('paper'));
  return isSeen && groundOf(surface.substrate) === 'plaster' ? { ...surface, substrate: 'wallpaper-paper' } : surface;
}

/** The parts of a zone by what was found where, where that makes a difference. */
function byFindings(zone: Zone, surface: SurfaceFacts): (Zone & { findings: ConditionFindings })[] {
  const read = (part: Zone) => ({ ...part, findings: conditionFindings(surface, part.tests) });
  const parts = foundPlaces(zone, surface).map(read);
  const standing = new Set(parts.map(({ findings }) => [...findings.standing].sort().join()));
  return parts.length === 1 || standing.size > 1 ? parts : [read(zone)];
}

function mixedOdds(zones: readonly { lies: Vector }[], tests: readonly TestRecord[]): Vector {
  const mean = zones[0]!.lies.map((_, i) => zones.reduce((sum, zone) => sum + zone.lies[i]!, 0) / zones.length);
  return cappedTops(mean, ceilingOf(tests, false));
}

/** Reads facts, tests and neighbours together. */
export function diagnose(
  surface: SurfaceFacts,
  tests: readonly TestRecord[],
  neighbours: readonly Neighbour[] = [],
): Diagnosis {
  return diagnoseBy(surface, tests, (zone) => posteriorStacks(surface, zone, neighbours));
}
