import { readdirSync, readFileSync } from 'node:fs';
import { chipLike, readCard, type CardColour, type NamedColour } from '@rustic/core';

const CARDS = new URL('../../demo/cards/', import.meta.url);
const MAKERS: Readonly<Record<string, string>> = { 'Staithe card': 'Quillbeck', 'Harbour deeps': 'Fettlewick & Son' };

export interface DemoCard {
  name: string;
  maker: string;
  colours: CardColour[];
}

/** The colour cards that ship for the demo: invented colours of invented makers, as tables. */
export const demoCards = (): DemoCard[] =>
  readdirSync(CARDS)
    .filter((file) => file.endsWith('.csv'))
    .map((file) => {
      const name = file.replace(/\.csv$/, '');
      return { name, maker: MAKERS[name] ?? '', colours: readCard(readFileSync(new URL(file, CARDS))).colours };
    });

/** What a colour is called on one of the cards; null: it is on none, and the job has yet to name it. */
export function chipOf(cards: readonly DemoCard[], colour: string | null | undefined): NamedColour | null {
  const chip = colour ? chipLike(cards, colour) : null;
  return chip && { ...chip, note: '' };
}
