import { LRUCache } from 'lru-cache';
import type { FirmEntity } from '../record/firmEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';
import { TrialActEntity } from '../record/trialEntities.ts';
import { fixed } from './fixed.ts';
import { readFirmShelf, type FirmShelf } from './firmShelf.ts';
import type { FirmMark } from './marks.ts';

/** What of a firm every one of its jobs is read with. */
export interface FirmReading {
  firm: FirmEntity;
  /** The firm's own picture on its papers; null: none. */
  logo: string | null;
  shelf: FirmShelf;
  /** Trials that came to a conclusion, on any of its jobs; of each the last one. */
  concluded: readonly TrialActEntity[];
}

/** So many firms lie at hand. */
const FIRMS = 50;
const atHand = new LRUCache<string, { kept: string; reading: FirmReading }>({ max: FIRMS });

/** Reads a firm, once for each mark; within a write that has written already, as that write sees it. */
export async function readFirm(scope: FirmScope, { kept }: FirmMark): Promise<FirmReading> {
  if (scope.hasWritten) return readAnew(scope);
  const { firmId } = scope.who;
  const known = atHand.get(firmId);
  if (known?.kept === kept) return known.reading;
  const reading = fixed(await readAnew(scope));
  atHand.set(firmId, { kept, reading });
  return reading;
}

async function readAnew(scope: FirmScope): Promise<FirmReading> {
  const [firm, logo, shelf, concluded] = await Promise.all([
    scope.firm(),
    scope.logo(),
    readFirmShelf(scope),
    scope.find(TrialActEntity, { kind: 'concluded' }, { at: 'ASC', id: 'ASC' }),
  ]);
  return { firm, logo, shelf, concluded: [...new Map(concluded.map((act) => [act.trialId, act])).values()] };
}
