import { breath } from './breath.ts';
import {
  assessSchema,
  caseOf,
  drawParts,
  factsOf,
  houseTests,
  openQuestions,
  paceOf,
  stacksIn,
  readBy,
  readHouse,
  runLine,
  SECOND_INSTALMENT,
  USUAL_WEIGHTS,
  withParts,
  workOf,
  type AssessInput,
  type Case,
  type ColourParts,
  type Composed,
  type Condition,
  type Diagnosis,
  type Done,
  type Extent,
  type House,
  type HouseRules,
  type HouseStanding,
  type Known,
  type Member,
  type NextTest,
  type PartsDrawn,
  type RunLine,
  type Step,
  type SurfaceFacts,
  type TestRecord,
  type WorkStep,
  zonesOf,
  testsThatStand,
  testsThatTell,
} from '@rustic/core';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { WorkLogEntity } from '../record/siteEntities.ts';
import type { SystemChoiceEntity } from '../record/systemEntities.ts';
import { productById } from './firmShelf.ts';
import { damageMarked, extentsMarked, sketchOf } from './damageOf.ts';
import { jointsOn } from './jointsOf.ts';
import { paintedM2 } from './leftOut.ts';
import { airOfRoom } from './airOfRoom.ts';
import type { JobRecords } from './jobRecords.ts';
import { reckoned } from './reckoned.ts';

/** Everything flagged on a surface: at the walk-round, since, while working, and where it is marked on its face. */
export function flaggedOn(records: JobRecords, surface: SurfaceEntity) {
  const found = records.findings.filter((f) => f.surfaceId === surface.id);
  const conditions: Condition[] = [
    ...(surface.facts.conditions ?? []),
    ...found.flatMap((f) => f.conditions),
    ...damageMarked(records, surface),
  ];
  const extents = found.reduce<Partial<Record<Condition, Extent>>>((known, f) => ({ ...known, ...f.extents }), {
    ...extentsMarked(records, surface),
    ...surface.facts.extents,
  });
  return { conditions: [...new Set(conditions)], extents };
}

/** The question the core is asked about a surface, but for what the rest of the house says: see `knownOf`. Read once. */
export function questionOf(records: JobRecords, surface: SurfaceEntity): AssessInput {
  const { questions } = reckoned(records);
  let question = questions.get(surface.id);
  if (!question) questions.set(surface.id, (question = askedOf(records, surface)));
  return question;
}

/** The house rules of a surface: its own over the job's, the job's over the firm's. */
export const rulesOn = (records: JobRecords, surface: SurfaceEntity): Partial<HouseRules> => ({
  ...records.firm.houseRules,
  ...records.job.houseRules,
  ...surface.houseRules,
});

function askedOf(records: JobRecords, surface: SurfaceEntity): AssessInput {
  const standing = testsThatStand(records.tests);
  return readBy(assessSchema, {
    surface: {
      builtYear: records.job.builtYear,
      ...surface.facts,
      ...flaggedOn(records, surface),
      areaM2: paintedM2(surface),
    },
    tests: testsThatTell(standing.filter((t) => t.surfaceId === surface.id).map((t) => t.test)),
    joints: jointsOn(records, surface),
    wanted: surface.wanted,
    houseRules: rulesOn(records, surface),
  });
}

const datesOf = ({ job }: JobRecords): NonNullable<Known['dates']> => ({
  ...(job.property.leadYear ? { leadYear: job.property.leadYear } : {}),
  ...(job.property.asbestosYear ? { asbestosYear: job.property.asbestosYear } : {}),
});

const memberId = (surfaceId: string, zone: number) => `${surfaceId}/${zone}`;
export const surfaceOfMember = (id: string) => id.slice(0, id.indexOf('/'));

/** The members of the house that are this surface: one, or one for each of its zones. */
export const membersHere = (surface: SurfaceEntity, house: House) =>
  house.members.filter((m) => surfaceOfMember(m.id) === surface.id);

