import { Body, Controller, Get, Injectable, Param, Post, type OnModuleDestroy } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { differenceOf, type Plan, type PlanInput } from '@rustic/core';
import { IsUUID } from 'class-validator';
import { Piscina } from 'piscina';
import { v7 as uuid } from 'uuid';
import { JobEntity, PersonEntity, PostedPlanEntity } from '../database/entities.ts';
import type { FirmScope, Who } from '../database/firmScope.ts';
import { readJob, type JobRecords } from '../jobs/jobRecords.ts';
import { isLeftOut } from '../jobs/leftOut.ts';
import { Ledger } from '../ledger/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { Systems } from '../systems/systems.ts';
import { Writes } from '../writes/writes.service.ts';
import { newestPlan } from './newestPlan.ts';
import { planInputOf } from './planInput.ts';

export class PostBody {
  @IsUUID() id: string;
}

/** The drying plan of a job: computed in a pool, kept once posted, and compared with what the record says now. */
@Injectable()
export class Plans implements OnModuleDestroy {
  private readonly pool = new Piscina({
    filename: new URL('./plan.worker.js', import.meta.url).href,
    maxThreads: 2,
    minThreads: 1,
  });

  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly systems: Systems,
  ) {}

  async onModuleDestroy(): Promise<void> {
    await this.pool.destroy();
  }

  compute(input: PlanInput): Promise<Plan> {
    return this.pool.run(input) as Promise<Plan>;
  }

  async now(who: Who, jobId: string): Promise<unknown> {
    const scope = this.writes.reading(who);
    const records = await readJob(scope, jobId);
    const people = await scope.find(PersonEntity);
    const input = planInputOf(records, people, who.now);
    const plan = await this.compute(input);
    const posted = await newestPlan(scope, jobId);
    const done = new Set(input.surfaces.flatMap((s) => s.steps.filter((t) => t.done).map((t) => `${s.id}/${t.id}`)));
    return {
      job: records.job,
      rooms: records.rooms,
      surfaces: records.surfaces
        .filter((s) => !isLeftOut(s))
        .map((s) => ({ id: s.id, roomId: s.roomId, name: s.name, element: s.facts.element })),
      people: people.map((p) => ({ id: p.id, name: p.name, initials: p.initials })),
      input,
      plan,
      now: who.now.toISOString(),
      log: records.work.map((w) => ({ surfaceId: w.surfaceId, stepId: w.stepId, by: w.byName })),
      posted: posted ? { at: posted.at, by: posted.byName, plan: posted.plan } : null,
      difference: posted ? differenceOf(posted.plan, plan, done) : null,
    };
  }

  async post(who: Who, jobId: string, body: PostBody): Promise<unknown> {
    return this.writes.once(who, body.id, body, async (scope) => {
      const records = await readJob(scope, jobId);
      await this.systems.settleOpen(scope, records, uuid);
      const input = planInputOf(records, await scope.find(PersonEntity), who.now);
      const plan = await this.compute(input);
      await scope.add(PostedPlanEntity, { id: body.id, jobId, input, plan, byName: who.name, at: who.now });
      await this.begin(scope, records);
      await this.ledger.append(scope, {
        jobId,
        kind: 'plan-posted',
        subject: null,
        at: who.now,
        payload: { status: plan.status, finish: plan.finish, visits: plan.visits, steps: plan.steps.length },
      });
      return { plan };
    });
  }

  private async begin(scope: FirmScope, records: JobRecords): Promise<void> {
    if (records.job.status === 'walk-round' || records.job.status === 'quoted')
      await scope.manager.save(JobEntity, { ...records.job, status: 'planned' });
  }
}

@ApiTags('plans')
@Controller('api/jobs/:id/plan')
export class PlansController {
  constructor(private readonly plans: Plans) {}

  @Get() now(@Sender() who: Who, @Param('id') id: string) {
    return this.plans.now(who, id);
  }
  @Post() post(@Sender() who: Who, @Param('id') id: string, @Body() body: PostBody) {
    return this.plans.post(who, id, body);
  }
}
