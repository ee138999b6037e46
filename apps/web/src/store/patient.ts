import type { fetchBaseQuery } from '@reduxjs/toolkit/query/react';

type Ask = ReturnType<typeof fetchBaseQuery>;

const TOO_MANY = 429;
const TIMES = 3;
const USUAL_S = 2;
const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Asks again by itself where a page is told to come later: as often as anybody would, and no sooner than it is told. */
export const patient =
  (ask: Ask, wait = pause): Ask =>
  async (args, told, extra) => {
    for (let tried = 1; ; tried++) {
      const answer = await ask(args, told, extra);
      if (told.type !== 'query' || answer.error?.status !== TOO_MANY || tried > TIMES) return answer;
      const again = Number(answer.meta?.response?.headers.get('retry-after') ?? USUAL_S);
      await wait(1000 * again * (1 + Math.random() / 2));
    }
  };
