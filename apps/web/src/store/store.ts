import { configureStore, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { signal } from '../outbox/signal.ts';
import { endpoints } from './endpoints.ts';
import './fetchedAnew.ts';

export type Theme = 'paper' | 'lamp';
/** Lengths are written and read in metres, or in feet and inches. */
export type Units = 'metric' | 'us';
const KEPT = 'rustic-ledger-theme';
const UNITS_KEPT = 'rustic-ledger-units';

/** What this person sees the pages by; kept on this device. */
const sight = createSlice({
  name: 'sight',
  initialState: {
    theme: (localStorage.getItem(KEPT) === 'lamp' ? 'lamp' : 'paper') as Theme,
    lastJob: null as string | null,
    /** What this person chose on this device; null where the firm's own way stands. */
    unitsChosen: localStorage.getItem(UNITS_KEPT) as Units | null,
    units: (localStorage.getItem(UNITS_KEPT) === 'us' ? 'us' : 'metric') as Units,
  },
  reducers: {
    themeTurned: (state) => {
      state.theme = state.theme === 'lamp' ? 'paper' : 'lamp';
    },
    unitsTurned: (state) => {
      state.units = state.units === 'us' ? 'metric' : 'us';
      state.unitsChosen = state.units;
    },
    firmUnitsTold: (state, action: PayloadAction<Units>) => {
      state.units = state.unitsChosen ?? action.payload;
    },
    jobOpened: (state, action: PayloadAction<string>) => {
      state.lastJob = action.payload;
    },
  },
});
export const { themeTurned, unitsTurned, firmUnitsTold, jobOpened } = sight.actions;

export const store = configureStore({
  reducer: { [endpoints.reducerPath]: endpoints.reducer, sight: sight.reducer, signal: signal.reducer },
  middleware: (usual) => usual().concat(endpoints.middleware),
});
setupListeners(store.dispatch);
store.subscribe(() => {
  const { theme, unitsChosen } = store.getState().sight;
  if (unitsChosen) localStorage.setItem(UNITS_KEPT, unitsChosen);
  if (document.documentElement.dataset['theme'] === theme) return;
  document.documentElement.dataset['theme'] = theme;
  localStorage.setItem(KEPT, theme);
});
document.documentElement.dataset['theme'] = store.getState().sight.theme;

type State = ReturnType<typeof store.getState>;
export const useSight = <T>(read: (sight: State['sight']) => T) => useSelector((state: State) => read(state.sight));
export const useSignal = <T>(read: (signal: State['signal']) => T) => useSelector((state: State) => read(state.signal));
export const useTell = () => useDispatch<typeof store.dispatch>();
