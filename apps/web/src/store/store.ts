import { configureStore, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api.ts';

export type Theme = 'paper' | 'lamp';
const KEPT = 'rustic-ledger-theme';

/** What this person sees the pages by; kept on this device. */
const sight = createSlice({
  name: 'sight',
  initialState: {
    theme: (localStorage.getItem(KEPT) === 'lamp' ? 'lamp' : 'paper') as Theme,
    lastJob: null as string | null,
  },
  reducers: {
    themeTurned: (state) => {
      state.theme = state.theme === 'lamp' ? 'paper' : 'lamp';
    },
    jobOpened: (state, action: PayloadAction<string>) => {
      state.lastJob = action.payload;
    },
  },
});
export const { themeTurned, jobOpened } = sight.actions;

export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, sight: sight.reducer },
  middleware: (usual) => usual().concat(api.middleware),
});
setupListeners(store.dispatch);
store.subscribe(() => {
  const { theme } = store.getState().sight;
  if (document.documentElement.dataset['theme'] === theme) return;
  document.documentElement.dataset['theme'] = theme;
  localStorage.setItem(KEPT, theme);
});
document.documentElement.dataset['theme'] = store.getState().sight.theme;

type State = ReturnType<typeof store.getState>;
export const useSight = <T>(read: (sight: State['sight']) => T) => useSelector((state: State) => read(state.sight));
export const useTell = () => useDispatch<typeof store.dispatch>();
