import type { ProductGiven, ShelfFormat } from '@rustic/core';
import { api } from './api.ts';
import type { Coming, KeptProduct, ProductNote, ShelfLook } from '../wire/shelfTypes.ts';

const MOVES = ['Shelf', 'Surface', 'Job', 'Plan', 'Today', 'Ledger'] as const;

/** The firm's shelf: sheets, tins, notes and files. */
const shelfApi = api.injectEndpoints({
  endpoints: (build) => ({
    shelf: build.query<KeptProduct[], void>({ query: () => 'shelf', providesTags: ['Shelf'] }),
    coming: build.query<Coming, void>({ query: () => 'shelf/coming', providesTags: ['Shelf'] }),
    lookAtFile: build.mutation<ShelfLook, { format: ShelfFormat; text: string }>({
      query: (body) => ({ url: 'shelf/preview', method: 'POST', body }),
    }),
    takeIn: build.mutation<
      { added: number; changed: number; same: number; leftOut: number },
      { id: string; format: ShelfFormat; text: string; seen: string }
    >({ query: (body) => ({ url: 'shelf/import', method: 'POST', body }), invalidatesTags: [...MOVES] }),
    writeProduct: build.mutation<
      unknown,
      { productId: string; id: string; version: number | null; sheet: ProductGiven; kept: boolean }
    >({
      query: ({ productId, ...body }) => ({ url: `shelf/products/${productId}`, method: 'PUT', body }),
      invalidatesTags: [...MOVES],
    }),
    addTin: build.mutation<
      unknown,
      { id: string; productId: string; batch: string; openedAt: string | null; litres: number; colour: string | null }
    >({ query: (body) => ({ url: 'shelf/tins', method: 'POST', body }), invalidatesTags: [...MOVES] }),
    changeTin: build.mutation<
      unknown,
      { tinId: string; id: string; version: number; litres: number; openedAt?: string }
    >({
      query: ({ tinId, ...body }) => ({ url: `shelf/tins/${tinId}`, method: 'PATCH', body }),
      invalidatesTags: [...MOVES],
    }),
    addNote: build.mutation<
      unknown,
      { productId: string; id: string } & Pick<ProductNote, 'kind' | 'text'> &
        Partial<Pick<ProductNote, 'standing' | 'trialId' | 'jobId' | 'about'>>
    >({
      query: ({ productId, ...body }) => ({ url: `shelf/products/${productId}/notes`, method: 'POST', body }),
      invalidatesTags: ['Shelf'],
    }),
  }),
});

export const {
  useShelfQuery,
  useComingQuery,
  useLookAtFileMutation,
  useTakeInMutation,
  useWriteProductMutation,
  useAddTinMutation,
  useChangeTinMutation,
  useAddNoteMutation,
} = shelfApi;
