import { Body, Controller, Get, Injectable, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  calibrationOf,
  drawDrill,
  judgeDrill,
  nextDrill,
  nextPlan,
  planOf,
  rightIn,
  sayCalibration,
  skillStandings,
  weekCase,
  type Judged,
  type Skill,
  type Stated,
} from '@rustic/core';
import { In } from 'typeorm';
import { Answers } from '../answers/answer.ts';
import { practiceDrill, practiceGo, practicePage, practiceShown } from '../answers/practice.ts';
import { refusedWith } from '../http/refused.ts';
import { ForEverybody } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { PersonEntity } from '../record/firmEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import {
  PracticeCaseEntity,
  PracticeDrillEntity,
  PracticeGoEntity,
  PracticeShownEntity,
} from '../record/practiceEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { goneThrough } from './goneThrough.ts';
import { PracticeDrillBody, PracticeGoBody, PracticeShownBody } from './practice.dto.ts';

/** So many rooms are listed, the newest first. */
const LISTED = 12;

/** Practice: what everybody judged for themselves. Nobody sees another's figures who does not show them. */
@Injectable()
export class Practice {
  constructor(private readonly writes: Writes) {}

  async page(who: Who) {
    const scope = this.writes.reading(who);
    const now = who.now.toISOString();
    const week = weekCase(who.firmId, now);
    const [firm, goes, drills, cases, showing] = await Promise.all([
      scope.firm(),
      goesOf(scope, [who.personId]),
      drillsOf(scope, [who.personId]),
      scope.find(PracticeCaseEntity, { withdrawn: false }, { at: 'DESC', id: 'ASC' }),
      scope.find(PracticeShownEntity, { shown: true }),
    ]);
    const standings = skillStandings([...judgedIn(goes), ...drilledIn(drills)], now);
    const calibration = calibrationOf(statedIn(goes, drills));
    const others = await othersWho(scope, showing);
    const isWeeks = (go: PracticeGoEntity) => go.plan === week.plan && go.seed === week.seed;
    return {
      currency: firm.currency,
      standings,
      calibration,
      words: sayCalibration(calibration),
      next: { plan: nextPlan(standings, goes.length).code, seed: goes.length + 1 },
      drill: { code: nextDrill(standings, drills.length), seed: drills.length + 1 },
      drills: drills.length,
      week: {
        ...week,
        mine: goes.find(isWeeks) ?? null,
        others: others.flatMap(({ name, goes: theirs }) => {
          const go = theirs.find(isWeeks);
          return go
            ? [{ name, right: rightIn(go.judged), of: go.judged.length, minutes: go.minutes, lost: go.lost }]
            : [];
        }),
      },
      cases: cases.map((one) => ({ ...one, mine: goes.find((go) => go.plan === one.id) ?? null })),
      goes: goes.slice(-LISTED).toReversed(),
      count: goes.length,
      shown: showing.some((s) => s.id === who.personId),
      others: others.map(({ name, goes: theirs, drills: drilled }) => {
        const stated = statedIn(theirs, drilled);
        return { name, tried: stated.length, right: rightIn(stated), words: sayCalibration(calibrationOf(stated)) };
      }),
    };
  }

  /** Keeps a room that was gone through, as the program itself finds that it came out. */
  async keep(who: Who, body: PracticeGoBody) {
    const { id, plan, seed, tests, at } = body;
    return this.writes.run(who, async (scope) => {
      const [own = null] = planOf(plan) ? [] : await scope.find(PracticeCaseEntity, { id: plan, withdrawn: false });
      const came = goneThrough(body, own);
      return scope.add(PracticeGoEntity, { id, personId: who.personId, plan, seed, tests, ...came, at: new Date(at) });
    });
  }

