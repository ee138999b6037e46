import type { Departure, Fault, HouseRules, PriceSettings, Rescue, Terms, Weights } from '@rustic/core';
import { api } from './api.ts';
import type { RuleEffect, RuleLevel, SchoolsPage, SurfacePage, WhatIfAnswer } from '../wire/systemTypes.ts';
import type { Session } from '../wire/types.ts';

const ALL = ['Session', 'Surface', 'Job', 'Plan', 'Today', 'Ledger', 'Shelf'] as const;

/** Systems: what stands on a surface, what is asked of it, and the rules it is made by. */
const systemsApi = api.injectEndpoints({
  endpoints: (build) => ({
    /** A surface by what the record had at the end of a day (YYYY-MM-DD). */
    asItStood: build.query<SurfacePage, { surfaceId: string; day: string }>({
      query: ({ surfaceId, day }) => `surfaces/${surfaceId}/as-it-stood?day=${day}`,
    }),
    surface: build.query<SurfacePage, string>({ query: (id) => `surfaces/${id}`, providesTags: ['Surface'] }),
    chooseSystem: build.mutation<
      unknown,
      {
        surfaceId: string;
        id: string;
        key: string;
        override?: { departures: Departure[]; reason: string; signedAs: string };
      }
    >({
      query: ({ surfaceId, ...body }) => ({ url: `surfaces/${surfaceId}/choices`, method: 'POST', body }),
      invalidatesTags: ['Surface', 'Job', 'Plan', 'Today', 'Ledger', 'Shelf'],
    }),
    whatIf: build.query<WhatIfAnswer, { surfaceId: string; key: string; departures: Departure[] }>({
      query: ({ surfaceId, ...body }) => ({ url: `surfaces/${surfaceId}/what-if`, method: 'POST', body }),
      providesTags: ['Surface'],
    }),
    schools: build.query<SchoolsPage, string>({
      query: (surfaceId) => `surfaces/${surfaceId}/schools`,
      providesTags: ['Surface'],
    }),
    wayBack: build.query<Rescue, { surfaceId: string; fault: Fault; wet: boolean }>({
      query: ({ surfaceId, ...body }) => ({ url: `surfaces/${surfaceId}/way-back`, method: 'POST', body }),
      providesTags: ['Surface'],
    }),
    writeWayBack: build.mutation<unknown, { surfaceId: string; id: string; fault: Fault; wet: boolean; note?: string }>(
      {
        query: ({ surfaceId, ...body }) => ({
          url: `surfaces/${surfaceId}/ways-back`,
          keeps: 'Something that looks wrong',
          method: 'POST',
          body,
        }),
        invalidatesTags: ['Ledger'],
      },
    ),
    rulesPreview: build.query<
      { surfaces: RuleEffect[]; looked: number },
      { level: RuleLevel; subject?: string; houseRules: Partial<HouseRules> }
    >({ query: (body) => ({ url: 'rules/preview', method: 'POST', body }), providesTags: ['Surface'] }),
    changeRules: build.mutation<
      unknown,
      {
        level: RuleLevel;
        subject?: string;
        id: string;
        version: number;
        houseRules: Partial<HouseRules>;
        note?: string;
      }
    >({
      query: ({ level, subject, ...body }) => ({
        url: level === 'firm' ? 'firm' : `${level}s/${subject}/rules`,
        method: 'PATCH',
        body,
      }),
      invalidatesTags: [...ALL],
    }),
    /** The firm's own words, and what matters to it. */
    changeFirm: build.mutation<
      Session['firm'],
      {
        id: string;
        version: number;
        terms?: Partial<Terms>;
        weights?: Partial<Weights>;
        pricing?: Partial<PriceSettings>;
      }
    >({
      query: (body) => ({ url: 'firm', method: 'PATCH', body }),
      invalidatesTags: [...ALL],
    }),
  }),
});

export const {
  useAsItStoodQuery,
  useSurfaceQuery,
  useChooseSystemMutation,
  useWhatIfQuery,
  useSchoolsQuery,
  useWayBackQuery,
  useWriteWayBackMutation,
  useRulesPreviewQuery,
  useChangeRulesMutation,
  useChangeFirmMutation,
} = systemsApi;
