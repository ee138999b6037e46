import { api, newId } from './api.ts';
import type { PlanSheet } from './types.ts';

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
}

/** The plan of the whole firm, what is asked of rooms, and readings from a file. */
const planApi = api.injectEndpoints({
  endpoints: (build) => ({
    firmPlan: build.query<FirmSheet | { input: null }, void>({ query: () => 'plan', providesTags: ['Plan'] }),
    weather: build.query<WeatherHours, string>({ query: (jobId) => `jobs/${jobId}/weather` }),
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

export const { useFirmPlanQuery, useWeatherQuery, useAskOfRoomMutation, useReadingsFileMutation } = planApi;
