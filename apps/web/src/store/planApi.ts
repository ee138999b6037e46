import { api, newId } from './api.ts';
import type { PlanSheet } from '../wire/types.ts';

export interface RoomDemands {
  backBy: string | null;
  fumesOutBy: string | null;
  maxNightsOut: number | null;
  airFrom: 'reading' | 'sensor' | 'station' | 'file';
}

/** The plan of all jobs; those that cannot be planned as they stand are left out of it and named. */
export type FirmSheet = PlanSheet & { cannot: { jobId: string; title: string; text: string }[] };

/** The weather of a job's place hour by hour, from `from` (minutes since the epoch), with how far a forecast may be off. */
export interface WeatherHours {
  place: string;
  from: number;
  temperatureC: number[];
  rainMm: number[];
  doubtC: number[];
  rainChance: number[];
  /** The air of each room now. */
  rooms: { id: string; temperatureC: number; relativeHumidityPct: number; surfaceC: number }[];
}

/** The plan of the whole firm, what is asked of rooms, and readings from a file. */
export const planApi = api.injectEndpoints({
  endpoints: (build) => ({
    firmPlan: build.query<FirmSheet | { input: null }, void>({ query: () => 'plan', providesTags: ['Plan'] }),
    weather: build.query<WeatherHours, string>({ query: (jobId) => `jobs/${jobId}/weather` }),
    /** Keeps a step back until another trade is done. */
    holdStep: build.mutation<unknown, { surfaceId: string; stepId: string; until: string; reason: string }>({
      query: ({ surfaceId, ...body }) => ({
        url: `surfaces/${surfaceId}/holds`,
        method: 'POST',
        body: { id: newId(), ...body },
      }),
      invalidatesTags: ['Plan', 'Today', 'Surface', 'Ledger'],
    }),
    releaseHold: build.mutation<unknown, { holdId: string; note?: string }>({
      query: ({ holdId, ...body }) => ({
        url: `holds/${holdId}/release`,
        keeps: 'A step let go',
        method: 'POST',
        body: { id: newId(), ...body },
      }),
      invalidatesTags: ['Plan', 'Today', 'Surface', 'Ledger'],
    }),
    askOfRoom: build.mutation<unknown, { roomId: string; version: number } & Partial<RoomDemands>>({
      query: ({ roomId, ...body }) => ({ url: `rooms/${roomId}`, method: 'PATCH', body: { id: newId(), ...body } }),
      invalidatesTags: ['Plan', 'Job', 'Today', 'Surface', 'Ledger'],
    }),
    readingsFile: build.mutation<
      { hours: number; gaps: { from: number; hours: number }[] },
      { roomId: string; id: string; csv: string }
    >({
      query: ({ roomId, ...body }) => ({ url: `rooms/${roomId}/readings-file`, method: 'POST', body }),
      invalidatesTags: ['Plan', 'Today', 'Surface', 'Ledger'],
    }),
  }),
});

export const {
  useFirmPlanQuery,
  useLazyWeatherQuery,
  useWeatherQuery,
  useAskOfRoomMutation,
  useHoldStepMutation,
  useReleaseHoldMutation,
  useReadingsFileMutation,
} = planApi;
