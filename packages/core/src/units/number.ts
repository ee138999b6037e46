/** A number as it is written on a list or read off a tape: decimals with point or comma, fractions, whole and fraction. */
export const NUMBER = String.raw`(?:\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)`;

const FRACTIONS: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** The same in plain signs: curly marks of feet and inches, fractions in one letter, “13-1/4” for 13 1/4. */
export const inPlainSigns = (text: string): string =>
  text
    .replace(/[‘’´`]/g, "'")
    .replace(/[“”]/g, '"')
    .replace(
      /(\d?)\s*([¼½¾⅛⅜⅝⅞])/g,
      (_all, before: string, one: string) => `${before}${before ? ' ' : ''}${FRACTIONS[one]!}`,
    )
    .replace(/(\d)\s*[-–]\s*(\d+\/\d+)/g, '$1 $2');

/** What such a text says: 3, 3.2, 3,2, 1/2, 10 3/8. */
export function numberOf(text: string): number {
  const [whole, fraction] = text.includes('/')
    ? [text.replace(/\S+\/\S+$/, ''), /(\d+)\/(\d+)$/.exec(text)!]
    : [text, null];
  const base = whole.trim() === '' ? 0 : Number(whole.trim().replace(',', '.'));
  return fraction ? base + Number(fraction[1]) / Number(fraction[2]) : base;
}
