import {
  alternativesTo,
  anotherYear,
  blocksOn,
  cautionsFor,
  demandOf,
  foundOnlyIn,
  guaranteeOf,
  holdsOf,
  hashOf,
  inheritedBy,
  placesOf,
  priceOn,
  productFor,
  rankedFinishes,
  risksOf,
  schoolsOn,
  sectionOf,
  systemLines,
  testsThatPay,
  underDoubt,
  waysOf,
  weightsIn,
  type Condition,
  type Departed,
  type EvidenceWeight,
  type House,
  type Step,
} from '@rustic/core';
import type { SurfaceEntity } from '../record/jobEntities.ts';
import type { SystemChoiceEntity } from '../record/systemEntities.ts';
import {
  allStepsOf,
  caseIn,
  houseOf,
  membersHere,
  openOn,
  standingOf,
  surfaceOfMember,
  systemOf,
  workOn,
} from './houseReading.ts';
import { type JobRecords } from './jobRecords.ts';

/** Names a system by its content, so that "this alternative" still means the same after a reload. */
export const systemKey = (steps: readonly Step[]) => hashOf(JSON.parse(JSON.stringify(steps))).slice(0, 16);

/** Everything the page of a surface shows, computed by the core from the record. */
export function surfaceView(records: JobRecords, surface: SurfaceEntity, now: Date) {
  const { c, made } = caseIn(records, surface);
  const ways = waysOf(c);
  const price = priceOn(c, made.steps);
  const house = houseOf(records);
  const system = systemOf(records, surface);
  const { steps } = system;
  const { logs, work } = workOn(records, surface);
  const productOf = (step: Step) => productFor(step, c.shelf);
  const key = systemKey(system.computed);
  // A departure that was signed for is measured by what it departed from.
  const settledFrom = system.choice?.override?.base ?? systemKey(system.steps);
  const settledOther = system.choice !== null && key !== settledFrom;
  const test = testsThatPay(c.d.surface, c.d.tests, [], openOn(records, surface));
  return {
    surface,
    job: records.job,
    room: records.rooms.find((r) => r.id === surface.roomId)!,
    firm: { currency: records.firm.currency, timeZone: records.firm.timeZone },
    finish: rankedFinishes(c.d.odds),
    weights: weightsOn(records, surface, house),
    inherited: inheritedOn(records, surface, house),
    nextTests: test.slice(0, 3),
    zones: c.d.zones.map((zone) => ({
      places: zone.places,
      likeliest: zone.likeliest,
      probability: zone.odds[zone.likeliest],
      adhesion: zone.findings.adhesion,
      found: foundOnlyIn(c.d, zone),
    })),
    conflicts: c.d.conflicts,
    patches: c.d.patches,
    demands: [...c.d.findings.standing].map((code: Condition) => demandOf(code)).filter((d) => d !== null),
    findings: records.findings.filter((f) => f.surfaceId === surface.id),
    photos: records.photos.filter((p) => p.surfaceId === surface.id),
    conditions: [...c.d.findings.standing],
    cleared: [...c.d.findings.cleared],
    lines: systemLines(c, steps),
    price: priceOn(c, allStepsOf(records, surface)),
    section: sectionOf(c, steps, productOf, new Set(logs.map((l) => l.stepId))),
    places: placesOf(c),
    choice: system.choice && {
      differs: system.choice.differs,
      by: system.choice.byName,
      at: system.choice.at,
      override: system.choice.override,
    },
    /** Names what stands: questions and choices say of which system they speak. */
    key: systemKey(steps),
    computedKey: key,
    guarantee: guaranteeOf(c, steps, departedOn(system.choice)),
    holds: holdsOf(c, steps),
    doubt: underDoubt(c, test[0] ?? null),
    anotherYear: anotherYear(c),
    rules: { firm: records.firm.houseRules, job: records.job.houseRules, surface: surface.houseRules },
    settledOther,
    alternatives: [
      ...(key === systemKey(steps)
        ? []
        : [
            {
              key,
              differs: settledOther
                ? 'What the evidence asks for now.'
                : 'The system as it was composed, nothing departed from.',
              against: null,
              addedCost: null,
              holds: holdsOf(c, made.steps, price),
            },
          ]),
      ...alternativesTo(c, made, ways)
        .filter((a) => systemKey(a.system.steps) !== systemKey(steps))
        .map(({ system, differs, against, addedCost, holds }) => ({
          key: systemKey(system.steps),
          differs,
          against,
          addedCost,
          holds,
        })),
    ],
    schools: schoolsOn(c, made, ways),
    cautions: cautionsFor(c, made),
    blocks: blocksOn(c, made),
    risks: risksOf(made.steps, c, price),
    tests: records.tests.filter((t) => t.surfaceId === surface.id),
    work: logs,
    steps: work,
    standing: standingOf(records, surface, now),
  };
}

/** What was signed for, as the guarantee asks. */
export const departedOn = (choice: SystemChoiceEntity | null): Departed[] =>
  choice?.override?.said.map((words) => ({ words, odds: Math.max(0, ...choice.override!.told.map((t) => t.odds)) })) ??
  [];

/** What each item of evidence did. `index` counts the tests of the surface that stand, zones or not. */
function weightsOn(records: JobRecords, surface: SurfaceEntity, house: House): EvidenceWeight[] {
  const { tests } = caseIn(records, surface).d;
  const seen = new Set<string>();
  return membersHere(surface, house).flatMap((member) =>
    weightsIn(house, member.id)
      .map((w) => (w.from === 'test' ? { ...w, index: tests.indexOf(member.tests[w.index!]!) } : w))
      .filter((w) => {
        const key = `${w.from}/${w.index}/${w.text}`;
        return !seen.has(key) && seen.add(key);
      }),
  );
}

/** From which other surfaces of the house its odds are inferred, and how strongly. */
function inheritedOn(records: JobRecords, surface: SurfaceEntity, house: House) {
  return membersHere(surface, house)
    .slice(0, 1)
    .flatMap((member) => inheritedBy(house, member.id))
    .filter((one) => surfaceOfMember(one.from) !== surface.id)
    .map(({ from, sameCampaign, ratio }) => {
      const other = records.surfaces.find((s) => s.id === surfaceOfMember(from))!;
      return { surfaceId: other.id, name: other.name, sameCampaign, ratio };
    });
}

/** The steps behind a key: the computed system or one of its alternatives; null where the evidence has moved on. */
export function systemByKey(
  records: JobRecords,
  surface: SurfaceEntity,
  key: string,
): { steps: Step[]; differs: string } | null {
  const { c, made } = caseIn(records, surface);
  const { choice } = systemOf(records, surface);
  if (choice && systemKey(choice.steps) === key) return { steps: choice.steps, differs: choice.differs };
  if (systemKey(made.steps) === key) return { steps: made.steps, differs: 'as the evidence asks' };
  const found = alternativesTo(c, made).find((a) => systemKey(a.system.steps) === key);
  return found ? { steps: found.system.steps, differs: found.differs } : null;
}
