import { Body, Controller, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import {
  onFromFirst,
  PRIMER_FAMILIES,
  rescueFrom,
  secondCoats,
  TROUBLE_LABELS,
  type Family,
  type Rescue,
} from '@rustic/core';
import { v7 as uuid } from 'uuid';
import { ForHands } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import { productById } from '../reading/firmShelf.ts';
import { caseIn, standingOf, systemOf } from '../reading/houseReading.ts';
import { readJob, type JobRecords } from '../reading/jobRecords.ts';
import { standingSurface } from '../record/takenOut.ts';
import type { FirmScope, Who } from '../record/firmScope.ts';
import { SurfaceEntity } from '../record/jobEntities.ts';
import { Ledger } from '../record/ledger.service.ts';
import { TroubleEntity } from '../record/siteEntities.ts';
import { Writes } from '../record/writes.service.ts';
import { Holds } from './holds.ts';
import { RescueAsked, RescueBody } from './work.dto.ts';
import { Answers } from '../answers/answer.ts';
import { rescueAnswer } from '../answers/site.ts';

const HOUR_MS = 3_600_000;

/** The coats that were logged on a surface: which kinds, and the last of them. */
function laidOn(records: JobRecords, surface: SurfaceEntity) {
  const logged = records.work.filter((w) => w.surfaceId === surface.id && w.productId !== null);
  const products = logged.map((w) => productById(records.shelf, w.productId));
  return {
    families: products.flatMap((p): Family[] => (p ? [p.family] : [])),
    last: products.at(-1) ?? null,
    laidAt: logged.at(-1)?.endedAt ?? null,
  };
}
type Laid = ReturnType<typeof laidOn>;

/** The ways on where it is a first coat of primer that shows through; none where a finish was laid already. */
function secondsOn(records: JobRecords, surface: SurfaceEntity, on: Laid, { fault, family }: RescueAsked) {
  const laid = on.laidAt ? on.last?.family : family;
  if (fault !== 'shows-through' || (laid && !(PRIMER_FAMILIES as readonly Family[]).includes(laid))) return [];
  const { c, steps } = systemOf(records, surface);
  return secondCoats(c, steps);
}

/** What looks wrong: the way back from it, and what waits until it is put right. */
@ApiTags('on site')
@Controller('api/surfaces/:surfaceId')
export class WaysBackController {
  constructor(
    private readonly writes: Writes,
    private readonly ledger: Ledger,
    private readonly holds: Holds,
  ) {}

  /** The way back from a fault; nothing is written. */
  @ForHands()
  @Answers('wayBack', rescueAnswer)
  @Post('way-back')
  @HttpCode(200)
  async wayBack(@Sender() who: Who, @Param('surfaceId') id: string, @Body() body: RescueAsked) {
    const { records, surface } = await this.read(who, id);
    return this.rescue(records, surface, body, who.now);
  }

  /** Writes a way back into the ledger, with its steps as they were computed. */
  @ForHands()
  @Answers('writeWayBack', rescueAnswer)
  @Post('ways-back')
  async writeWayBack(@Sender() who: Who, @Param('surfaceId') id: string, @Body() body: RescueBody) {
    return this.writes.run(who, async (scope) => {
      const surface = await standingSurface(scope, id);
      await this.ledger.hold(scope, surface.jobId);
      const records = await readJob(scope, surface.jobId);
      const {
        laidAt,
        product,
        ways: _ways,
        seconds: _seconds,
        ...rescue
      } = this.rescue(records, surface, body, who.now);
      const { price, ...way } = rescue;
      await scope.add(TroubleEntity, {
        id: body.id,
        jobId: surface.jobId,
        surfaceId: id,
        stepId: standingOf(records, surface, who.now).last?.plan.id ?? '',
        fault: body.fault,
        note: body.note ?? '',
        photoId: body.photoId ?? null,
        rescue,
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
      return { ...rescue, ways: [], seconds: [], laidAt, product };
    });
  }

  /** What comes next on the surface waits until this is put right. */
  private async holdNext(scope: FirmScope, records: JobRecords, surface: SurfaceEntity, body: RescueBody) {
    const { next } = standingOf(records, surface, scope.who.now);
    const stepId = next?.plan.id;
    if (!stepId || records.holds.some((h) => h.surfaceId === surface.id && h.stepId === stepId)) return;
    const reason = `${TROUBLE_LABELS[body.fault]}${body.note?.trim() ? `: ${body.note.trim()}` : ''}`.slice(0, 400);
    await this.holds.write(scope, surface, 'looks-wrong', { id: uuid(), stepId, until: null, reason });
  }

  /** The way back, what it rests on of what was logged, and the ways on where it is a first coat. */
  private rescue(records: JobRecords, surface: SurfaceEntity, body: RescueAsked, now: Date) {
    const on = laidOn(records, surface);
    const { c, made } = caseIn(records, surface);
    const seconds = secondsOn(records, surface, on, body);
    const second = seconds.find((one) => one.code === body.second);
    // Nothing logged here: what the system would have laid first is taken to be on.
    const first = body.family ?? made.steps.find((s) => s.coats && s.family)?.family;
    const age = on.laidAt ? Math.max(0, (now.getTime() - on.laidAt.getTime()) / HOUR_MS) : body.ageHours;
    const rescue: Rescue = second
      ? { ...onFromFirst(c, second), ways: [] }
      : rescueFrom(c, {
          fault: body.fault,
          wet: body.wet,
          laid: on.families.length || !first ? on.families : [first],
          ...(age === undefined ? {} : { ageHours: age }),
        });
    return { ...rescue, seconds, laidAt: on.laidAt, product: on.last?.name ?? null };
  }

  private async read(who: Who, surfaceId: string): Promise<{ records: JobRecords; surface: SurfaceEntity }> {
    const scope = this.writes.reading(who);
    const surface = await standingSurface(scope, surfaceId);
    return { surface, records: await readJob(scope, surface.jobId) };
  }
}
