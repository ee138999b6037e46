import { Injectable } from '@nestjs/common';
import type { z } from 'zod';
import { withoutSums } from '../answers/answer.ts';
import { packed, type Packed } from '../http/packed.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { firmMark, minuteOf, type FirmMark } from './marks.ts';
import { onceFor, Remembered } from './remembered.ts';

/** An answer as it is told: with its sums, and to those who see none. */
export interface Telling {
  whole: () => string;
  unpriced: () => string;
}

/** An answer told as it is declared. */
export const tellingOf = <S extends z.ZodType>(schema: S, answer: z.input<S>): Telling => ({
  whole: () => JSON.stringify(schema.parse(answer)),
  unpriced: () => JSON.stringify(withoutSums(schema).parse(answer)),
});

/** What is asked of a firm as a whole: with all that the answer goes by, and whether it is told with its sums. */
interface Asked {
  name: string;
  prices: boolean;
}

/** Answers about a firm as a whole, made once and packed once for all who are told alike: good while nothing moves, for a minute at most. */
@Injectable()
export class FirmAnswers {
  private readonly known = new Remembered<Promise<Record<keyof Telling, () => Promise<Packed>>>>();

  async of(scope: FirmScope, { name, prices }: Asked, make: (mark: FirmMark) => Promise<Telling>): Promise<Packed> {
    const mark = await firmMark(scope);
    const goodFor = `${mark.whole}|${minuteOf(scope.who)}`;
    const told = await onceFor(this.known, `${scope.who.firmId} ${name}`, goodFor, async () => {
      const { whole, unpriced } = await make(mark);
      return { whole: once(() => packed(whole())), unpriced: once(() => packed(unpriced())) };
    });
    return prices ? told.whole() : told.unpriced();
  }
}

/** Made by whoever asks first. */
function once<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}
