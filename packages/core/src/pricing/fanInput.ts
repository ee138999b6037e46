import { FINISHES, type Damage, type TestKind } from '../vocabulary/index.ts';
import { resultOdds } from '../evidence/resultOdds.ts';
import type { JointNode } from '../evidence/jointOdds.ts';
import { treatmentOdds, TREATMENTS, type Treatment } from '../evidence/treatment.ts';
import { TREATMENT_OF } from '../evidence/knowledge/treatments.ts';
import type { HouseTest } from '../evidence/nextTest.ts';
import { asIf, rediagnosed, type Case } from '../systems/case.ts';
import { compose } from '../systems/compose.ts';
import type { Step } from '../model/step.ts';
import { USUAL_COUNTS, type LearnedRate } from '../quantities/hours.ts';
import { HIDDEN, type HiddenRow } from './knowledge/hidden.ts';
import type { JobPrice } from './jobPrice.ts';
import { priceOn } from './price.ts';
import type { PriceSettings } from '../model/records/firm.ts';
import type { SurfaceFacts } from '../model/surface.ts';

/** Hours and paint of a surface as it may turn out. Minutes; minor units. */
export interface Outcome {
  minutes: number;
  materials: number;
}

/** A surface as the simulation sees it. */
export interface FanSurface {
  surfaceId: string;
  /** The nodes that are its zones; its finish is theirs, in equal parts. */
  nodes: number[];
  /** By finish, in the order of FINISHES. */
  byFinish: Outcome[];
  /** What may be found, how often, and what it would add. */
  hidden: (Outcome & { id: string; chance: number; open: string })[];
  /** Damage that was marked and nobody measured: what the surface would cost more or less at either end of its size. */
  zones: { damage: Damage; low: Outcome; high: Outcome }[];
  /** How far off its size may be: the standard deviation of its logarithm. */
  areaSd: number;
  /** How far its hours may stray, by themselves. */
  paceSd: number;
}

/** A test that could be made, and what it would show on each finish. */
export interface FanTest {
  surfaceId: string;
  kind: TestKind;
  node: number;
  minutes: number;
  rows: number[][];
}

/** Everything the simulation needs, as plain figures for a worker. Money in minor units, shares in 1/100 %. */
export interface FanInput {
  nodes: JointNode[];
  surfaces: FanSurface[];
  tests: FanTest[];
  /** Cost of a minute hands on, with its part of visits and equipment. */
  minuteCost: number;
  /** Whole tins and sundries against paint by the litre. */
  materialsFactor: number;
  /** Cost that does not move. */
  fixed: number;
  /** How far the whole crew's pace may stray together. */
  jobPaceSd: number;
  overhead: number;
  margin: number;
  seed: number;
  draws: number;
}

/** A surface as the fan is asked about it: how it was measured besides what it is. */
export interface FanAsked {
  surfaceId: string;
  nodes: number[];
  c: Case;
  steps: readonly Step[];
  sized: 'measured' | 'typed' | 'guessed';
  /** Damage that was marked and nobody measured: how large it is, one in ten beyond either end, m². */
  zones: readonly { damage: Damage; lowM2: number; highM2: number }[];
}

/** How far off a size may be, by how it came about. Source: practice. */
const AREA_SD = { measured: 0.02, typed: 0.06, guessed: 0.35 } as const;
/** How far hours stray from the rates, for one surface and for a whole job; the firm's own logs narrow the second. Source: practice. */
const PACE_SD = { surface: 0.16, job: 0.12 };
/** Under this chance nobody prices for it. */
const WORTH_PRICING = 0.004;

/** What an outcome costs against the system that stands: never below nothing. */
const moved = (standing: Outcome, from: Outcome, to: Outcome): Outcome => ({
  minutes: Math.max(0, standing.minutes + to.minutes - from.minutes),
  materials: Math.max(0, standing.materials + to.materials - from.materials),
});

const less = (one: Outcome, other: Outcome): Outcome => ({
  minutes: one.minutes - other.minutes,
  materials: one.materials - other.materials,
});

/** The same surface, were so much of it damaged, in m². */
export function withExtent(c: Case, damage: Damage, areaM2: number): Case {
  const { surface } = c.d;
  return { ...c, d: { ...c.d, surface: { ...surface, extents: { ...surface.extents, [damage]: { areaM2 } } } } };
}

