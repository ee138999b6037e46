import { groundOf, isFurniture, isJoinery, isOutside } from '../../evidence/facts.ts';
import type { SurfaceFacts } from '../../model/surface.ts';

/** What is learned each by itself: kinds of surface, and what is drilled. */
export const SKILLS = ['old-woodwork', 'newer-woodwork', 'old-plaster', 'newer-walls', 'fittings', 'outside', 'planning', 'reading-patches', 'by-head'] as const;
export type Skill = (typeof SKILLS)[number];

export const SKILL_LABELS: Readonly<Record<Skill, string>> = {
  'old-woodwork': 'Woodwork of before 1985',
  'newer-woodwork': 'Woodwork of after 1985',
  'old-plaster': 'Old plaster, walls and ceilings',
  'newer-walls': 'Newer walls and ceilings',
  fittings: 'Furniture and fitted cabinets',
  outside: 'Outside',
  planning: 'Coats and weather',
  'reading-patches': 'Reading patches',
  'by-head': 'Reckoning by head',
};

/** Woodwork of before was painted in oil nearly everywhere; after it, more and more in water. Source: practice. */
const OIL_UNTIL = 1985;

/** What is learned on a surface. */
export function skillOf(surface: SurfaceFacts): Skill {
  if (isOutside(surface)) return 'outside';
  if (isFurniture(surface.element) || groundOf(surface.substrate) === 'laminate') return 'fittings';
  if (isJoinery(surface.element)) return (surface.builtYear ?? 0) < OIL_UNTIL ? 'old-woodwork' : 'newer-woodwork';
  return surface.substrate === 'lime-plaster' ? 'old-plaster' : 'newer-walls';
}
