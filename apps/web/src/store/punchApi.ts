import type {
  Element,
  Fault,
  FaultCause,
  Light,
  Mend,
  RoomSketch,
  SketchPlace,
  TouchUp,
  TouchUpKit,
  View,
} from '@rustic/core';
import type { FixedVisit } from './aftercareApi.ts';
import { api } from './api.ts';
import type { Job, Photo } from '../wire/types.ts';

/** What became of a marked fault. */
export interface FaultAct {
  kind: 'mended' | 'withdrawn';
  way: Mend | null;
  withWhat: string;
  note: string;
  byName: string;
  at: string;
}
export interface MarkedFault {
  id: string;
  number: number;
  roomId: string;
  surfaceId: string;
  fault: Fault;
  note: string;
  mark: SketchPlace | null;
  photoId: string | null;
  photoPlace: { x: number; y: number } | null;
  sizeM2: number;
  view: View;
  byName: string;
  at: string;
  act: FaultAct | null;
  /** What is to be done; null once it is closed. */
  mend: {
    causeFirst: boolean;
    causes: FaultCause[];
    makeGood: string | null;
    touchUp: TouchUp | null;
    kit: TouchUpKit | null;
  } | null;
}
export interface HandoverCheck {
  surfaceId: string;
  code: string;
  words: string;
  tried: { holds: boolean; note: string; byName: string; at: string } | null;
}
export interface PunchSurface {
  id: string;
  roomId: string;
  name: string;
  element: Element;
}
export interface PunchPage {
  now: string;
  job: Pick<Job, 'id' | 'title' | 'place' | 'status'>;
  rooms: { id: string; name: string; sketch: RoomSketch | null; kind: 'room' | 'elevation' }[];
  surfaces: PunchSurface[];
  photos: Photo[];
  faults: MarkedFault[];
  visits: { on: string; closes: string[] }[];
  /** Visits that are fixed already. */
  standing: Pick<FixedVisit, 'id' | 'onDay' | 'fromTime' | 'minutes' | 'calls' | 'personId'>[];
  checks: HandoverCheck[];
}
export interface FaultSent {
  id: string;
  surfaceId: string;
  fault: Fault;
  note: string;
  mark: SketchPlace | null;
  photoId?: string;
  photoPlace?: { x: number; y: number } | null;
  sizeM2: number;
  view: View;
  light: Light | null;
  at: string;
}

/** Faults after the work, and what is tried before it is handed over. What is written is kept until the server has it. */
const punchApi = api.injectEndpoints({
  endpoints: (build) => ({
    punch: build.query<PunchPage, string>({ query: (jobId) => `jobs/${jobId}/punch`, providesTags: ['Punch'] }),
    markFault: build.mutation<unknown, { jobId: string } & FaultSent>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/faults`, method: 'POST', body, keeps: 'A marked fault' }),
      invalidatesTags: ['Punch', 'Aftercare', 'Ledger'],
    }),
    closeFault: build.mutation<
      unknown,
      {
        faultId: string;
        id: string;
        kind: FaultAct['kind'];
        way: Mend | null;
        withWhat: string;
        note: string;
        at: string;
      }
    >({
      query: ({ faultId, ...body }) => ({
        url: `faults/${faultId}/acts`,
        method: 'POST',
        body,
        keeps: 'A mended fault',
      }),
      invalidatesTags: ['Punch', 'Aftercare', 'Ledger'],
    }),
    tryAtHandover: build.mutation<
      unknown,
      { surfaceId: string; id: string; code: string; holds: boolean; note: string; at: string }
    >({
      query: ({ surfaceId, ...body }) => ({
        url: `surfaces/${surfaceId}/checks`,
        method: 'POST',
        body,
        keeps: 'Tried at hand-over',
      }),
      invalidatesTags: ['Punch', 'Aftercare', 'Ledger'],
    }),
  }),
});
export const { usePunchQuery, useMarkFaultMutation, useCloseFaultMutation, useTryAtHandoverMutation } = punchApi;