function membersOf(records: JobRecords, surface: SurfaceEntity): Member[] {
  const question = questionOf(records, surface);
  const facts: SurfaceFacts = factsOf(question, datesOf(records));
  return zonesOf(facts, (question.tests ?? []) as TestRecord[]).map((zone, at) => ({
    id: memberId(surface.id, at),
    surface: facts,
    tests: zone.tests,
    campaign: surface.campaign,
  }));
}

/** The whole house read at once: evidence flows along its campaigns and its habits. */
export function houseOf(records: JobRecords): House {
  const known = reckoned(records);
  known.house ??= readHouse(records.surfaces.flatMap((surface) => membersOf(records, surface)));
  return known.house;
}

/** What is open on a surface beside its finish, with what an answer saves there. Computed once for one reading of the records. */
export function openOn(records: JobRecords, surface: SurfaceEntity): NextTest[] {
  const { open } = reckoned(records);
  let asked = open.get(surface.id);
  if (!asked) {
    const { c, made } = caseIn(records, surface);
    open.set(surface.id, (asked = openQuestions(c, made)));
  }
  return asked;
}

/** What is still unknown of the house, in money, and the tests that would tell. */
export function unknownOf(records: JobRecords): HouseStanding {
  // What is open is asked of a surface once, in whichever of its zones comes first.
  const first = new Map(records.surfaces.map((surface) => [memberId(surface.id, 0), surface]));
  return houseTests(houseOf(records), ({ id }) => (first.has(id) ? openOn(records, first.get(id)!) : []));
}

/** What the rest of the record says to a question: the house's odds, the place's dates, trials that were accepted. */
export function knownOf(records: JobRecords, surface: SurfaceEntity): Known {
  const house = houseOf(records);
  return {
    dates: datesOf(records),
    oddsOf: (_tests, zone) => stacksIn(house, memberId(surface.id, zone)),
    trials: records.trials
      .filter(({ substrate }) => substrate === null || substrate === surface.facts.substrate)
      .flatMap(({ words }) => words),
    shelf: records.shelf.kept,
    weights: { ...USUAL_WEIGHTS, ...records.firm.weights },
    ...(records.firm.held ? { held: records.firm.held } : {}),
    by: {
      access: surface.access,
      pace: paceOf(records.learned),
      hourCost: records.firm.pricing.hourCost,
    },
  };
}

/** The case of a surface, computed once for one reading of the records. */
export function caseIn(records: JobRecords, surface: SurfaceEntity): { d: Diagnosis; c: Case; made: Composed } {
  const { cases } = reckoned(records);
  let found = cases.get(surface.id);
  if (!found) cases.set(surface.id, (found = caseOf(questionOf(records, surface), knownOf(records, surface))));
  return found;
}

/** The case of a surface as it stood beside a trial: what that trial says itself is not heeded. */
export function caseBeside(records: JobRecords, surface: SurfaceEntity, trialId: string): Case {
  const others = { ...records, trials: records.trials.filter((trial) => trial.trialId !== trialId) };
  return caseOf(questionOf(others, surface), knownOf(others, surface)).c;
}

/** Longer than this nobody else waits for an answer. */
const BREATH_MS = 20;

/** Composes every surface of a job, letting others be answered in between; what asks for them afterwards finds them made. */
export async function composeAll(records: JobRecords): Promise<void> {
  await breath();
  let since = performance.now();
  for (const surface of records.surfaces) {
    caseIn(records, surface);
    if (performance.now() - since < BREATH_MS) continue;
    await breath();
    since = performance.now();
  }
}

/** The system that stands for a surface: the one settled, else the one the core would take. */
export function systemOf(
  records: JobRecords,
  surface: SurfaceEntity,
): { c: Case; steps: Step[]; choice: SystemChoiceEntity | null; computed: Step[] } {
  const { c, made } = caseIn(records, surface);
  const choice = records.choices.filter((one) => one.surfaceId === surface.id).at(-1) ?? null;
  return { c, steps: choice?.steps ?? made.steps, choice, computed: made.steps };
}