/** The same surface with one thing more found on it. */
function withFound(c: Case, { condition, share }: HiddenRow): Case {
  const { surface, findings, zones } = c.d;
  const areaM2 = (surface.areaM2 ?? 10) * share;
  const found = {
    ...surface,
    conditions: [...surface.conditions, condition],
    extents: { ...surface.extents, [condition]: { areaM2 } },
  };
  const seen = { ...findings, standing: new Set([...findings.standing, condition]) };
  const d = { ...c.d, surface: found, findings: seen, zones: zones.map((z) => ({ ...z, findings: seen })) };
  return rediagnosed(c, d);
}

/**
 * One surface for the simulation: composed for everything that it may turn out to be, and for what is often found on
 * its kind; what the system that stands costs is moved by the difference.
 */
export function fanSurfaceOf({ surfaceId, nodes, c, steps, sized, zones }: FanAsked): FanSurface {
  const priceOf = (at: Case, of: readonly Step[]): Outcome => {
    const { minutes, materials } = priceOn(at, of);
    return { minutes, materials };
  };
  const standing = priceOf(c, steps);
  const composed = priceOf(c, compose(c).steps);
  const shares = treatmentOdds(c.d.odds);
  const byTreatment = new Map<Treatment, Outcome>(
    TREATMENTS.filter((t) => shares[t] >= WORTH_PRICING && t !== c.treatAs).map((t) => {
      const as = asIf(c, t);
      return [t, moved(standing, composed, priceOf(as, compose(as).steps))];
    }),
  );
  const hidden = HIDDEN.filter(
    (row) =>
      c.d.zones.length === 1 &&
      row.when(c.d.surface) &&
      !c.d.findings.standing.has(row.condition) &&
      !c.d.findings.cleared.has(row.condition) &&
      !c.d.tests.some((t) => row.told.includes(t.kind)),
  ).map((row) => {
    const found = withFound(c, row);
    const more = moved({ minutes: 0, materials: 0 }, composed, priceOf(found, compose(found).steps));
    return { ...more, id: row.id, chance: row.chance, open: row.open };
  });
  return {
    surfaceId,
    nodes,
    byFinish: FINISHES.map((finish) => byTreatment.get(TREATMENT_OF[finish]) ?? standing),
    hidden,
    zones: zones.map(({ damage, lowM2, highM2 }) => ({
      damage,
      low: less(priceOf(withExtent(c, damage, lowM2), steps), standing),
      high: less(priceOf(withExtent(c, damage, highM2), steps), standing),
    })),
    areaSd: AREA_SD[sized],
    paceSd: PACE_SD.surface,
  };
}

/**
 * Lays out a job for the simulation. `tests` are those of the house that pay. The fan is centred on the price of the
 * job: whole tins, sundries and visits in proportion to paint by the litre and to hours. `seed` from 0 up to 1.
 */
export function fanInputOf(asked: {
  nodes: JointNode[];
  surfaces: FanSurface[];
  /** What the paint of all surfaces costs by the litre. */
  paintByLitre: number;
  tests: readonly (HouseTest & { surfaceId: string; node: number; on: SurfaceFacts })[];
  price: JobPrice;
  settings: PriceSettings;
  learned: readonly LearnedRate[];
  seed: number;
  draws: number;
}): FanInput {
  const { nodes, surfaces, paintByLitre: perLitre, tests, price, settings, learned, seed, draws } = asked;
  const seen = learned.reduce((sum, l) => sum + l.seen, 0);
  const visit = (settings.visitMinutes * settings.hourCost) / 60 + settings.equipmentPerVisit;
  // A planned job has the visits of its plan; else a day is filled, here or elsewhere.
  const visitsAMinute = price.isPlanned ? price.visits / Math.max(1, price.minutes) : 1 / settings.dayMinutes;
  return {
    nodes,
    surfaces,
    tests: tests.flatMap(({ surfaceId, kind, node, minutes, on }) => {
      const odds = resultOdds(kind, on);
      return odds ? [{ surfaceId, kind, node, minutes, rows: odds.rows }] : [];
    }),
    minuteCost: settings.hourCost / 60 + visit * visitsAMinute,
    materialsFactor: perLitre > 0 ? (price.paint + price.sundriesCost) / perLitre : 1,
    fixed: perLitre > 0 ? 0 : price.paint + price.sundriesCost,
    jobPaceSd: PACE_SD.job / Math.sqrt(1 + seen / USUAL_COUNTS),
    overhead: settings.overhead,
    margin: settings.margin,
    seed,
    draws,
  };
}
