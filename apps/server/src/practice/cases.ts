import { BadRequestException, Body, Controller, Injectable, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { caseSurfaces, LEAST_SURFACES, stacksIn } from '@rustic/core';
import { Answers } from '../answers/answer.ts';
import { practiceCase } from '../answers/practice.ts';
import { ForOwners } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { houseOf, membersHere } from '../reading/houseReading.ts';
import { readJob } from '../reading/jobRecords.ts';
import type { Who } from '../record/firmScope.ts';
import { PracticeCaseEntity } from '../record/practiceEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { PracticeCaseBody, PracticeCaseChange } from './practice.dto.ts';

/** Cases to practise on, made from the firm's own finished jobs. */
@Injectable()
export class PracticeCases {
  constructor(private readonly writes: Writes) {}

  /** Makes a case of a job that is finished: its surfaces whose film is known by now, with no name of anybody in it. */
  async make(who: Who, { id, jobId, name }: PracticeCaseBody) {
    return this.writes.run(who, async (scope) => {
      const records = await readJob(scope, jobId);
      const { handedOver, status } = records.job;
      if (!handedOver && status !== 'aftercare')
        throw refused('not-finished', 'This job is not finished. No case was made: hand it over first.');
      const house = houseOf(records);
      const surfaces = caseSurfaces(
        records.surfaces.flatMap((surface) =>
          membersHere(surface, house)
            .slice(0, 1)
            .map((member) => ({
              surface: member.surface,
              campaign: surface.campaign,
              odds: stacksIn(house, member.id),
            })),
        ),
      );
      if (surfaces.length < LEAST_SURFACES)
        throw refused(
          'nothing-known',
          'On fewer than two surfaces of this job it is known by its tests what lay there. No case was made.',
        );
      return scope.add(PracticeCaseEntity, { id, name, surfaces, withdrawn: false, at: who.now });
    });
  }

  /** Puts a case away, or brings it out again; what people judged in it stays theirs. */
  async change(who: Who, caseId: string, { withdrawn }: PracticeCaseChange) {
    return this.writes.run(who, async (scope) => {
      const row = await scope.one(PracticeCaseEntity, caseId, 'case');
      await scope.set(PracticeCaseEntity, row, { withdrawn });
      return { ...row, withdrawn };
    });
  }
}

const refused = (code: string, message: string) => new BadRequestException({ code, message });

@ApiTags('practice')
@Controller('api/practice/cases')
export class PracticeCasesController {
  constructor(private readonly cases: PracticeCases) {}

  @ForOwners() @Answers('makeCase', practiceCase) @Post() make(@Sender() who: Who, @Body() body: PracticeCaseBody) {
    return this.cases.make(who, body);
  }
  @ForOwners() @Answers('changeCase', practiceCase) @Put(':caseId') change(
    @Sender() who: Who,
    @Param('caseId') id: string,
    @Body() body: PracticeCaseChange,
  ) {
    return this.cases.change(who, id, body);
  }
}
