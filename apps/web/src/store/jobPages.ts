import { endpoints, type JobBrief } from './endpoints.ts';

/** So many jobs the server sends at a time where nobody says how many: fewer are the last. */
const AT_A_TIME = 50;

const LIST = '/api/jobs';

/** The list of jobs, a part at a time: its argument are the words that are looked for, each part begins after a job. */
const pages = endpoints.injectEndpoints({
  endpoints: (build) => ({
    jobPages: build.infiniteQuery<JobBrief[], string, string | null>({
      infiniteQueryOptions: {
        initialPageParam: null,
        getNextPageParam: (last) => (last.length < AT_A_TIME ? undefined : last.at(-1)!.id),
      },
      // Asked for nothing in particular it is the very address that a device without a signal has kept.
      query: ({ queryArg: words, pageParam: after }) =>
        words || after ? { url: LIST, params: { ...(words ? { words } : {}), ...(after ? { after } : {}) } } : LIST,
      providesTags: ['Jobs'],
    }),
  }),
});
export const { useJobPagesInfiniteQuery } = pages;
