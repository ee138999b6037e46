import { Body, Controller, Get, Injectable, Param, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { colourWords, shoppingList } from '@rustic/core';
import { v7 as uuid } from 'uuid';
import { ShoppingTickEntity } from '../record/documentEntities.ts';
import { JobEntity } from '../record/jobEntities.ts';
import type { Who } from '../record/firmScope.ts';
import { TickBody } from '../documents/documents.dto.ts';
import { buyingOf } from '../reading/letterhead.ts';
import { readJob } from '../reading/jobRecords.ts';
import { Sender } from '../people/session.ts';
import { ForHands } from '../people/roles.ts';
import { pricedJob } from '../reading/pricedJob.ts';
import { Writes } from '../record/writes.service.ts';
import { Answers } from '../answers/answer.ts';
import { shoppingPage, tickAnswer } from '../answers/firm.ts';

/** What is to be bought for a job, and what of it was had. */
@Injectable()
export class Shopping {
  constructor(private readonly writes: Writes) {}

  async list(who: Who, jobId: string) {
    const scope = this.writes.reading(who);
    const [records, ticks] = [await readJob(scope, jobId), await scope.find(ShoppingTickEntity, { jobId })];
    const { price } = await pricedJob(scope, records);
    const had = new Map(ticks.map((t) => [t.item, t]));
    return {
      job: { id: jobId, title: records.job.title },
      currency: records.firm.currency,
      items: shoppingList(price.products, price.sundries, buyingOf(records)).map((item) => ({
        ...item,
        had: had.get(item.key)?.had ?? 0,
        by: had.get(item.key)?.byName ?? null,
      })),
      fromVan: price.products.flatMap(({ product, colour, plan }) =>
        plan.fromVan.map(({ batch, litres }) => ({
          name: product.name,
          maker: product.maker,
          colour: colourWords(colour, records.job.colours),
          batch,
          litres,
        })),
      ),
    };
  }

  async tick(who: Who, jobId: string, { item, had }: TickBody) {
    return this.writes.run(who, async (scope) => {
      await scope.one(JobEntity, jobId, 'job');
      const row = { jobId, firmId: who.firmId, item, had, byName: who.name, at: who.now };
      await scope.manager.upsert(ShoppingTickEntity, { id: uuid(), ...row }, ['firmId', 'jobId', 'item']);
      return { item, had };
    });
  }
}

@ApiTags('price')
@Controller('api/jobs/:jobId/shopping')
export class ShoppingController {
  constructor(private readonly shopping: Shopping) {}

  @Answers('shopping', shoppingPage) @Get() list(@Sender() who: Who, @Param('jobId') id: string) {
    return this.shopping.list(who, id);
  }
  @ForHands() @Answers('tick', tickAnswer) @Put('ticks') tick(
    @Sender() who: Who,
    @Param('jobId') id: string,
    @Body() body: TickBody,
  ) {
    return this.shopping.tick(who, id, body);
  }
}
