import { layersUnder } from '../evidence/stacks.ts';
import type { Treatment } from '../evidence/treatment.ts';
import type { Finish } from '../vocabulary/index.ts';
import type { Case } from './case.ts';
import { isLettingGo } from './lettingGo.ts';

/** From here on powder is taken to lie under the paint. */
const LIKELY = 0.5;

/** The films that lie on it, by what they are treated as. */
const LIES_ON_IT: Partial<Record<Treatment, Finish>> = {
  waterborne: 'waterborne-acrylic',
  oil: 'oil-alkyd',
  'over-oil': 'waterborne-over-oil',
};

/** Paint lets go of distemper under it: where it comes off, what lies open is powder and not plaster. */
export function letsGoOfDistemper(c: Case): boolean {
  const top = LIES_ON_IT[c.treatAs];
  if (!top || c.ground !== 'plaster') return false;
  if (!isLettingGo(c)) return false;
  const under = layersUnder(c.d.stacks, top).find(({ layer }) => layer === 'distemper');
  return (under?.probability ?? 0) >= LIKELY;
}
