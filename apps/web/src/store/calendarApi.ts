import { api } from './api.ts';

/** The private calendar feed, and the busy times, of whoever is signed in. */
const calendarApi = api.injectEndpoints({
  endpoints: (build) => ({
    feed: build.query<
      { madeAt: string | null; busy: number; next: { title: string; startsAt: string; endsAt: string }[] },
      void
    >({ query: () => 'calendar', providesTags: ['Feed'] }),
    setBusy: build.mutation<{ busy: number }, { id: string; ics: string | null }>({
      query: (body) => ({ url: 'calendar/busy', method: 'POST', body }),
      invalidatesTags: ['Feed', 'Plan'],
    }),
    setFeed: build.mutation<{ open: boolean }, { id: string; token: string | null }>({
      query: (body) => ({ url: 'calendar', method: 'POST', body }),
      invalidatesTags: ['Feed'],
    }),
  }),
});

export const { useFeedQuery, useSetBusyMutation, useSetFeedMutation } = calendarApi;
