import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { heardClock } from '../clock/clock.ts';
import { keeping, type Unsent } from '../outbox/keepingBaseQuery.ts';
import { heard, shownFromKept } from '../outbox/signal.ts';
import { v7 as uuid } from 'uuid';
import type { Condition, Method, SketchPlace, TestRecord, TrialDesign } from '@rustic/core';
import type {
  ChainCheck,
  Entry,
  Finding,
  SearchHits,
  Job,
  JobBrief,
  PatchSurface,
  Photo,
  PlanPage,
  Refusal,
  Room,
  Session,
  Surface,
  TodayPage,
  Trial,
  TrialBrief,
  WholeJob,
} from '../wire/types.ts';

/** A surface as it is first written. */
export type NewSurface = Pick<Surface, 'id' | 'roomId' | 'name' | 'campaign' | 'facts' | 'wanted'> &
  Partial<Pick<Surface, 'measure' | 'access'>>;
export type NewRoom = Pick<Room, 'id' | 'name'> & Partial<Pick<Room, 'kind' | 'facing' | 'sketch'>>;

/** A fresh id for a write, made here so that sending it twice does it once. */
export const newId = () => uuid();

/** What a log says at once. */
export interface Logged {
  warnings: string[];
  opensAt: number | null;
  /** Minutes that air and film add to the label's wait. */
  addedMin: number;
}

export interface WorkSent {
  id: string;
  surfaceId: string;
  stepId: string;
  startedAt: string;
  endedAt: string;
  productId?: string;
  batch?: string;
  temperatureC?: number;
  relativeHumidityPct?: number;
  wetFilmUm?: number;
  litres?: number;
  method?: Method;
  surfaceC?: number;
  helper?: string;
  note?: string;
  instead?: string;
  corrects?: string;
  withdrawn?: boolean;
}

const plainBaseQuery = fetchBaseQuery({ baseUrl: '/api' });
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

/** Who is signed in, by what the session's query has. */
function signedInIn(state: unknown): { id: string; name: string } | null {
  return api.endpoints.session.select()(state as never).data?.person ?? null;
}

