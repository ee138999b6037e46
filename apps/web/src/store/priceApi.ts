import type { FanInput, Paper } from '@rustic/core';
import { api } from './api.ts';
import type { Agreed, ClientView, PricePage, ShoppingPage } from '../wire/priceTypes.ts';
import type { Job } from '../wire/types.ts';

export const PAPERS = ['quote', 'job-pack', 'run-sheet', 'shopping', 'labels', 'care-sheet', 'visit-letter'] as const;
export type PaperKind = (typeof PAPERS)[number];

/** Price, papers, shopping, and what a client sees. */
const priceApi = api.injectEndpoints({
  endpoints: (build) => ({
    price: build.query<PricePage, string>({
      query: (id) => `jobs/${id}/price`,
      providesTags: ['Job', 'Surface', 'Shelf'],
    }),
    fan: build.query<FanInput, string>({
      query: (id) => `jobs/${id}/price/fan`,
      providesTags: ['Job', 'Surface', 'Shelf'],
    }),
    sendQuote: build.mutation<
      { id: string; number: number; version: number; linked: boolean },
      { jobId: string; id: string; seen: string; token: string }
    >({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/quotes`, method: 'POST', body }),
      invalidatesTags: ['Job', 'Ledger'],
    }),
    setLink: build.mutation<{ linked: boolean }, { jobId: string; id: string; token: string | null }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/client-link`, method: 'POST', body }),
      invalidatesTags: ['Job', 'Ledger'],
    }),
    putOffers: build.mutation<unknown, { jobId: string; id: string } & Pick<Job, 'version' | 'offers'>>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/offers`, method: 'PUT', body }),
      invalidatesTags: ['Job', 'Surface', 'Ledger'],
    }),
    paper: build.query<Paper, { jobId: string; kind: PaperKind }>({
      query: ({ jobId, kind }) => `jobs/${jobId}/papers/${kind}`,
      providesTags: ['Job', 'Surface', 'Plan', 'Shelf'],
    }),
    sentPaper: build.query<Paper, string>({ query: (id) => `documents/${id}/paper`, providesTags: ['Job'] }),
    shopping: build.query<ShoppingPage, string>({
      query: (id) => `jobs/${id}/shopping`,
      providesTags: ['Job', 'Surface', 'Shelf'],
    }),
    tick: build.mutation<unknown, { jobId: string; id: string; item: string; had: number }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/shopping/ticks`, method: 'PUT', body }),
      // The tick stands on the page at once; where it is refused the page says so and takes it back.
      async onQueryStarted({ jobId, item, had }, { dispatch, queryFulfilled }) {
        const shown = dispatch(
          priceApi.util.updateQueryData('shopping', jobId, (page) => {
            const found = page.items.find((i) => i.key === item);
            if (found) found.had = had;
          }),
        );
        await queryFulfilled.catch(() => shown.undo());
      },
    }),
    client: build.query<ClientView, string>({ query: (token) => `client/${token}`, providesTags: ['Client'] }),
    agree: build.mutation<Agreed, { token: string; id: string; documentId: string; name: string; options: string[] }>({
      query: ({ token, ...body }) => ({ url: `client/${token}/agreement`, method: 'POST', body }),
      invalidatesTags: (_agreed, refused) => (refused ? [] : ['Client']),
    }),
  }),
});

export const {
  usePriceQuery,
  useFanQuery,
  useSendQuoteMutation,
  useSetLinkMutation,
  usePutOffersMutation,
  usePaperQuery,
  useSentPaperQuery,
  useShoppingQuery,
  useTickMutation,
  useClientQuery,
  useAgreeMutation,
} = priceApi;

/** Thirty-two random bytes as a link carries them. */
export function newToken(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(32));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
}
