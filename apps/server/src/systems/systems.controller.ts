import { Body, ConflictException, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  FAULT_LABELS,
  productFor,
  rescueFrom,
  schoolsSideBySide,
  sectionOf,
  type Family,
  type Rescue,
  type Step,
  type WhatIf,
} from '@rustic/core';
import { v7 as uuid } from 'uuid';
import { SurfaceEntity } from '../database/jobEntities.ts';
import { TroubleEntity } from '../database/siteEntities.ts';
import type { FirmScope, Who } from '../database/firmScope.ts';
import { caseIn, standingOf } from '../jobs/houseReading.ts';
import { readJob, type JobRecords } from '../jobs/jobRecords.ts';
import { systemByKey } from '../jobs/surfaceView.ts';
import { Ledger } from '../ledger/ledger.service.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { productById } from '../shelf/firmShelf.ts';
import { Holds } from '../work/holds.ts';
import { Writes } from '../writes/writes.service.ts';
import { asked } from './departures.ts';
import { Systems } from './systems.ts';
import { ChoiceBody, RescueAsked, RescueBody, WhatIfBody } from './systems.dto.ts';
import { Answers } from '../answers/answer.ts';
import { rescueAnswer, schoolsPage, whatIfAnswer } from '../answers/site.ts';

/** What a system is asked, and what is settled. */
@ApiTags('systems')
@Controller('api/surfaces/:id')
export class SystemsController {
  constructor(
    private readonly systems: Systems,
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly holds: Holds,
  ) {}

  @Post('choices') choose(@Sender() who: Who, @Param('id') id: string, @Body() body: ChoiceBody) {
    return this.systems.choose(who, id, body);
  }

  /** What follows from skipping, swapping or reordering; nothing is written. */
  @ForHands()
  @Answers(whatIfAnswer)
  @Post('what-if')
  @HttpCode(200)
  async whatIf(@Sender() who: Who, @Param('id') id: string, @Body() body: WhatIfBody): Promise<unknown> {
    const { records, surface } = await this.read(who, id);
    const found = systemByKey(records, surface, body.key);
    if (!found)
      throw new ConflictException({
        code: 'moved-on',
        message: 'The evidence has moved since this was shown. Look at the systems again; nothing was changed.',
      });
    const { c, made } = caseIn(records, surface);
    const told: WhatIf = asked(c, made, found.steps, body.departures);
    const productOf = (step: Step) => productFor(step, c.shelf);
    return { ...told, section: sectionOf(c, told.steps, productOf, new Set()) };
  }

  /** Every rule on which good firms part here, with each school's whole system. */
  @Answers(schoolsPage)
  @Get('schools')
  async schools(@Sender() who: Who, @Param('id') id: string): Promise<unknown> {
    const { records, surface } = await this.read(who, id);
    const { c, made } = caseIn(records, surface);
    return {
      surface: { id: surface.id, name: surface.name, houseRules: surface.houseRules, version: surface.version },
      job: { id: records.job.id, title: records.job.title },
      currency: records.firm.currency,
      rules: [...schoolsSideBySide(c, made)].map(([rule, ways]) => ({ rule, ways })),
    };
  }

  /** The way back from a fault; nothing is written. */
  @ForHands()
  @Answers(rescueAnswer)
  @Post('way-back')
  @HttpCode(200)
  async wayBack(@Sender() who: Who, @Param('id') id: string, @Body() body: RescueAsked): Promise<Rescue> {
    const { records, surface } = await this.read(who, id);
    return this.rescue(records, surface, body);
  }

  /** Writes a way back into the ledger, with its steps as they were computed. */
  @ForHands()
  @Answers(rescueAnswer)
  @Post('ways-back')
  async writeWayBack(@Sender() who: Who, @Param('id') id: string, @Body() body: RescueBody): Promise<unknown> {
    return this.writes.run(who, async (scope) => {
      const surface = await scope.one(SurfaceEntity, id, 'surface');
      await this.ledger.hold(scope, surface.jobId);
      const records = await readJob(scope, surface.jobId);
      const { price, ...way } = this.rescue(records, surface, body);
      await scope.add(TroubleEntity, {
        id: body.id,
        jobId: surface.jobId,
        surfaceId: id,
        stepId: standingOf(records, surface, who.now).last?.plan.id ?? '',
        fault: body.fault,
        note: body.note ?? '',
        photoId: body.photoId ?? null,
        rescue: { price, ...way },
        byName: who.name,
        at: who.now,
      });
      await this.holdNext(scope, records, surface, body);
      await this.ledger.append(scope, {
        jobId: surface.jobId,
        kind: 'way-back-written',
        subject: id,
        at: who.now,
        payload: { fault: body.fault, wet: body.wet, note: body.note ?? '', ...way, cost: price.cost },
      });
      return { ...way, price };
    });
  }

  /** What comes next on the surface waits until this is put right. */
  private async holdNext(scope: FirmScope, records: JobRecords, surface: SurfaceEntity, body: RescueBody) {
    const { next } = standingOf(records, surface, scope.who.now);
    const stepId = next?.plan.id;
    if (!stepId || records.holds.some((h) => h.surfaceId === surface.id && h.stepId === stepId)) return;
    const reason = `${FAULT_LABELS[body.fault]}${body.note?.trim() ? `: ${body.note.trim()}` : ''}`.slice(0, 400);
    await this.holds.write(scope, surface, 'looks-wrong', { id: uuid(), stepId, until: null, reason });
  }

  private rescue(records: JobRecords, surface: SurfaceEntity, { fault, wet }: RescueAsked): Rescue {
    const logged = records.work.filter((w) => w.surfaceId === surface.id && w.productId !== null);
    const laid = logged.flatMap((w): Family[] => {
      const product = productById(records.shelf, w.productId);
      return product ? [product.family] : [];
    });
    const { c, made } = caseIn(records, surface);
    // Nothing logged here: what the system would have laid first is taken to be on.
    const first = made.steps.find((s) => s.coats && s.family)?.family;
    return rescueFrom(c, { fault, wet, laid: laid.length || !first ? laid : [first] });
  }

  private async read(who: Who, surfaceId: string): Promise<{ records: JobRecords; surface: SurfaceEntity }> {
    const scope = this.writes.reading(who);
    const surface = await scope.one(SurfaceEntity, surfaceId, 'surface');
    return { surface, records: await readJob(scope, surface.jobId) };
  }
}
