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

const darkSystem = window.matchMedia('(prefers-color-scheme: dark)');
const systemTheme = (): Theme => (darkSystem.matches ? 'lamp' : 'paper');

/** What this person sees the pages by; kept on this device. */
const sight = createSlice({
  name: 'sight',
  initialState: {
    /** What this person chose on this device; null where the system's setting is followed. */
    themeChosen: localStorage.getItem(KEPT) as Theme | null,
    theme: (localStorage.getItem(KEPT) as Theme | null) ?? systemTheme(),
    lastJob: null as string | null,
    /** What this person chose on this device; null where the firm's own way stands. */
    unitsChosen: localStorage.getItem(UNITS_KEPT) as Units | null,
    units: (localStorage.getItem(UNITS_KEPT) === 'us' ? 'us' : 'metric') as Units,
  },
  reducers: {
    themeTurned: (state) => {
      state.theme = state.theme === 'lamp' ? 'paper' : 'lamp';
      state.themeChosen = state.theme;
    },
    systemThemeTold: (state, action: PayloadAction<Theme>) => {
      state.theme = state.themeChosen ?? action.payload;
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
  const { theme, themeChosen, unitsChosen } = store.getState().sight;
  if (themeChosen) localStorage.setItem(KEPT, themeChosen);
  if (unitsChosen) localStorage.setItem(UNITS_KEPT, unitsChosen);
  document.documentElement.dataset['theme'] = theme;
});
darkSystem.addEventListener('change', () => store.dispatch(sight.actions.systemThemeTold(systemTheme())));
document.documentElement.dataset['theme'] = store.getState().sight.theme;

type State = ReturnType<typeof store.getState>;
export const useSight = <T>(read: (sight: State['sight']) => T) => useSelector((state: State) => read(state.sight));
export const useSignal = <T>(read: (signal: State['signal']) => T) => useSelector((state: State) => read(state.signal));
export const useTell = () => useDispatch<typeof store.dispatch>();
