import type { Ground, Sheen } from '../vocabulary/index.ts';
import type { Product } from '../model/product.ts';

/** What a surface asks of products before any of them is thought of. */
export interface Place {
  ground: Ground;
  sheen: Sheen | null;
}

const known = new WeakMap<readonly Product[], Map<string, readonly Product[]>>();

/**
 * The products of a shelf that may be used in a place: those whose sheet does not refuse the ground, the ones sold
 * in the sheen first. Within that the order of the shelf stands, so that a firm's own order decides. Read once.
 */
export function usableOn(shelf: readonly Product[], { ground, sheen }: Place): readonly Product[] {
  const key = `${ground}/${sheen ?? ''}`;
  let places = known.get(shelf);
  if (!places) known.set(shelf, (places = new Map<string, readonly Product[]>()));
  let usable = places.get(key);
  if (!usable) {
    const sold = (p: Product) => sheen === null || p.sheens.length === 0 || p.sheens.includes(sheen);
    const allowed = shelf.filter((p) => !p.refuses.includes(ground));
    usable = [...allowed.filter(sold), ...allowed.filter((p) => !sold(p))];
    places.set(key, usable);
  }
  return usable;
}

/** The maker whose products hold every one of these families, the first on the shelf; null where none does. */
export function makerOfAll(families: readonly string[], shelf: readonly Product[]): string | null {
  const makers = [...new Set(shelf.map((p) => p.maker))];
  return makers.find((maker) => families.every((f) => shelf.some((p) => p.maker === maker && p.family === f))) ?? null;
}

/** The same shelf with one maker's products first. */
export function makerFirst(shelf: readonly Product[], maker: string): readonly Product[] {
  return [...shelf.filter((p) => p.maker === maker), ...shelf.filter((p) => p.maker !== maker)];
}
