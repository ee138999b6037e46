import type { Product } from '../model/product.ts';

/** A tin as the van has it. */
export interface TinKept {
  productId: string;
  batch: string;
  /** `#rrggbb` it was tinted to; null as it came. */
  colour: string | null;
  litres: number;
}

/** What a mend is done with: the paint that was laid, where it is kept, and what to buy where it is gone. */
export interface TouchUpKit {
  product: string;
  batch: string | null;
  colour: string | null;
  neededL: number;
  /** Litres of that very batch that are left by the record. */
  leftL: number;
  sameBatch: boolean;
  /** The smallest tin that is enough, in litres; null where enough of the batch is left. */
  buyL: number | null;
  words: string;
}

/** A mend takes at least so much: a brush has to be loaded. Litres. */
const LEAST_L = 0.05;
const COATS = 2;

/** The kit for mending some m² of a coat that was logged with its product and batch. */
export function touchUpKit(
  laid: { product: Product; batch: string | null; colour: string | null },
  areaM2: number,
  tins: readonly TinKept[],
): TouchUpKit {
  const { product, batch, colour } = laid;
  const neededL = Math.max(LEAST_L, (COATS * areaM2) / product.spreadM2PerL);
  const leftL = tins
    .filter((t) => t.productId === product.id && t.batch === batch)
    .reduce((sum, t) => sum + t.litres, 0);
  const sameBatch = leftL >= neededL;
  const sizes = product.tins.map((t) => t.litres).sort((a, b) => a - b);
  const buyL = sameBatch ? null : (sizes.find((litres) => litres >= neededL) ?? sizes.at(-1) ?? null);
  const left = `${leftL.toFixed(1)} L of batch ${batch} left in the van`;
  return {
    product: product.name,
    batch,
    colour,
    neededL,
    leftL,
    sameBatch,
    buyL,
    words: sameBatch
      ? left
      : `${leftL > 0 ? `only ${left}` : `none of batch ${batch ?? 'unknown'} is left`}${buyL === null ? '' : `: buy ${buyL} L, another batch`}`,
  };
}
