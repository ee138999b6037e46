import { LETS_GO } from '../evidence/knowledge/laysOpen.ts';
import type { Condition } from '../vocabulary/index.ts';
import type { Case } from './case.ts';

/** The film was seen to let go, or a test made it: or it shows one of these. */
export const isLettingGo = (c: Case, ...orShows: Condition[]): boolean =>
  c.is(...LETS_GO, ...orShows) || c.d.findings.adhesion === 'weak';
