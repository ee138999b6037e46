import type { SurfaceFacts } from '../model/surface.ts';
import type { TestRecord } from '../model/test.ts';

export type LeadStanding = 'none' | 'presumed' | 'positive' | 'year-unknown';

/** Where the lead question stands. Any positive swab decides; a negative one releases; an inconclusive one releases nothing. */
export function leadStanding(surface: SurfaceFacts, tests: readonly TestRecord[]): LeadStanding {
  const swabs = tests.filter((test) => test.kind === 'lead-swab').map((test) => test.result);
  if (swabs.includes('positive')) return 'positive';
  if (swabs.includes('negative') || surface.isNew === true) return 'none';
  if (surface.builtYear === null) return swabs.includes('inconclusive') ? 'presumed' : 'year-unknown';
  return surface.builtYear < surface.leadYear ? 'presumed' : 'none';
}

/** True where an old textured coating or floor backing should be sampled before it is disturbed. */
export function asbestosPossible(surface: SurfaceFacts): boolean {
  if (surface.isNew === true || surface.builtYear === null || surface.builtYear >= surface.asbestosYear) return false;
  const textured = surface.texture !== 'smooth' && (surface.element === 'ceiling' || surface.element === 'wall');
  return textured || surface.element === 'floor' || surface.element === 'fascia-soffit';
}
