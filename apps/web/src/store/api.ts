import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { heardClock } from '../clock/clock.ts';
import { keeping } from '../outbox/keepingBaseQuery.ts';
import { heard, shownFromKept } from '../outbox/signal.ts';
import { patient } from './patient.ts';
import { TAGS } from './tags.ts';

const plainBaseQuery = patient(fetchBaseQuery({ baseUrl: '' }));
/** Said by the service worker of an answer that it had kept. */
const KEPT_AT = 'x-kept-at';

/** Tells the pages when what they show is of an earlier hour. */
const tellingBaseQuery: typeof plainBaseQuery = async (args, told, extra) => {
  const answer = await plainBaseQuery(args, told, extra);
  const response = answer.meta?.response;
  const keptAt = response?.headers.get(KEPT_AT);
  if (keptAt) told.dispatch(shownFromKept(keptAt));
  else if (response) {
    heardClock(response.headers.get('date'));
    told.dispatch(heard());
  }
  return answer;
};

/** What is asked of the server; `endpoints.ts` says what that is, `fetchedAnew.ts` when it is asked again. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: keeping(tellingBaseQuery),
  tagTypes: TAGS,
  endpoints: () => ({}),
});
