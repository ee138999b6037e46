import { api } from './api.ts';

/** The private calendar feed of whoever is signed in. */
const calendarApi = api.injectEndpoints({
  endpoints: (build) => ({
    feed: build.query<{ madeAt: string | null }, void>({ query: () => 'calendar', providesTags: ['Feed'] }),
    setFeed: build.mutation<{ open: boolean }, { id: string; token: string | null }>({
      query: (body) => ({ url: 'calendar', method: 'POST', body }),
      invalidatesTags: ['Feed'],
    }),
  }),
});

export const { useFeedQuery, useSetFeedMutation } = calendarApi;
