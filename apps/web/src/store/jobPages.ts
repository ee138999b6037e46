import { endpoints, type JobBrief } from './endpoints.ts';

/** So many jobs are asked for at a time. */
export const JOBS_AT_A_TIME = 50;

/** The list of jobs, a part at a time: its argument are the words that are looked for, each part begins after a job. */
const pages = endpoints.injectEndpoints({
  endpoints: (build) => ({
    jobPages: build.infiniteQuery<JobBrief[], string, string | null>({
      infiniteQueryOptions: {
        initialPageParam: null,
        getNextPageParam: (last) => (last.length < JOBS_AT_A_TIME ? undefined : last.at(-1)!.id),
      },
      query: ({ queryArg: words, pageParam: after }) => ({
        url: '/api/jobs',
        params: { most: JOBS_AT_A_TIME, ...(words ? { words } : {}), ...(after ? { after } : {}) },
      }),
      providesTags: ['Jobs'],
    }),
  }),
});
export const { useJobPagesInfiniteQuery } = pages;