export const api = createApi({
  reducerPath: 'api',
  baseQuery: keeping(tellingBaseQuery, signedInIn),
  tagTypes: [
    'Session',
    'Job',
    'Surface',
    'Plan',
    'Today',
    'Aftercare',
    'Punch',
    'Ledger',
    'Trial',
    'Shelf',
    'Client',
    'Feed',
    'People',
  ],
  endpoints: (build) => ({
    session: build.query<Session, void>({ query: () => 'session', providesTags: ['Session'] }),
    signIn: build.mutation<Session, { email: string; password: string }>({
      query: (body) => ({ url: 'session', method: 'POST', body }),
      // Refused, nothing is fetched again: what was typed stays.
      invalidatesTags: (_session, refused) => (refused ? [] : ['Session']),
    }),
    signOut: build.mutation<void, void>({ query: () => ({ url: 'session', method: 'DELETE' }) }),
    jobs: build.query<JobBrief[], void>({ query: () => 'jobs', providesTags: ['Job'] }),
    job: build.query<WholeJob, string>({ query: (id) => `jobs/${id}`, providesTags: ['Job'] }),
    addJob: build.mutation<Job, Pick<Job, 'id' | 'title' | 'place' | 'builtYear' | 'startsAt'>>({
      query: (body) => ({ url: 'jobs', method: 'POST', body }),
      invalidatesTags: ['Job'],
    }),
    addWholeRoom: build.mutation<unknown, { jobId: string; id: string; room: NewRoom; surfaces: NewSurface[] }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/whole-rooms`, method: 'POST', body }),
      invalidatesTags: ['Job', 'Plan', 'Today', 'Ledger'],
    }),
    changeRoom: build.mutation<
      Room,
      { roomId: string; id: string } & Pick<Room, 'version'> & Partial<Pick<Room, 'name' | 'facing' | 'sketch'>>
    >({
      query: ({ roomId, ...body }) => ({ url: `rooms/${roomId}`, method: 'PATCH', body }),
      invalidatesTags: ['Job', 'Ledger'],
    }),
    putOrder: build.mutation<
      unknown,
      { jobId: string; id: string; rooms: string[]; surfaces: { id: string; roomId: string }[] }
    >({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/order`, method: 'PUT', body }),
      invalidatesTags: ['Job', 'Ledger'],
    }),
    setCampaign: build.mutation<
      { before: { id: string; campaign: string | null }[] },
      { jobId: string; id: string; name: string | null; surfaceIds: string[] }
    >({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/campaigns`, method: 'POST', body }),
      invalidatesTags: ['Job', 'Surface', 'Plan', 'Ledger'],
    }),
    changeJob: build.mutation<
      Job,
      { jobId: string; id: string } & Pick<Job, 'version'> & Partial<Pick<Job, 'status' | 'property' | 'client'>>
    >({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}`, method: 'PATCH', body }),
      invalidatesTags: ['Job', 'Surface', 'Plan', 'Ledger', 'Aftercare'],
    }),
    noteFinding: build.mutation<
      Finding,
      {
        surfaceId: string;
        id: string;
        at: string;
        conditions: Condition[];
        extents?: Finding['extents'];
        note?: string;
      }
    >({
      query: ({ surfaceId, ...body }) => ({
        url: `surfaces/${surfaceId}/findings`,
        keeps: 'Something found',
        method: 'POST',
        body,
      }),
      invalidatesTags: ['Surface', 'Job', 'Plan', 'Today', 'Ledger'],
    }),
    keepPhoto: build.mutation<Photo, { jobId: string; picture: Blob; told: Record<string, string> }>({
      query: ({ jobId, picture, told }) => ({
        url: `jobs/${jobId}/photos?${new URLSearchParams(told).toString()}`,
        keeps: 'A photo',
        method: 'POST',
        body: picture,
        headers: { 'content-type': 'application/octet-stream' },
      }),
      invalidatesTags: ['Job', 'Surface', 'Ledger'],
    }),
    bringJobIn: build.mutation<{ jobId: string; already: boolean }, { id: string; file: Blob }>({
      query: ({ id, file }) => ({
        url: `job-imports?id=${id}`,
        method: 'POST',
        body: file,
        headers: { 'content-type': 'application/zip' },
      }),
      invalidatesTags: ['Job', 'Surface', 'Ledger', 'Trial'],
    }),
    trials: build.query<TrialBrief[], void>({ query: () => 'trials', providesTags: ['Trial'] }),
    trial: build.query<Trial, string>({ query: (id) => `trials/${id}`, providesTags: ['Trial'] }),
    designTrial: build.mutation<
      unknown,
      { jobId: string; id: string; title: string; place: string; surfaceId: string | null; design: TrialDesign }
    >({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/trials`, method: 'POST', body }),
      invalidatesTags: ['Trial', 'Today', 'Ledger'],
    }),
    layTrial: build.mutation<unknown, { trialId: string; id: string; kind: 'primed' | 'topcoated'; at: string }>({
      query: ({ trialId, ...body }) => ({ url: `trials/${trialId}/laid`, method: 'POST', body }),
      invalidatesTags: ['Trial', 'Today', 'Ledger'],
    }),
    lookAtCell: build.mutation<
      unknown,
      {
        trialId: string;
        id: string;
        cell: string;
        part: 'cell' | 'strip';
        test: TestRecord;
        at: string;
        corrects?: string;
      }
    >({
      query: ({ trialId, ...body }) => ({ url: `trials/${trialId}/looks`, method: 'POST', body }),
      invalidatesTags: ['Trial', 'Today', 'Ledger'],
    }),
    concludeTrial: build.mutation<
      unknown,
      { trialId: string; id: string; text: string; weighs: boolean; forFirm: boolean }
    >({
      query: ({ trialId, ...body }) => ({ url: `trials/${trialId}/conclusion`, method: 'POST', body }),
      invalidatesTags: ['Trial', 'Surface', 'Job', 'Plan', 'Today', 'Ledger'],
    }),
    addSurface: build.mutation<Surface, NewSurface & { jobId: string }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/surfaces`, method: 'POST', body }),
      invalidatesTags: ['Job', 'Plan', 'Today', 'Ledger'],
    }),
    changeSurface: build.mutation<
      Surface,
      { surfaceId: string } & Pick<Surface, 'version'> &
        Partial<Pick<Surface, 'name' | 'campaign' | 'facts' | 'wanted' | 'measure' | 'exclusions' | 'access'>> & {
          id: string;
        }
    >({
      query: ({ surfaceId, ...body }) => ({ url: `surfaces/${surfaceId}`, method: 'PATCH', body }),
      invalidatesTags: ['Surface', 'Job', 'Plan', 'Today', 'Ledger'],
    }),
    recordTest: build.mutation<
      unknown,
      {
        surfaceId: string;
        id: string;
        at: string;
        test: TestRecord;
        corrects?: string;
        note?: string;
        mark?: SketchPlace | null;
      }
    >({
      query: ({ surfaceId, ...body }) => ({
        url: `surfaces/${surfaceId}/tests`,
        keeps: 'A test',
        method: 'POST',
        body,
      }),
      invalidatesTags: ['Surface', 'Job', 'Plan', 'Ledger'],
    }),
    plan: build.query<PlanPage, string>({ query: (jobId) => `jobs/${jobId}/plan`, providesTags: ['Plan'] }),
    postPlan: build.mutation<
      unknown,
      { jobId: string; id: string; drags?: { surface: string; step: string; to: string }[] }
    >({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/plan`, method: 'POST', body }),
      invalidatesTags: ['Plan', 'Job', 'Surface', 'Today', 'Ledger'],
    }),
    readAir: build.mutation<
      unknown,
      { roomId: string; id: string; temperatureC: number; relativeHumidityPct: number; at: string }
    >({
      query: ({ roomId, ...body }) => ({
        url: `rooms/${roomId}/readings`,
        keeps: 'An air reading',
        method: 'POST',
        body,
      }),
      invalidatesTags: ['Plan', 'Today', 'Surface', 'Aftercare', 'Ledger'],
    }),
    today: build.query<TodayPage, void>({ query: () => 'today', providesTags: ['Today'] }),
    logWork: build.mutation<Logged | Unsent, WorkSent & { jobId: string }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/work`, keeps: 'A step or a coat', method: 'POST', body }),
      invalidatesTags: ['Today', 'Plan', 'Surface', 'Job', 'Aftercare', 'Ledger'],
    }),
    closeFollowUp: build.mutation<unknown, { followUpId: string; id: string; note: string }>({
      query: ({ followUpId, ...body }) => ({
        url: `follow-ups/${followUpId}/close`,
        keeps: 'Something looked at again',
        method: 'POST',
        body,
      }),
      invalidatesTags: ['Today', 'Surface', 'Ledger'],
    }),
    patches: build.query<PatchSurface[], void>({ query: () => 'patches', providesTags: ['Surface'] }),
    ledger: build.query<Entry[], string>({ query: (jobId) => `jobs/${jobId}/ledger`, providesTags: ['Ledger'] }),
    checkLedger: build.query<ChainCheck, string>({ query: (jobId) => `jobs/${jobId}/ledger/check` }),
    find: build.query<SearchHits, string>({ query: (q) => `find?q=${encodeURIComponent(q)}` }),
  }),
});

