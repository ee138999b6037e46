import type { Climate } from '@rustic/core';
import { api, newId } from './api.ts';
import type { Session } from '../wire/types.ts';

export type Role = 'owner' | 'estimator' | 'painter' | 'read-only';
export interface Hours {
  days: number[];
  from: string;
  to: string;
}
export interface Planning {
  setUpMin?: number;
  packUpMin?: number;
  travelMin?: number;
  holidays?: string[];
  /** How the year goes where the firm works. */
  climate?: Climate;
}
/** How long the firm keeps what it need not keep for ever; null: for ever. */
export interface Retention {
  accessMonths?: number | null;
  photoYears?: number | null;
}
export interface LetGo {
  notes: number;
  photos: number;
}
export interface StaffPerson {
  id: string;
  name: string;
  initials: string;
  role: Role;
  hours: Hours | null;
  skills: string[];
  email?: string;
  sessions?: number;
}
/** The people of the firm; addresses, invitations and the notes of access only for its owner. */
export interface StaffPage {
  people: StaffPerson[];
  planning: Planning;
  invitations?: { id: string; email: string; name: string; role: Role; expiresAt: string }[];
  access?: { id: string; kind: string; detail: string; byName: string; at: string }[];
}
export interface Invited {
  firm: string;
  name: string;
  email: string;
  role: Role;
  byName: string;
}

/** Who is of the firm, what part they have, and the ways in. */
const peopleApi = api.injectEndpoints({
  endpoints: (build) => ({
    people: build.query<StaffPage, void>({ query: () => 'people', providesTags: ['People'] }),
    invite: build.mutation<
      unknown,
      { id: string; email: string; name: string; initials: string; role: Role; token: string }
    >({
      query: (body) => ({ url: 'people/invitations', method: 'POST', body }),
      invalidatesTags: ['People'],
    }),
    withdrawInvitation: build.mutation<unknown, string>({
      query: (id) => ({ url: `people/invitations/${id}/withdraw`, method: 'POST', body: { id: newId() } }),
      invalidatesTags: ['People'],
    }),
    changePerson: build.mutation<unknown, { personId: string; role?: Role; hours?: Hours | null; skills?: string[] }>({
      query: ({ personId, ...body }) => ({
        url: `people/${personId}`,
        method: 'PATCH',
        body: { id: newId(), ...body },
      }),
      invalidatesTags: ['People', 'Plan', 'Session'],
    }),
    personLeaves: build.mutation<unknown, string>({
      query: (id) => ({ url: `people/${id}/leave`, method: 'POST', body: { id: newId() } }),
      invalidatesTags: ['People', 'Plan', 'Aftercare'],
    }),
    signOutPerson: build.mutation<unknown, string>({
      query: (id) => ({ url: `people/${id}/sign-out`, method: 'POST', body: { id: newId() } }),
      invalidatesTags: ['People'],
    }),
    signOutEverywhere: build.mutation<unknown, void>({
      query: () => ({ url: 'session/everywhere', method: 'POST', body: { id: newId() } }),
    }),
    changePassword: build.mutation<unknown, { before: string; after: string }>({
      query: (body) => ({ url: 'session/password', method: 'PUT', body: { id: newId(), ...body } }),
      invalidatesTags: ['People'],
    }),
    setPlanning: build.mutation<unknown, Required<Planning>>({
      query: (body) => ({ url: 'firm/planning', method: 'PUT', body: { id: newId(), ...body } }),
      invalidatesTags: ['People', 'Plan', 'Aftercare'],
    }),
    retention: build.query<{ rule: Retention; would: LetGo }, Retention>({
      query: ({ accessMonths, photoYears }) => ({
        url: 'firm/retention',
        params: { ...(accessMonths && { accessMonths }), ...(photoYears && { photoYears }) },
      }),
      providesTags: ['People'],
    }),
    setRetention: build.mutation<LetGo, Retention>({
      query: (body) => ({ url: 'firm/retention', method: 'PUT', body: { id: newId(), ...body } }),
      invalidatesTags: ['People', 'Job', 'Surface', 'Ledger'],
    }),
    invitation: build.query<Invited, string>({ query: (token) => `invitations/${token}` }),
    join: build.mutation<Session, { token: string; id: string; password: string }>({
      query: ({ token, ...body }) => ({ url: `invitations/${token}`, method: 'POST', body }),
      invalidatesTags: (_session, refused) => (refused ? [] : ['Session']),
    }),
  }),
});

export const {
  usePeopleQuery,
  useInviteMutation,
  useWithdrawInvitationMutation,
  useChangePersonMutation,
  usePersonLeavesMutation,
  useSignOutPersonMutation,
  useSignOutEverywhereMutation,
  useChangePasswordMutation,
  useSetPlanningMutation,
  useRetentionQuery,
  useSetRetentionMutation,
  useInvitationQuery,
  useJoinMutation,
} = peopleApi;
