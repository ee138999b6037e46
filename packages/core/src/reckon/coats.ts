import { cheapestTins, type TinSet, type TinSize } from '../quantities/tins.ts';

/** An answer of a pocket calculator with the line that led to it, so that it can be done again by hand. */
export interface Reckoned<T> {
  answer: T;
  formula: string;
}

const say = (x: number, places = 2) => String(Number(x.toFixed(places)));

/** Litres for an area: area times coats, over the spread, and what is lost. `waste` in per cent. m², m²/L. */
export function coverage(areaM2: number, coats: number, spreadM2PerL: number, wastePct = 10): Reckoned<number> {
  const litres = ((areaM2 * coats) / spreadM2PerL) * (1 + wastePct / 100);
  return {
    answer: litres,
    formula: `${say(areaM2)} m² × ${coats} ÷ ${say(spreadM2PerL)} m² per litre, and ${say(wastePct)} % for waste = ${say(litres)} L`,
  };
}

/** The cheapest containers for a need. */
export function tinsForNeed(litres: number, sizes: readonly TinSize[]): Reckoned<TinSet> {
  const answer = cheapestTins(litres, sizes);
  const held = answer.tins.map((t) => `${t.count} × ${say(t.litres, 3)} L`).join(' + ');
  return { answer, formula: `${held || 'no tin'} holds ${say(answer.litres, 3)} L, needed ${say(litres, 3)} L` };
}

/** A two-part mix by volume: how much of each goes into a pot of so many litres. */
export function mixFor(litres: number, base: number, hardener: number): Reckoned<{ baseL: number; hardenerL: number }> {
  const baseL = (litres * base) / (base + hardener);
  const hardenerL = litres - baseL;
  return {
    answer: { baseL, hardenerL },
    formula: `${say(litres)} L × ${say(base)} ÷ ${say(base + hardener)} = ${say(baseL, 3)} L of base, the rest, ${say(hardenerL, 3)} L, of hardener`,
  };
}

/** What is left of a wet film: its solids by volume. µm and %. Thinning lowers the solids. */
export function dryFilm(wetUm: number, solidsPct: number, thinnedPct = 0): Reckoned<number> {
  const dry = (wetUm * (solidsPct / 100)) / (1 + thinnedPct / 100);
  return {
    answer: dry,
    formula: `${say(wetUm)} µm × ${say(solidsPct)} %${thinnedPct ? ` ÷ ${say(1 + thinnedPct / 100)}, thinned` : ''} = ${say(dry, 1)} µm`,
  };
}

/** How wet a film must be laid for what shall be left of it. µm and %. */
export function wetFilm(dryUm: number, solidsPct: number, thinnedPct = 0): Reckoned<number> {
  const wet = (dryUm * (1 + thinnedPct / 100)) / (solidsPct / 100);
  return {
    answer: wet,
    formula: `${say(dryUm)} µm${thinnedPct ? ` × ${say(1 + thinnedPct / 100)}, thinned,` : ''} ÷ ${say(solidsPct)} % = ${say(wet, 1)} µm`,
  };
}