  /** Keeps a drill that was done, judged by drawing it again. */
  async keepDrill(who: Who, { id, drill, seed, answers, at }: PracticeDrillBody) {
    const drawn = drawDrill(drill, seed);
    const bad = answers.findIndex(
      ({ question }, i) =>
        !drawn.drill.questions.some((q) => q.id === question) ||
        answers.slice(0, i).some((a) => a.question === question),
    );
    if (bad >= 0)
      throw refusedWith([{ path: `answers[${bad}].question`, message: 'is none of this drill, or answered twice' }]);
    const judged = judgeDrill(drawn, answers);
    return this.writes.run(who, (scope) =>
      scope.add(PracticeDrillEntity, { id, personId: who.personId, drill, seed, judged, at: new Date(at) }),
    );
  }

  /** Shows the others how one does, or shows it no more. */
  async show(who: Who, { shown }: PracticeShownBody) {
    return this.writes.run(who, async (scope) => {
      const id = who.personId;
      const [standing] = await scope.find(PracticeShownEntity, { id });
      if (standing) await scope.set(PracticeShownEntity, standing, { shown });
      else await scope.add(PracticeShownEntity, { id, shown });
      return { shown };
    });
  }
}

const goesOf = (scope: FirmScope, people: readonly string[]): Promise<PracticeGoEntity[]> =>
  scope.find(PracticeGoEntity, { personId: In([...people]) }, { at: 'ASC', id: 'ASC' });

const drillsOf = (scope: FirmScope, people: readonly string[]): Promise<PracticeDrillEntity[]> =>
  scope.find(PracticeDrillEntity, { personId: In([...people]) }, { at: 'ASC', id: 'ASC' });

/** What those judged who show it, the reader left out: by their names. */
async function othersWho(scope: FirmScope, showing: readonly PracticeShownEntity[]) {
  const ids = showing.map((s) => s.id).filter((id) => id !== scope.who.personId);
  if (ids.length === 0) return [];
  const [people, goes, drills] = await Promise.all([
    scope.find(PersonEntity, { id: In(ids) }, { name: 'ASC' }),
    goesOf(scope, ids),
    drillsOf(scope, ids),
  ]);
  const isOf = (id: string) => (row: { personId: string }) => row.personId === id;
  return people.map(({ id, name }) => ({ name, goes: goes.filter(isOf(id)), drills: drills.filter(isOf(id)) }));
}

/** Everything that was said with its odds, in rooms and in drills. */
const statedIn = (goes: readonly PracticeGoEntity[], drills: readonly PracticeDrillEntity[]): Stated[] => [
  ...goes.flatMap((go) => go.judged),
  ...drills.flatMap((drill) => drill.judged),
];

const judgedIn = (goes: readonly PracticeGoEntity[]): Judged[] =>
  goes.flatMap((go) =>
    go.judged.map(({ skill, right, sure }) => ({
      skill: skill as Skill,
      right,
      sure,
      at: go.at.toISOString(),
      thrifty: go.minutes <= go.policyMinutes,
    })),
  );

/** Minutes are saved on rooms alone: a drill that is right and sure is known. */
const drilledIn = (drills: readonly PracticeDrillEntity[]): Judged[] =>
  drills.flatMap(({ judged, at }) =>
    judged.map(({ skill, right, sure }) => ({
      skill: skill as Skill,
      right,
      sure,
      at: at.toISOString(),
      thrifty: true,
    })),
  );

@ApiTags('practice')
@Controller('api/practice')
export class PracticeController {
  constructor(private readonly practice: Practice) {}

  @Answers('practice', practicePage) @Get() page(@Sender() who: Who) {
    return this.practice.page(who);
  }
  @ForEverybody() @Answers('keepPractice', practiceGo) @Post('goes') keep(
    @Sender() who: Who,
    @Body() body: PracticeGoBody,
  ) {
    return this.practice.keep(who, body);
  }
  @ForEverybody() @Answers('keepDrill', practiceDrill) @Post('drills') keepDrill(
    @Sender() who: Who,
    @Body() body: PracticeDrillBody,
  ) {
    return this.practice.keepDrill(who, body);
  }
  @ForEverybody() @Answers('showPractice', practiceShown) @Put('shown') show(
    @Sender() who: Who,
    @Body() body: PracticeShownBody,
  ) {
    return this.practice.show(who, body);
  }
}
