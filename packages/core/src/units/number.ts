/** A number as it is written on a list or read off a tape: decimals with point or comma, fractions, whole and fraction. */
export const NUMBER = String.raw`(?:\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)`;

/** What such a text says: 3, 3.2, 3,2, 1/2, 10 3/8. */
export function numberOf(text: string): number {
  const [whole, fraction] = text.includes('/')
    ? [text.replace(/\S+\/\S+$/, ''), /(\d+)\/(\d+)$/.exec(text)!]
    : [text, null];
  const base = whole.trim() === '' ? 0 : Number(whole.trim().replace(',', '.'));
  return fraction ? base + Number(fraction[1]) / Number(fraction[2]) : base;
}
