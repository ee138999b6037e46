import { Body, Controller, HttpCode, Injectable, Param, Patch, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { houseRulesSchema, priceOn, readBy, systemDifference, type HouseRules, type Step } from '@rustic/core';
import { STANDS, standingSurface } from '../record/takenOut.ts';
import { FirmEntity } from '../record/firmEntities.ts';
import { JobEntity, SurfaceEntity } from '../record/jobEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { refusedWith } from '../http/refused.ts';
import { caseIn, composeAll, systemOf } from '../reading/houseReading.ts';
import { readJob, readJobs, type JobRecords } from '../reading/jobRecords.ts';
import { systemKey } from '../reading/surfaceView.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForOwners } from '../people/roles.ts';
import { Writes } from '../record/writes.service.ts';
import { FirmChange, RulesAsked, RulesChange } from './rules.dto.ts';
import { Answers } from '../answers/answer.ts';
import { firmAnswer } from '../answers/firm.ts';
import { jobAnswer, surfaceAnswer } from '../answers/jobs.ts';
import { ruleEffects } from '../answers/site.ts';

/** One surface whose system a change of rules would change. */
export interface RuleEffect {
  jobId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  added: Step[];
  removed: Step[];
  changed: { before: Step; after: Step }[];
  minutes: number;
  cost: number;
  /** A system is settled, or work begun: it stands until somebody settles anew. */
  settled: boolean;
  begun: boolean;
}

const readRules = (given: unknown): Partial<HouseRules> => readBy(houseRulesSchema, given);

/** The same records under other rules: read anew, since what is computed hangs on the records. */
function underRules(records: JobRecords, { level, subject }: RulesAsked, rules: Partial<HouseRules>): JobRecords {
  if (level === 'firm') return { ...records, firm: { ...records.firm, houseRules: rules } as FirmEntity };
  if (level === 'job') return { ...records, job: { ...records.job, houseRules: rules } as JobEntity };
  return {
    ...records,
    surfaces: records.surfaces.map((s) => (s.id === subject ? ({ ...s, houseRules: rules } as SurfaceEntity) : s)),
  };
}

function effectsOn(before: JobRecords, after: JobRecords): RuleEffect[] {
  return before.surfaces.flatMap((surface, i): RuleEffect[] => {
    const was = systemOf(before, surface);
    const now = caseIn(after, after.surfaces[i]!);
    if (systemKey(was.computed) === systemKey(now.made.steps)) return [];
    const price = (steps: readonly Step[]) => priceOn(was.c, steps);
    const [old, next] = [price(was.computed), price(now.made.steps)];
    return [
      {
        jobId: before.job.id,
        jobTitle: before.job.title,
        surfaceId: surface.id,
        name: surface.name,
        ...systemDifference(was.computed, now.made.steps),
        minutes: next.minutes - old.minutes,
        cost: next.cost - old.cost,
        settled: was.choice !== null,
        begun: before.work.some((w) => w.surfaceId === surface.id),
      },
    ];
  });
}

/** Where a firm is and what it is called, as far as that changes. */
const placeOf = ({ name, timeZone, currency, hemisphere }: FirmChange) =>
  Object.fromEntries(Object.entries({ name, timeZone, currency, hemisphere }).filter(([, said]) => said !== undefined));

/** The schools as a firm, a job or one surface works by them. */
@Injectable()
export class Rules {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
  ) {}

  /** Which surfaces a change would change, before and after. Nothing is written. */
  async preview(who: Who, body: RulesAsked): Promise<{ surfaces: RuleEffect[]; looked: number }> {
    const rules = readRules(body.houseRules);
    const reached = await this.reached(this.writes.reading(who), body);
    const surfaces: RuleEffect[] = [];
    for (const records of reached) {
      const under = underRules(records, body, rules);
      await composeAll(records);
      await composeAll(under);
      surfaces.push(...effectsOn(records, under));
    }
    const looked = body.level === 'surface' ? 1 : reached.reduce((n, { surfaces: all }) => n + all.length, 0);
    return { surfaces, looked };
  }

  private async reached(scope: FirmScope, { level, subject }: RulesAsked): Promise<JobRecords[]> {
    if (level === 'firm') {
      const jobs = await scope.find(JobEntity, STANDS, { startsAt: 'ASC' });
      return readJobs(
        scope,
        jobs.filter((job) => job.status !== 'aftercare'),
      );
    }
    if (!subject) throw refusedWith([{ path: 'subject', message: `the ${level} is needed` }]);
    const jobId = level === 'job' ? subject : (await standingSurface(scope, subject)).jobId;
    return [await readJob(scope, jobId)];
  }

  async changeFirm(who: Who, body: FirmChange) {
    const houseRules = body.houseRules ? readRules(body.houseRules) : undefined;
    return this.writes.run(who, async (scope) => {
      const firm = await scope.firm();
      const saved = await scope.changeFirm(body, {
        ...(houseRules ? { houseRules } : {}),
        ...(body.terms ? { terms: { ...firm.terms, ...body.terms } } : {}),
        ...(body.weights ? { weights: { ...firm.weights, ...body.weights } } : {}),
        ...(body.pricing ? { pricing: { ...firm.pricing, ...body.pricing } } : {}),
        ...(body.letterhead ? { letterhead: { ...firm.letterhead, ...body.letterhead } } : {}),
        ...(body.yard === undefined ? {} : { yard: body.yard }),
        ...(body.logo === null ? { logo: null } : {}),
        ...(body.suppliers ? { suppliers: body.suppliers as never } : {}),
        ...placeOf(body),
      });
      if (!houseRules) return saved;
      // A rule of the firm is a decision on every job that is under way.
      for (const job of await scope.find(JobEntity, STANDS, { startsAt: 'ASC' }))
        if (job.status !== 'aftercare')
          await this.entry(scope, job.id, null, {
            level: 'firm',
            from: firm.houseRules,
            to: houseRules,
            note: body.note,
          });
      return saved;
    });
  }

  async changeJob(who: Who, jobId: string, body: RulesChange) {
    const houseRules = readRules(body.houseRules);
    return this.writes.run(who, async (scope) => {
      const job = await scope.one(JobEntity, jobId, 'job');
      const saved = await scope.change(JobEntity, job, body, { houseRules });
      await this.entry(scope, jobId, null, { level: 'job', from: job.houseRules, to: houseRules, note: body.note });
      return saved;
    });
  }

  async changeSurface(who: Who, surfaceId: string, body: RulesChange) {
    const houseRules = readRules(body.houseRules);
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, surfaceId);
      await this.ledger.hold(scope, surface.jobId);
      const saved = await scope.change(SurfaceEntity, surface, body, { houseRules });
      await this.entry(scope, surface.jobId, surfaceId, {
        level: 'surface',
        from: surface.houseRules,
        to: houseRules,
        note: body.note,
      });
      return saved;
    });
  }

  private entry(
    scope: FirmScope,
    jobId: string,
    subject: string | null,
    change: { level: string; from: Partial<HouseRules>; to: Partial<HouseRules>; note?: string | undefined },
  ) {
    const payload = { ...change, note: change.note?.trim() ?? '' };
    return this.ledger.append(scope, { jobId, kind: 'rules-changed', subject, at: scope.who.now, payload });
  }
}

@ApiTags('rules')
@Controller('api')
export class RulesController {
  constructor(private readonly rules: Rules) {}

  @Answers('rulesPreview', ruleEffects) @Post('rules/preview') @HttpCode(200) preview(
    @Sender() who: Who,
    @Body() body: RulesAsked,
  ) {
    return this.rules.preview(who, body);
  }
  @ForOwners() @Answers('changeFirm', firmAnswer) @Patch('firm') changeFirm(
    @Sender() who: Who,
    @Body() body: FirmChange,
  ) {
    return this.rules.changeFirm(who, body);
  }
  @Answers('changeJobRules', jobAnswer) @Patch('jobs/:jobId/rules') changeJob(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: RulesChange,
  ) {
    return this.rules.changeJob(who, id, body);
  }
  @Answers('changeSurfaceRules', surfaceAnswer) @Patch('surfaces/:surfaceId/rules') changeSurface(
    @Sender() who: Who,
    @Param('surfaceId') id: string,
    @Body() body: RulesChange,
  ) {
    return this.rules.changeSurface(who, id, body);
  }
}
