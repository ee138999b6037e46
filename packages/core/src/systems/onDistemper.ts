import { LETS_GO } from '../evidence/knowledge/laysOpen.ts';
import { layersUnder } from '../evidence/stacks.ts';
import type { Case } from './case.ts';

/** From here on powder is taken to lie under the paint. */
const LIKELY = 0.5;

/** Paint lets go of distemper under it: where it comes off, what lies open is powder and not plaster. */
export function letsGoOfDistemper(c: Case): boolean {
  if (c.treatAs !== 'waterborne' || c.ground !== 'plaster') return false;
  if (!c.is(...LETS_GO) && c.d.findings.adhesion !== 'weak') return false;
  const under = layersUnder(c.d.stacks, 'waterborne-acrylic').find(({ layer }) => layer === 'distemper');
  return (under?.probability ?? 0) >= LIKELY;
}
