import { Body, Controller, Get, Injectable, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  callBackRates,
  HOUSE_RULE_LABELS,
  schoolsOn,
  type CallBackRate,
  type Family,
  type Preparation,
} from '@rustic/core';
import { In } from 'typeorm';
import { FirmEntity } from '../record/firmEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { FaultMarkEntity } from '../record/punchEntities.ts';
import { FollowUpEntity } from '../record/siteEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { caseIn } from '../reading/houseReading.ts';
import { readJobs, type JobRecords } from '../reading/jobRecords.ts';
import { ForOwners } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { Writes } from '../record/writes.service.ts';
import { Aftercare } from './aftercare.ts';
import type { JobCare } from './calls.ts';
import { laidFilms, lifeOf } from '../reading/filmLives.ts';
import { HeldBody } from './visits.dto.ts';
import { countsAnswer, heldPage } from '../answers/aftercare.ts';
import { Answers } from '../answers/answer.ts';

interface SystemKind {
  primer: Family | null;
  finish: Family;
}
export interface HeldRates {
  films: number;
  years: number;
  systems: CallBackRate<SystemKind>[];
  preparations: CallBackRate<Preparation>[];
  limits: CallBackRate<boolean>[];
}

/** What came back, by system and preparation and never by person; and whether the firm lets it count when it chooses. */
@Injectable()
export class HeldRecord {
  constructor(
    private readonly writes: Writes,
    private readonly aftercare: Aftercare,
  ) {}

  async page(who: Who) {
    const scope = this.writes.reading(who);
    const { firm, jobs, care, marks } = await this.aftercare.read(scope);
    const rates = await this.rates(scope, jobs, care, marks);
    return { ...rates, callBacks: await this.callBacks(scope, jobs, care, marks), counts: firm.held };
  }

  /** Lets what was seen so far count in the choice of systems, as it stands now; or nothing any more. */
  async count(who: Who, body: HeldBody) {
    return this.writes.run(who, async (scope) => {
      const { jobs, care, marks } = await this.aftercare.read(scope);
      const { films, systems, preparations } = await this.rates(scope, jobs, care, marks);
      const held = {
        systems: systems.map(({ kind, factor }) => ({ ...kind, factor })),
        preparations: preparations.map(({ kind, factor }) => ({ preparation: kind, factor })),
        films,
        by: who.name,
        at: who.now.toISOString(),
      };
      await scope.manager.update(FirmEntity, { id: who.firmId }, { held: body.counts ? held : null });
      return { counts: body.counts ? held : null };
    });
  }

  private async rates(
    scope: FirmScope,
    jobs: readonly JobEntity[],
    care: ReadonlyMap<string, JobCare>,
    marks: readonly FaultMarkEntity[],
  ): Promise<HeldRates> {
    const outside = new Set((await scope.find(FollowUpEntity)).map((f) => f.surfaceId));
    const finished = jobs.flatMap((job) => care.get(job.id)!.finished);
    const films = laidFilms(finished, marks, outside, scope.who.now);
    return {
      films: films.length,
      years: films.reduce((sum, f) => sum + f.years, 0),
      systems: callBackRates(
        films,
        ({ primer, finish }): SystemKind => ({ primer, finish }),
        ({ primer, finish }) => `${primer}/${finish}`,
      ),
      preparations: callBackRates(films, (f) => f.preparation),
      limits: callBackRates(films, (f) => f.outsideLimits),
    };
  }

  /** Each call-back with what it is tied to: its system, the school it was chosen by, the weather, the hand. */
  private async callBacks(
    scope: FirmScope,
    jobs: readonly JobEntity[],
    care: ReadonlyMap<string, JobCare>,
    marks: readonly FaultMarkEntity[],
  ) {
    const failed = jobs.flatMap((job) =>
      care.get(job.id)!.finished.flatMap((film) => {
        const { by, years } = lifeOf(film, marks, scope.who.now);
        return by ? [{ job, film, fault: by, years }] : [];
      }),
    );
    const ids = In([...new Set(failed.map((f) => f.job.id))]);
    const all = await readJobs(scope, await scope.find(JobEntity, { id: ids }));
    return failed.map(({ job, film, fault, years }) => {
      const records = all.find((r) => r.job.id === job.id)!;
      const { temperatureC, relativeHumidityPct, byName } = film.coat;
      return {
        jobId: job.id,
        jobTitle: job.title,
        surfaceId: film.surfaceId,
        name: film.name,
        fault: fault.fault,
        at: fault.at,
        years,
        primer: film.primer,
        finish: film.finish,
        preparation: film.preparation,
        weather: { temperatureC, relativeHumidityPct },
        hand: byName,
        schools: schoolsBehind(records, film.surfaceId),
      };
    });
  }
}

/** The house rules that decided a surface: those of which another choice would have made another system. */
function schoolsBehind(records: JobRecords, surfaceId: string): string[] {
  const surface = records.surfaces.find((s) => s.id === surfaceId)!;
  const { c, made } = caseIn(records, surface);
  const rules = [...new Set(schoolsOn(c, made).map((s) => s.rule))];
  return rules.map((rule) => `${HOUSE_RULE_LABELS[rule].title}: ${HOUSE_RULE_LABELS[rule].choices[c.rules[rule]]}`);
}

@ApiTags('aftercare')
@Controller('api/aftercare/held')
export class HeldController {
  constructor(private readonly held: HeldRecord) {}

  @Answers('held', heldPage) @Get() page(@Sender() who: Who) {
    return this.held.page(who);
  }
  @ForOwners() @Answers('letHeldCount', countsAnswer) @Post() count(@Sender() who: Who, @Body() body: HeldBody) {
    return this.held.count(who, body);
  }
}
