import {
  cardFields,
  FAMILIES,
  jobColoursSchema,
  namedColourSchema,
  partsFaceSchema,
  roomRecord,
  SHEENS,
  surfaceRecord,
} from '@rustic/core';
import { z } from 'zod';
import { answer, figure, flag, from, like, named, oneOf, sum, text } from './answer.ts';

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
      ...from('ColourPlace', 'surfaceId', 'partId', 'room', 'name', 'sheen'),
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
/** A chip of the firm's cards, with whose card it is. */
const chip = { ...from('NamedColour', 'colour', 'name', 'code', 'maker'), card: text };
/** Chips by how near they lie to a colour, in CIEDE2000. */
export const nearChips = answer({ chips: z.array(answer({ ...chip, difference: figure })) });
/** Chips that answer to some words. */
export const chipsAnswer = answer({
  chips: z.array(answer(chip)),
  /** How many more there are. */
  more: figure,
});

/** What parts in colours of their own come to, each by itself and all beside the surface in one colour. */
const reckoned = {
  /** What they are laid in; null: the system lays no coat of colour over the whole face. */
  family: oneOf(FAMILIES).nullable(),
  parts: z.array(
    answer({
      id: text,
      areaM2: figure,
      /** Its line that is taped, in metres, and how much of it is no straight line. */
      tapeM: figure,
      curvedM: figure,
      /** In which round of taping it is painted; 0: nothing is seen of it. */
      round: figure,
      coats: figure,
      litres: figure,
      /** Laid over the coats of the ground; else the ground stops at its line. */
      overGround: flag,
    }),
  ),
  faceM2: figure,
  groundM2: figure,
  rounds: figure,
  tapingMinutes: figure,
  addsMinutes: figure,
  addsLitres: figure,
  adds: sum,
};
export const partsReckonedAnswer = named('PartsReckoned', reckoned);
const { colourParts } = surfaceRecord.fields;
export const partsAnswer = named('PartsPage', {
  job: answer({ id: text, title: text }),
  room: answer({ id: text, name: text, sketch: like(roomRecord.fields.sketch) }),
  surface: answer({
    id: text,
    name: text,
    version: figure,
    areaM2: figure.nullable(),
    colour: text.nullable(),
    sheen: oneOf(SHEENS).nullable(),
    colourParts: like(colourParts),
  }),
  /** What they are drawn on where nobody has said it. */
  usual: like(partsFaceSchema),
  colours: z.array(like(namedColourSchema)),
  currency: text,
  reckoned: partsReckonedAnswer,
});
export const partsKept = answer({ jobId: text, version: figure });