/** What an error says to a person, whatever went wrong. */
export function refusalOf(error: unknown): Refusal | null {
  if (!error || typeof error !== 'object') return null;
  const data = (error as { data?: unknown }).data;
  if (data && typeof data === 'object' && 'message' in data) return data as Refusal;
  return {
    code: 'no-answer',
    message: 'The server does not answer. What you typed is still here. Try again in a moment.',
  };
}

export const {
  useSessionQuery,
  useSignInMutation,
  useJobsQuery,
  useJobQuery,
  useAddJobMutation,
  useAddSurfaceMutation,
  useAddWholeRoomMutation,
  useChangeJobMutation,
  useChangeRoomMutation,
  useConcludeTrialMutation,
  useDesignTrialMutation,
  useBringJobInMutation,
  useKeepPhotoMutation,
  useLayTrialMutation,
  useLookAtCellMutation,
  useNoteFindingMutation,
  usePutOrderMutation,
  useSetCampaignMutation,
  useTrialQuery,
  useTrialsQuery,
  useChangeSurfaceMutation,
  useRecordTestMutation,
  usePlanQuery,
  usePostPlanMutation,
  useReadAirMutation,
  useTodayQuery,
  useLogWorkMutation,
  useCloseFollowUpMutation,
  usePatchesQuery,
  useLedgerQuery,
  useLazyCheckLedgerQuery,
  useLazyFindQuery,
} = api;
