import { Injectable } from '@nestjs/common';
import type { z } from 'zod';
import { withoutSums } from '../answers/answer.ts';
import { packed, type Packed } from '../http/packed.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { firmMark, type FirmMark } from './marks.ts';
import { onceFor, Remembered } from './remembered.ts';

const MINUTE_MS = 60_000;

/** What is asked of a firm as a whole, and how it is told. */
interface Asked<S extends z.ZodType> {
  /** What is asked, with all that the answer goes by. */
  name: string;
  schema: S;
  /** Whether it is told with its sums. */
  prices: boolean;
}

/** Answers about a firm as a whole, made and packed once for everybody who asks: good while nothing moves, for a minute at most. */
@Injectable()
export class FirmAnswers {
  private readonly known = new Remembered<Promise<Packed>>();

  async of<S extends z.ZodType>(
    scope: FirmScope,
    { name, schema, prices }: Asked<S>,
    make: (mark: FirmMark) => Promise<z.input<S>>,
  ): Promise<Packed> {
    const { firmId, now } = scope.who;
    const mark = await firmMark(scope);
    const minute = Math.floor(now.getTime() / MINUTE_MS);
    const told = prices ? schema : withoutSums(schema);
    return onceFor(this.known, `${firmId} ${prices} ${name}`, `${mark.whole}|${minute}`, async () =>
      packed(JSON.stringify(told.parse(await make(mark)))),
    );
  }
}
