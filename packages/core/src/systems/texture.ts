import type { Case } from './case.ts';

/** A texture that paper would flatten, or that may hold asbestos: it is kept, and nothing sands it. */
export const keepsTexture = ({ d: { surface, asbestos } }: Case): boolean =>
  surface.texture === 'heavy' || surface.texture === 'sprayed' || (surface.texture === 'hand-textured' && asbestos);
