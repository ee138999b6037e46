import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Kept } from './outbox.ts';

/** A write that is not with the server yet, as pages show it. */
export type KeptBrief = Pick<Kept, 'seq' | 'personId' | 'by' | 'at' | 'ahead' | 'command' | 'refused'> & {
  /** What was sent, where it is JSON. */
  body: Record<string, unknown> | null;
};

/** Whether the server is heard, how old what is shown may be, and what is not sent yet. */
export const signal = createSlice({
  name: 'signal',
  initialState: {
    /** When the oldest of what is shown was fetched; null where it has just come. */
    keptAt: null as string | null,
    unsent: [] as KeptBrief[],
  },
  reducers: {
    shownFromKept: (state, { payload }: PayloadAction<string>) => {
      if (state.keptAt === null || payload < state.keptAt) state.keptAt = payload;
    },
    heard: (state) => {
      state.keptAt = null;
    },
    unsentTold: (state, { payload }: PayloadAction<KeptBrief[]>) => {
      state.unsent = payload;
    },
  },
});
export const { shownFromKept, heard, unsentTold } = signal.actions;

/** A kept write as a page shows it. */
export const briefOf = ({ seq, personId, by, at, ahead = 0, command, refused, body }: Kept): KeptBrief => ({
  seq,
  personId,
  by,
  at,
  ahead,
  command,
  refused,
  body: typeof body === 'string' ? (JSON.parse(body) as Record<string, unknown>) : null,
});
