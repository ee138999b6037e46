import { useSessionQuery } from './endpoints.ts';

/** What whoever is signed in may do; the server decides, the page only leaves out what it would refuse. */
export function useMay() {
  const role = useSessionQuery().data?.person.role;
  return {
    /** Decides for the whole firm. */
    own: role === 'owner',
    /** Makes jobs, prices, quotes and plans. */
    make: role === 'owner' || role === 'estimator',
    /** Works on site: tests, logs, readings. */
    work: role !== 'read-only',
    seePrices: role !== 'painter',
  };
}
