import { forgetAnswers } from '../offline/begin.ts';
import { endpoints } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { store } from '../store/store.ts';

/** What was fetched was another firm's: it is forgotten, and every page asks anew. */
async function asAnother<T extends { error?: unknown }>(sent: Promise<T>): Promise<T> {
  const answer = await sent;
  if ('error' in answer && answer.error) return answer;
  await forgetAnswers();
  store.dispatch(endpoints.util.resetApiState());
  return answer;
}

/** Into the demo that is lent to whoever is here. */
export const intoDemo = () => asAnother(store.dispatch(endpoints.endpoints.enterDemo.initiate({ id: newId() })));

/** Back to one's own firm; the demo stays for another look, or is thrown away. */
export const backFromDemo = (throwAway: boolean) =>
  asAnother(store.dispatch(endpoints.endpoints.leaveDemo.initiate({ id: newId(), throwAway })));
