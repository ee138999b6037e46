import { FAMILIES, FAMILY_LABELS, type Family } from '../vocabulary/index.ts';

const plain = (words: string) =>
  words
    .toLowerCase()
    .replace(/[^a-z]+/g, ' ')
    .trim();

const BY_WORDS = new Map<string, Family>(
  FAMILIES.flatMap((family) => [
    [plain(family), family],
    [plain(FAMILY_LABELS[family]), family],
  ]),
);

/** The kind that is called so, by its code or its label; null where none is. */
export const familyOfWords = (words: string): Family | null => BY_WORDS.get(plain(words)) ?? null;

const pairsOf = (words: string) => {
  const letters = ` ${plain(words)} `;
  return Array.from({ length: letters.length - 1 }, (_, i) => letters.slice(i, i + 2));
};

/** How alike two words are: pairs of letters that they share, of all they have (Dice's coefficient). 0 to 1. */
function likeness(a: string, b: string): number {
  const [left, right] = [pairsOf(a), pairsOf(b)];
  const rest = [...right];
  const shared = left.filter((pair) => {
    const at = rest.indexOf(pair);
    if (at >= 0) rest.splice(at, 1);
    return at >= 0;
  });
  return (2 * shared.length) / (left.length + right.length);
}

/** The kind whose name is nearest to a word that is none. */
export const nearestFamily = (words: string): Family =>
  FAMILIES.reduce((best, family) => (likeness(words, FAMILY_LABELS[family]) > likeness(words, FAMILY_LABELS[best]) ? family : best));
