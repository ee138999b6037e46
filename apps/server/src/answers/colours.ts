import { cardFields, jobColoursSchema, namedColourSchema } from '@rustic/core';
import { z } from 'zod';
import { answer, figure, from, like, named, sum, text } from './answer.ts';

const { colours: chips, ...card } = cardFields;
const cardHead = { id: text, name: like(card.name), maker: like(card.maker), version: figure };

/** A line of a job's colour schedule, with how its places are coated. */
const line = named('ColourLine', {
  ...from('ScheduleLine', 'colour', 'looks', 'lightness', 'reflectancePct'),
  named: like(namedColourSchema).nullable(),
  /** What a card of the firm's calls this very swatch, where nobody has named it; null: no card has it. */
  onCard: answer(from('NamedColour', 'name', 'code', 'maker')).nullable(),
  places: z.array(
    answer({
      ...from('ColourPlace', 'surfaceId', 'room', 'name', 'sheen'),
      /** Coats of the finish. */
      coats: figure,
      /** What the tint of its primer is worth; null: none is tinted. */
      tint: answer({
        ...from('TintSaving', 'tint', 'coats', 'coatsOverWhite', 'minutes'),
        saves: sum,
      }).nullable(),
    }),
  ),
});

export const coloursPage = named('ColoursPage', {
  job: answer({ id: text, title: text, version: figure }),
  currency: text,
  lines: z.array(line),
});
export const jobColoursAnswer = answer({ version: figure, colours: like(jobColoursSchema) });

export const cardsPage = named('ColourCards', {
  cards: z.array(answer({ ...cardHead, count: figure })),
});
export const cardAnswer = named('ColourCard', { ...cardHead, colours: like(chips) });
export const cardKept = answer({ id: text, version: figure });
/** Chips of the firm's cards that answer to some words. */
export const chipsAnswer = answer({
  chips: z.array(answer({ ...from('NamedColour', 'colour', 'name', 'code', 'maker'), card: text })),
  /** How many more there are. */
  more: figure,
});
