/** A figure as people write it, "2.5" or "2,5"; not a number where it cannot be read, and so never taken for nothing. */
export const readFigure = (text: string): number => {
  const plain = text.trim().replace(',', '.');
  return /^-?\d*\.?\d+$/.test(plain) ? Number(plain) : Number.NaN;
};
