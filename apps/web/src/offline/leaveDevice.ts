import { store } from '../store/store.ts';
import { forgetAnswers } from './begin.ts';
import { endpoints } from '../store/endpoints.ts';

/** Signs out on this device: what was fetched is forgotten, what is not sent stays. */
export async function leaveDevice(): Promise<void> {
  const sent = await store.dispatch(endpoints.endpoints.signOut.initiate());
  // Without a signal the session stands: signing out would only look like it.
  if ('error' in sent && sent.error) throw new Error('no signal');
  await forgetAnswers();
  store.dispatch(endpoints.util.resetApiState());
}
