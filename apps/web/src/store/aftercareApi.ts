import type {
  AftercareItem,
  CallBackRate,
  Family,
  Fault,
  Held,
  MapPlace,
  Paper,
  Preparation,
  VisitCall,
} from '@rustic/core';
import { api } from './api.ts';

/** Something that wants a visit: to look at again, a follow-up of a coat, or a fault to be mended. */
export interface Call {
  jobId: string;
  what: VisitCall['what'];
  /** What it is about: the surface, decision, test, trial, follow-up or fault. */
  subject: string;
  surfaceId: string | null;
  name: string;
  code: string;
  words: string;
  why: string;
  at: string;
  by: string;
  minutes: number;
  /** The fixed visit that it is in. */
  visitId: string | null;
}
export interface CareUse {
  jobId: string;
  surfaceId: string;
  name: string;
  code: string;
  words: string;
  why: string;
  at: string;
}
export type Repaint = AftercareItem & { jobId: string; surfaceId: string; name: string };
export interface CareJob {
  id: string;
  title: string;
  place: string;
  client: string;
  version: number;
  mapPlace: MapPlace | null;
}
export interface FixedVisit {
  id: string;
  jobId: string;
  onDay: string;
  fromTime: string;
  minutes: number;
  calls: VisitCall[];
  personId: string | null;
  roundId: string | null;
}
export interface AftercarePage {
  now: string;
  zone: string;
  jobs: CareJob[];
  /** Who paints; `days` are ISO weekdays. */
  people: { id: string; name: string; initials: string; days: number[] }[];
  calls: Call[];
  uses: CareUse[];
  repaints: Repaint[];
  visits: FixedVisit[];
}
export interface CallBack {
  jobId: string;
  jobTitle: string;
  surfaceId: string;
  name: string;
  fault: Fault;
  at: string;
  years: number;
  primer: Family | null;
  finish: Family | null;
  preparation: Preparation;
  weather: { temperatureC: number | null; relativeHumidityPct: number | null };
  hand: string;
  schools: string[];
}
export interface HeldPage {
  films: number;
  years: number;
  systems: CallBackRate<{ primer: Family | null; finish: Family }>[];
  preparations: CallBackRate<Preparation>[];
  limits: CallBackRate<boolean>[];
  callBacks: CallBack[];
  counts: (Held & { films: number; by: string; at: string }) | null;
}
export type VisitSent = Omit<FixedVisit, 'personId' | 'roundId'>;

const MOVED = ['Aftercare', 'Punch', 'Today', 'Plan', 'Ledger'] as const;

const aftercareApi = api.injectEndpoints({
  endpoints: (build) => ({
    aftercare: build.query<AftercarePage, void>({ query: () => 'aftercare', providesTags: ['Aftercare'] }),
    held: build.query<HeldPage, void>({ query: () => 'aftercare/held', providesTags: ['Aftercare'] }),
    letHeldCount: build.mutation<unknown, { id: string; counts: boolean }>({
      query: (body) => ({ url: 'aftercare/held', method: 'POST', body }),
      invalidatesTags: ['Aftercare', 'Surface', 'Job'],
    }),
    fixVisits: build.mutation<unknown, { id: string; visits: VisitSent[]; personId?: string | null; round?: boolean }>({
      query: (body) => ({ url: 'aftercare/visits', method: 'POST', body }),
      invalidatesTags: [...MOVED],
    }),
    endVisit: build.mutation<
      unknown,
      { visitId: string; id: string; kind: 'made' | 'called-off'; note: string; at: string }
    >({
      query: ({ visitId, ...body }) => ({ url: `visits/${visitId}/acts`, method: 'POST', body, keeps: 'A visit' }),
      invalidatesTags: [...MOVED],
    }),
    lookAgain: build.mutation<
      unknown,
      { jobId: string; id: string; subject: string; code: string; holds: boolean; note: string; at: string }
    >({
      query: ({ jobId, ...body }) => ({
        url: `jobs/${jobId}/looks`,
        method: 'POST',
        body,
        keeps: 'Something looked at again',
      }),
      invalidatesTags: [...MOVED],
    }),
    roundLetters: build.query<Paper[], string>({ query: (roundId) => `aftercare/rounds/${roundId}/letters` }),
  }),
});
export const {
  useAftercareQuery,
  useHeldQuery,
  useLetHeldCountMutation,
  useFixVisitsMutation,
  useEndVisitMutation,
  useLookAgainMutation,
  useRoundLettersQuery,
} = aftercareApi;
