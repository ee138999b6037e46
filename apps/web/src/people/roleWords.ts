import type { Role } from '@rustic/core';

/** What each part in the firm may do, in a line. */
export const ROLE_WORDS: Record<Role, { name: string; may: string }> = {
  owner: { name: 'Owner', may: 'everything, and who else may' },
  estimator: { name: 'Estimator', may: 'jobs, prices, quotes, plans' },
  painter: { name: 'Painter', may: 'works, tests and logs; sees no prices' },
  'read-only': { name: 'Looks only', may: 'reads everything, writes nothing' },
};
export const ROLES = Object.keys(ROLE_WORDS) as Role[];

/** What happened to a way in, as the list of access says it. */
export const ACCESS_WORDS: Record<string, string> = {
  'signed-in': 'signed in',
  'sign-in-refused': 'was refused: a wrong password',
  'locked-out': 'was locked out after too many tries',
  'signed-out': 'signed out',
  'signed-out-everywhere': 'signed out on every device',
  'password-changed': 'changed their password',
  'password-recovered': 'chose a new password by a link',
  'second-lock-closed': 'closed a second lock',
  'second-lock-opened': 'took off the second lock',
  invited: 'invited',
  'invitation-withdrawn': 'withdrew the invitation of',
  joined: 'joined as',
  'role-changed': 'changed the part of',
  left: 'took out of the firm',
  exported: 'took a whole job as a file:',
  imported: 'read in a whole job:',
};
