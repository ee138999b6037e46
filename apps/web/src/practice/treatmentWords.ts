import type { Treatment } from '@rustic/core';

/** What somebody may settle for, as they would say it. */
export const TREATMENT_WORDS: Record<Treatment, string> = {
  bare: 'prime as bare',
  waterborne: 'paint over as waterborne',
  oil: 'dull, prime and go over as oil',
  'over-oil': 'patch and bind as waterborne on oil',
  clear: 'scuff and block as varnish',
  wax: 'strip the wax',
  laminate: 'bond as laminate',
  distemper: 'wash off as distemper',
  primed: 'finish over the primer',
  aerosol: 'block as spray-can paint',
};
