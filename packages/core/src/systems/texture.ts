import type { Case } from './case.ts';

/** A texture that paper would flatten, or that may hold asbestos: it is kept, and nothing sands it. */
export const keepsTexture = ({ d: { surface, asbestos } }: Case): boolean =>
  surface.texture === 'heavy' || surface.texture === 'sprayed' || (surface.texture === 'hand-textured' && asbestos);

/** A whole face that bears to be sanded: paper wears through before its paint is dull. */
export const bearsSanding = (c: Case): boolean => c.ground !== 'paper' && !keepsTexture(c);
