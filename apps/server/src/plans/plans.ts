import {
  Body,
  ConflictException,
  Controller,
  Get,
  Injectable,
  Param,
  Post,
  Query,
  type OnModuleDestroy,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  differenceOf,
  hashOf,
  type Plan,
  type PlanChoice,
  type PlanChoices,
  type PlanInput,
  type JobStatus,
  type RelaxedPlan,
  id,
  instant,
  newId,
} from '@rustic/core';
import { LRUCache } from 'lru-cache';
import { In } from 'typeorm';
import { z } from 'zod';
import { stepId } from '../jobs/stepId.ts';
import { v7 as uuid } from 'uuid';
import { STANDS } from '../record/takenOut.ts';
import { BusyTimeEntity } from '../record/calendarEntities.ts';
import { PersonEntity } from '../record/firmEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import { PostedPlanEntity } from '../record/systemEntities.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { readJob, readJobs, type JobRecords } from '../reading/jobRecords.ts';
import { isLeftOut } from '../reading/leftOut.ts';
import { bodyOf, queryOf } from '../http/bodyOf.ts';
import { Gone } from '../http/gone.ts';
import { Ledger } from '../record/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { Systems } from '../systems/systems.ts';
import { Writes } from '../record/writes.service.ts';
import { newestPlan, type PostedPlan } from '../reading/newestPlan.ts';
import { firmInputOf, planInputOf, type Crew } from './planInput.ts';
import { doneIn, doubtsOf, joined, latestStarts, pageOf } from './planPage.ts';
import { underWay } from './underWay.ts';
import { lineNames } from './visitLines.ts';
import { standingVisits } from '../reading/standingVisits.ts';
import { Answers } from '../answers/answer.ts';
import { choicesAnswer, firmPlan, planPage, postedAnswer } from '../answers/site.ts';
import { Threads } from '../threads/threads.ts';

/** Whether a step, named surface/step, is of this job. */
const holds = (records: JobRecords, step: string) =>
  [...records.surfaces, ...lineNames(records)].some((s) => step.startsWith(`${s.id}/`));

/** A posted plan as long as it is of what is asked: once handed over, a job's plan is of its visits alone. */
const stillOf = (posted: PostedPlan | null, { surfaces }: PlanInput): PostedPlan | null =>
  posted && surfaces.some((s) => posted.plan.steps.some((t) => t.surface === s.id)) ? posted : null;

const UNDER_WAY: JobStatus[] = ['planned', 'active'];

/** A plan is made so often for a record that moves while it is made. */
const POST_TRIES = 3;

const WORKER = new URL('./plan.worker.js', import.meta.url).href;
/** So many plans that took seconds are kept at hand. */
const FOUND_KEPT = 40;
/** A mark of a question: the same one has the same. */
const markOf = (question: unknown) => hashOf(JSON.parse(JSON.stringify(question)));

/** What the planner is asked, and from which record and when. */
interface Question {
  records: JobRecords;
  input: PlanInput;
  before: Plan | null;
  now: Date;
  mark: string;
}

/** What a plan was made from has moved: it is not kept. */
class MovedOn extends Error {}
const unlessMoved = (error: unknown): null => {
  if (error instanceof MovedOn) return null;
  throw error;
};

/** A step that was dragged to another start. */
const drag = z.strictObject({ surface: id, step: stepId, to: instant });
type Drag = z.infer<typeof drag>;

/** Which of the plans that can be had: by what it comes to. */
const choice = z.strictObject({
  visits: z.number().int().min(0).max(100_000),
  nights: z.number().int().min(0).max(100_000),
  surer: z.boolean(),
});

export class PostBody extends bodyOf({
  id: newId,
  /** As if nothing had been posted before. */
  afresh: z.boolean().optional(),
  /** The plan that some seconds' search finds, as if nothing had been posted before. */
  sought: z.boolean().optional(),
  /** The one of the choices that comes to this. */
  choice: choice.optional(),
  drags: z.array(drag).max(60).optional(),
}) {}

export class PlanQuery extends queryOf({ afresh: z.enum(['true', 'false']).optional() }) {}

