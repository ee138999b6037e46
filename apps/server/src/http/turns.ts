import { HttpException } from '@nestjs/common';
import pLimit, { type LimitFunction } from 'p-limit';

/** Heavy work that takes its turn: so much at once, so many waiting, and who comes then is told when to come again. */
export class Turns {
  private readonly limit: LimitFunction;

  /** `words` say what is waited for, with how many wait. */
  constructor(
    private readonly how: {
      atOnce: number;
      mostWaiting: number;
      againAfterS: number;
      words: (waiting: number) => string;
    },
  ) {
    this.limit = pLimit(how.atOnce);
  }

  async take<T>(work: () => Promise<T>): Promise<T> {
    const { mostWaiting, againAfterS, words } = this.how;
    const waiting = this.limit.pendingCount;
    if (waiting >= mostWaiting)
      throw new HttpException(
        {
          code: 'too-often',
          message: `${words(waiting)} Nothing was written. Try again in ${againAfterS} seconds.`,
          retryAfterS: againAfterS,
        },
        429,
      );
    return this.limit(work);
  }
}
