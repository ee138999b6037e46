import { sayVolume, type Product, type TintRange } from '@rustic/core';
import { sayMoney, isTold } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import type { Measures } from '../words/measures.ts';

const TINTS: Record<TintRange, string> = {
  white: 'white only',
  greys: 'white and greys',
  any: 'any colour',
  clear: 'clear',
};
const STIR: Record<Product['stir'], string> = { 'by-hand': 'by hand', paddle: 'with a paddle', shake: 'shaken' };
/** How a need is said in a list of what a product does. */
const plain = (code: string) => code.replaceAll('-', ' ');

/** A sheet as it is told: the price of a tin is not for everybody. */
type Sheet = Omit<Product, 'tins'> & { tins: readonly { litres: number; price?: number }[] };

/** A product's sheet, line by line; what it is silent on is left out. */
export function sheetLines(p: Sheet, currency: string, { units, inUnits }: Measures): [string, string][] {
  const d = p.drying;
  const minutes = (m: number | null | undefined) => (m == null ? null : sayLength(m));
  const lines: [string, string | null][] = [
    ['spread', `${p.spreadM2PerL} m² a litre`],
    ...Object.entries(p.spreadOn).map(([ground, m2]): [string, string] => [`on ${ground}`, `${m2} m² a litre`]),
    ['wet film', `${p.wetFilmUm} µm, ${p.solidsPct} % stays`],
    ['dust-free', minutes(d.dustFreeMin)],
    ['opens for the next coat', minutes(d.recoatMin)],
    ['better after', minutes(d.recoatPreferredMin)],
    ['closes', minutes(d.recoatMaxMin)],
    ['may be handled or closed', minutes(d.handleMin)],
    ['cured', d.recoatMin == null ? null : sayLength(p.cureHours * 60)],
    ['its maker promises', p.lastsYears === null ? null : `${p.lastsYears} years`],
    ['laid from', d.minTempC == null ? null : `${d.minTempC} °C${d.maxTempC == null ? '' : ` to ${d.maxTempC} °C`}`],
    ['air at most', d.maxRhPct == null ? null : `${d.maxRhPct} %`],
    ['above the dew point', d.dewMarginC == null ? null : `${d.dewMarginC} °C more`],
    ['rain-safe after', minutes(d.rainSafeMin)],
    ['sheens', p.sheens.join(', ') || null],
    ['colours', TINTS[p.tints]],
    ['mix', p.mix ? `${p.mix.base} to ${p.mix.hardener}, pot life ${sayLength(p.mix.potLifeMin)}` : null],
    ['volatile content', `${p.vocGPerL} g/L, smell ${p.odour}`],
    ['brought up', STIR[p.stir]],
    ['its sheet claims', Object.keys(p.does).map(plain).join(', ') || null],
    ['not on', p.refuses.join(', ') || null],
    ['tins', p.tins.map((t) => (isTold(t.price) ? `${sayVolume(t.litres, units)} ${sayMoney(t.price, currency)}` : sayVolume(t.litres, units))).join(', ') || null],
  ];
  return lines.flatMap(([words, figure]): [string, string][] => (figure === null ? [] : [[words, inUnits(figure)]]));
}