/** The drying plan of a job: computed in a pool, kept once posted, and compared with what the record says now. */
@Injectable()
export class Plans implements OnModuleDestroy {
  private readonly pool = new Threads({
    filename: WORKER,
    maxThreads: 2,
    minThreads: 1,
  });
  /**
   * A thread of its own for what takes seconds, so that nobody's page waits for it. It is always there: where whoever asked
   * goes, the thread ends with the question, and only a pool that keeps one opens another for those who wait.
   */
  private readonly seeking = new Threads({
    filename: WORKER,
    maxThreads: 1,
    minThreads: 1,
  });
  /** What was sought and found, by its question. */
  private readonly found = new LRUCache<string, Plan>({ max: FOUND_KEPT });
  /** What could be had instead, by its question. */
  private readonly traded = new LRUCache<string, PlanChoices>({ max: FOUND_KEPT });

  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly systems: Systems,
  ) {}

  async onModuleDestroy(): Promise<void> {
    await Promise.all([this.pool.end(), this.seeking.end()]);
  }

  /** Plans anew, or, with a posted plan, so that as little of it moves as can. Stopped when nobody waits for it. */
  compute(input: PlanInput, posted: Plan | null, drags: readonly Drag[] = [], gone?: AbortSignal): Promise<Plan> {
    const kept = posted?.status === 'feasible' ? posted : null;
    const moves = drags.map(({ surface, step, to }) => ({ kind: 'drag', surface, step, to }));
    return this.pool.run({ input, posted: kept, drags: moves }, gone ? { signal: gone } : {}) as Promise<Plan>;
  }

  /** Searches for some seconds, as if nothing had been posted. The same question gives the same plan, and is asked once. */
  private async seek(input: PlanInput, gone?: AbortSignal): Promise<Plan> {
    const mark = markOf(input);
    const known = this.found.get(mark);
    if (known) return known;
    const asked = { input, posted: null, drags: [], thorough: true };
    const plan = (await this.seeking.run(asked, gone ? { signal: gone } : {})) as Plan;
    this.found.set(mark, plan);
    return plan;
  }

  /** The best plan of a job that some seconds find, by the record and the air of now. */
  async sought(who: Who, jobId: string, gone?: AbortSignal): Promise<{ plan: Plan }> {
    const { input } = await this.question(this.writes.reading(who), jobId, { afresh: true });
    return { plan: await this.seek(input, gone) };
  }

  /** How likely the plan of now is to keep its day, and which others a firm could choose. */
  async choices(who: Who, jobId: string, gone?: AbortSignal): Promise<PlanChoices> {
    return this.trade(await this.question(this.writes.reading(who), jobId, {}), gone);
  }

  private async trade({ records, input, before, now, mark }: Question, gone?: AbortSignal): Promise<PlanChoices> {
    const known = this.traded.get(mark);
    if (known) return known;
    const asked = { input, posted: before?.status === 'feasible' ? before : null, doubts: doubtsOf(records, now) };
    const how = { name: 'plansToChooseFrom', ...(gone ? { signal: gone } : {}) };
    const found = (await this.seeking.run(asked, how)) as PlanChoices;
    this.traded.set(mark, found);
    return found;
  }

  /** What comes nearest to a plan that cannot stand. */
  private nearest(input: PlanInput, gone?: AbortSignal): Promise<RelaxedPlan[]> {
    const how = { name: 'nearestSideBySide', ...(gone ? { signal: gone } : {}) };
    return this.pool.run(input, how) as Promise<RelaxedPlan[]>;
  }

  /** The people of the firm, what takes them, and the posted plans of the jobs beside this one. */
  private async crewOf(scope: FirmScope, jobId: string | null): Promise<Crew> {
    const [people, busy, visits, jobs] = await Promise.all([
      scope.find(PersonEntity),
      scope.find(BusyTimeEntity),
      standingVisits(scope),
      scope.find(JobEntity, { status: In(UNDER_WAY), ...STANDS }),
    ]);
    const others = jobId === null ? [] : jobs.filter((j) => j.id !== jobId);
    const posted = await Promise.all(others.map((j) => newestPlan(scope, j.id)));
    return { people, busy, elsewhere: posted.filter((p) => p !== null), visits };
  }

  /** The plan of a job by the record and the air of now; `afresh` as if nothing had been posted. */
  async now(who: Who, jobId: string, afresh: boolean, gone?: AbortSignal) {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    const crew = await this.crewOf(scope, jobId);
    const asked = planInputOf(records, crew, who.now);
    const posted = stillOf(await newestPlan(scope, jobId), asked);
    const kept = afresh ? null : (posted?.plan ?? null);
    const input = underWay(asked, kept, who.now);
    const plan = await this.compute(input, kept, [], gone);
    return {
      ...pageOf([records], crew, input, plan, who.now),
      job: records.job,
      posted: posted ? { at: posted.at, by: posted.byName, plan: posted.plan } : null,
      difference: posted ? differenceOf(posted.plan, plan, doneIn(input)) : null,
      latestStarts: latestStarts(records, plan, who.now),
      nearest: plan.status === 'infeasible' ? await this.nearest(input, gone) : [],
    };
  }

  /** All jobs that are planned or under way, with the people they share. */
  async ofFirm(who: Who, gone?: AbortSignal) {
    const scope = this.writes.reading(who);
    const visited = new Set((await standingVisits(scope)).map((v) => v.jobId));
    const jobs = (await scope.find(JobEntity, STANDS, { startsAt: 'ASC' })).filter(
      (j) => UNDER_WAY.includes(j.status) || visited.has(j.id),
    );
    const all = (await readJobs(scope, jobs)).filter((r) => r.surfaces.some((s) => !isLeftOut(s)));
    if (all.length === 0) return { input: null };
    const crew = await this.crewOf(scope, null);
    const cannot: { jobId: string; title: string; text: string }[] = [];
    const newest = new Map(await Promise.all(all.map(async (r) => [r, await newestPlan(scope, r.job.id)] as const)));
    let left = all;
    for (;;) {
      const posted = joined(left.map((r) => newest.get(r) ?? null));
      const input = underWay(firmInputOf(left, crew, who.now), posted, who.now);
      const plan = await this.compute(input, posted, [], gone);
      const reason = plan.status === 'infeasible' ? plan.reasons[0]! : null;
      const stuck = reason && left.length > 1 ? left.find((r) => holds(r, reason.step)) : undefined;
      if (!reason || !stuck)
        return {
          ...pageOf(left, crew, input, plan, who.now),
          difference: posted ? differenceOf(posted, plan, doneIn(input)) : null,
          cannot,
        };
      // One job that cannot be planned does not take the others with it.
      cannot.push({ jobId: stuck.job.id, title: stuck.job.title, text: reason.text });
      left = left.filter((r) => r !== stuck);
    }
  }

  /**
   * Posts the plan of a job. It is made before anything is held, since that takes seconds; it is kept only where what it
   * was made from still stands, and made again where the record moved meanwhile.
   */
  async post(who: Who, jobId: string, body: PostBody) {
    for (let attempt = 1; attempt <= POST_TRIES; attempt++) {
      const question = await this.question(this.writes.reading(who), jobId, body);
      const plan = await this.planFor(question, body);
      const posted = await this.writes
        .run(who, (scope) => this.keep(scope, jobId, body, question.mark, plan))
        .catch(unlessMoved);
      if (posted) return posted;
    }
    throw new ConflictException({
      code: 'moved-on',
      message: 'The record moved each time while this plan was made. Nothing was posted; try again in a moment.',
    });
  }

  private async planFor(question: Question, { sought, choice, drags }: PostBody): Promise<Plan> {
    if (sought) return this.seek(question.input);
    if (!choice) return this.compute(question.input, question.before, drags ?? []);
    const { choices } = await this.trade(question);
    const apart = (c: PlanChoice) =>
      Math.abs(c.plan.visits - choice.visits) +
      Math.abs(c.nights - choice.nights) +
      (c.surer === choice.surer ? 0 : 0.5);
    const nearest = choices.reduce<PlanChoice | null>((a, b) => (a && apart(a) <= apart(b) ? a : b), null);
    return nearest?.plan ?? this.compute(question.input, question.before);
  }

  /** What the planner is asked now, and a mark of it: the same record gives the same. */
  private async question(
    scope: FirmScope,
    jobId: string,
    body: Pick<PostBody, 'afresh' | 'sought'>,
  ): Promise<Question> {
    const { now } = scope.who;
    const records = await readJob(scope, jobId);
    const asked = planInputOf(records, await this.crewOf(scope, jobId), now);
    const before = body.afresh || body.sought ? null : (stillOf(await newestPlan(scope, jobId), asked)?.plan ?? null);
    const input = underWay(asked, before, now);
    return { records, input, before, now, mark: markOf({ input, before }) };
  }

  private async keep(
    scope: FirmScope,
    jobId: string,
    body: PostBody,
    mark: string,
    plan: Plan,
  ): Promise<{ plan: Plan }> {
    const { who } = scope;
    await this.ledger.hold(scope, jobId);
    const { records, input, mark: now } = await this.question(scope, jobId, body);
    if (now !== mark) throw new MovedOn();
    await this.systems.settleOpen(scope, records, uuid);
    await scope.add(PostedPlanEntity, { id: body.id, jobId, input, plan, byName: who.name, at: who.now });
    const { status } = records.job;
    if (status === 'walk-round' || status === 'quoted') await scope.set(JobEntity, records.job, { status: 'planned' });
    await this.ledger.append(scope, {
      jobId,
      kind: 'plan-posted',
      subject: null,
      at: who.now,
      payload: { status: plan.status, finish: plan.finish, visits: plan.visits, steps: plan.steps.length },
    });
    return { plan };
  }
}

@ApiTags('plans')
@Controller('api/jobs/:jobId/plan')
export class PlansController {
  constructor(private readonly plans: Plans) {}

  @Answers('plan', planPage) @Get() now(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Gone() gone: AbortSignal,
    @Query() { afresh }: PlanQuery,
  ) {
    return this.plans.now(who, id, afresh === 'true', gone);
  }
  @Answers('soughtPlan', postedAnswer) @Get('sought') sought(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Gone() gone: AbortSignal,
  ) {
    return this.plans.sought(who, id, gone);
  }
  @Answers('planChoices', choicesAnswer) @Get('choices') choices(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Gone() gone: AbortSignal,
  ) {
    return this.plans.choices(who, id, gone);
  }
  @Answers('postPlan', postedAnswer) @Post() post(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: PostBody,
  ) {
    return this.plans.post(who, id, body);
  }
}

@ApiTags('plans')
@Controller('api/plan')
export class FirmPlanController {
  constructor(private readonly plans: Plans) {}

  @Answers('firmPlan', firmPlan) @Get() ofFirm(@Sender() who: Who, @Gone() gone: AbortSignal) {
    return this.plans.ofFirm(who, gone);
  }
}