/** Parts measured on a surface as it is drawn, whoever asks for them. */
export const partsDrawnOn = (records: JobRecords, surface: SurfaceEntity, given: ColourParts): PartsDrawn =>
  drawParts(given, sketchOf(records, surface), paintedM2(surface), surface.wanted.colour);

/** The parts of a surface in colours of their own, measured once for one reading of the records; null where it has none. */
export function partsOf(records: JobRecords, surface: SurfaceEntity): PartsDrawn | null {
  const { colourParts } = surface;
  if (!colourParts?.parts.length) return null;
  const { parts } = reckoned(records);
  let drawn = parts.get(surface.id);
  if (!drawn) parts.set(surface.id, (drawn = partsDrawnOn(records, surface, colourParts)));
  return drawn;
}

/** All that is done to a surface: the system that stands, and its parts in colours of their own. */
export function allStepsOf(records: JobRecords, surface: SurfaceEntity): Step[] {
  const { c, steps } = systemOf(records, surface);
  return withParts(steps, c, partsOf(records, surface));
}

/** The visit that is fixed for the second instalment of a surface's system. */
export const returnVisit = (records: JobRecords, surface: SurfaceEntity) =>
  records.visits.find((v) => v.calls.some((call) => call.id === surface.id && SECOND_INSTALMENT.includes(call.code)));

/** A step's work with the products that were really laid, where they were logged. */
export function workOn(
  records: JobRecords,
  surface: SurfaceEntity,
): { work: WorkStep[]; done: Done[]; logs: WorkLogEntity[] } {
  const logs = records.work.filter((w) => w.surfaceId === surface.id);
  const { c } = systemOf(records, surface);
  const steps = allStepsOf(records, surface);
  const workAt = (visit: 'first' | 'return') => workOf(steps, c.d.surface, c.shelf, { visit, by: c.by ?? {} });
  const atReturn = workAt('return');
  const returns = returnVisit(records, surface) || atReturn.some((w) => logs.some((l) => l.stepId === w.plan.id));
  const work = [...workAt('first'), ...(returns ? atReturn : [])].map((w): WorkStep => {
    const laid = productById(records.shelf, logs.find((log) => log.stepId === w.plan.id)?.productId ?? null);
    return laid ? { ...w, product: laid, plan: { ...w.plan, drying: laid.drying } } : w;
  });
  return { work, done: doneOn(records, surface), logs };
}

/** Times the label's film: anything thicker dries no differently for a plan. */
const THICKEST = 20;

/** What was logged on a surface, as the clock needs it. */
export function doneOn(records: JobRecords, surface: SurfaceEntity): Done[] {
  const logs = records.work.filter((w) => w.surfaceId === surface.id);
  return logs.map((log): Done => {
    const label = productById(records.shelf, log.productId)?.wetFilmUm;
    return {
      stepId: log.stepId,
      start: minute(log.startedAt),
      end: minute(log.endedAt),
      thickness: log.wetFilmUm && label ? Math.min(THICKEST, log.wetFilmUm / label) : 1,
    };
  });
}

export const minute = (at: Date) => Math.ceil(at.getTime() / 60_000);

/** Where a surface stands by the clock: in its first visit, and once that is done in the return visit that is fixed. */
export function standingOf(records: JobRecords, surface: SurfaceEntity, now: Date): RunLine & { work: WorkStep[] } {
  const { work: all, done } = workOn(records, surface);
  const first = all.filter((w) => !w.atReturn);
  const handedOver = done.some((d) => d.stepId === first.at(-1)?.plan.id);
  const work = handedOver && all.length > first.length ? all.filter((w) => w.atReturn) : first;
  return {
    ...runLine(work, done, airOfRoom(records, surface.roomId, now).air, Math.floor(now.getTime() / 60_000)),
    work,
  };
}
