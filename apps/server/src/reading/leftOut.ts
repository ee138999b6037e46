/** What a surface says of what is kept out of it. */
interface Kept {
  facts: { areaM2?: number | null };
  exclusions: readonly { whole: boolean; box: { widthM: number; heightM: number } | null }[];
}

/** The client keeps all of it out: it is not priced, planned or shopped for, and stands on every paper. */
export const isLeftOut = ({ exclusions }: Pick<Kept, 'exclusions'>) => exclusions.some((e) => e.whole);

/** Something of a surface is painted, however much of it is left out. */
const LEAST_M2 = 0.01;

/** What is painted of a surface in m²: its size without the parts that are kept out at a boundary. Null where it was not measured. */
export function paintedM2({ facts, exclusions }: Kept): number | null {
  if (facts.areaM2 == null) return null;
  const out = exclusions.reduce((sum, e) => sum + (e.box && !e.whole ? e.box.widthM * e.box.heightM : 0), 0);
  return out === 0 ? facts.areaM2 : Math.max(LEAST_M2, Math.round((facts.areaM2 - out) * 100) / 100);
}
