import { createEmptyCard, fsrs, generatorParameters, Rating, type Card, type Grade } from 'ts-fsrs';
import { ROOM_PLANS, type RoomPlan } from './knowledge/rooms.ts';
import { SKILLS, skillOf, type Skill } from './knowledge/skills.ts';
import { surfaceFacts } from '../evidence/facts.ts';
import { DRILL_CODES, DRILL_SKILL, type DrillCode } from './drills/drill.ts';
import { drawnBy } from './byLot.ts';
import { rightIn } from './score.ts';

/** How one surface of one kind was judged, and when. */
export interface Judged {
  skill: Skill;
  /** ISO 8601. */
  at: string;
  right: boolean;
  sure: number;
  /** No more minutes went into the room than by the book. */
  thrifty: boolean;
}

/** How well a kind of surface is known. */
export interface SkillStanding {
  skill: Skill;
  tried: number;
  right: number;
  /** The chance that it is judged rightly now, by what was judged and how long ago; null before it was tried. */
  holds: number | null;
  /** When it is best tried again; null before it was tried. */
  dueAt: string | null;
}

/** What is learned is asked again when it is about to fade: the free spaced repetition scheduler, without its dice. */
const SCHEDULER = fsrs(generatorParameters({ enable_fuzz: false, enable_short_term: false }));
/** Right, but by luck: below this nobody knew it. From there on it was known. */
const HARDLY_SURE = 0.6;
const SURE = 0.85;

const gradeOf = ({ right, sure, thrifty }: Judged): Grade =>
  !right ? Rating.Again : sure < HARDLY_SURE ? Rating.Hard : sure >= SURE && thrifty ? Rating.Easy : Rating.Good;

/** How well each kind of surface is known, by everything that was judged, in the order in which it was. */
export function skillStandings(judged: readonly Judged[], now: string): SkillStanding[] {
  return SKILLS.map((skill) => {
    const goes = judged.filter((j) => j.skill === skill).toSorted((a, b) => a.at.localeCompare(b.at));
    const first = goes[0];
    if (!first) return { skill, tried: 0, right: 0, holds: null, dueAt: null };
    const card = goes.reduce<Card>(
      (known, go) => SCHEDULER.next(known, new Date(go.at), gradeOf(go)).card,
      createEmptyCard(new Date(first.at)),
    );
    const holds = SCHEDULER.get_retrievability(card, new Date(now), false);
    return { skill, tried: goes.length, right: rightIn(goes), holds, dueAt: card.due.toISOString() };
  });
}

/** What was never tried stands before what is known well, and after what is known badly. */
const UNTRIED = 0.7;
const knownAs = ({ tried, right, holds }: SkillStanding): number =>
  // Two unseen goes, one right, so that one lucky guess is not mastery.
  tried === 0 ? UNTRIED : (holds ?? 1) * ((right + 1) / (tried + 2));

const knownBySkill = (standings: readonly SkillStanding[]) => new Map(standings.map((s) => [s.skill, knownAs(s)]));
/** Tells apart what teaches alike, another each time. */
const turnOf = (code: string, go: number) => 0.05 * drawnBy(code, go, 'turn');

/** What is drilled, by how little of it is known: that which is known least first. */
export function nextDrill(standings: readonly SkillStanding[], go: number): DrillCode {
  const known = knownBySkill(standings);
  const teaches = (code: DrillCode) => 1 - known.get(DRILL_SKILL[code])! + turnOf(code, go);
  return OF_ONE_UNIT.reduce((best, code) => (teaches(code) > teaches(best) ? code : best));
}
/** Reckoning by head is one drill, in whichever units somebody reads. */
const OF_ONE_UNIT = DRILL_CODES.filter((code) => code !== 'by-head-us');

const skillsIn = (plan: RoomPlan): Skill[] =>
  plan.surfaces.map(({ facts }) => skillOf(surfaceFacts({ ...facts, builtYear: plan.built[0] })));

/** The room that teaches most now: the one with the most of what is known least. `go` tells rooms apart that teach alike. */
export function nextPlan(standings: readonly SkillStanding[], go: number): RoomPlan {
  const known = knownBySkill(standings);
  const teaches = (plan: RoomPlan) =>
    skillsIn(plan).reduce((sum, skill) => sum + (1 - known.get(skill)!) ** 2, 0) / plan.surfaces.length +
    turnOf(plan.code, go);
  return ROOM_PLANS.reduce((best, plan) => (teaches(plan) > teaches(best) ? plan : best));
}
