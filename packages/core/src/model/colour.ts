import { z } from 'zod';
import { text, words } from './fields.ts';

/** A colour as a screen shows it, `#rrggbb`. */
export const colourSchema = z.string().regex(/^#[0-9a-f]{6}$/i, 'must be a colour as #rrggbb');

/** A colour as the tin and the client say it, beside what a screen shows of it. */
export const namedColourSchema = z.strictObject({
  colour: colourSchema,
  name: words(80),
  /** Its code or number on its maker's card; empty where it has none. */
  code: text(40),
  /** Whose colour it is: not always the maker of the paint that is tinted to it. */
  maker: text(80),
  note: text(200),
});
export type NamedColour = z.infer<typeof namedColourSchema>;

/** Two spellings of one colour are one colour. */
export const sameColour = (one: string, other: string): boolean => one.toLowerCase() === other.toLowerCase();

/** The colours of a job by their names: one name a colour, one colour a name. */
export const jobColoursSchema = z
  .array(namedColourSchema)
  .max(200)
  .superRefine((colours, context) => {
    colours.forEach(({ colour, name }, at) => {
      const before = colours.slice(0, at);
      if (before.some((one) => sameColour(one.colour, colour)))
        context.addIssue({ code: 'custom', path: [at, 'colour'], message: 'has a name already' });
      if (before.some((one) => one.name.trim().toLowerCase() === name.trim().toLowerCase()))
        context.addIssue({ code: 'custom', path: [at, 'name'], message: 'is the name of another colour of this job' });
    });
  });

/** A colour of a card: what is on one of its chips. */
export const cardColourSchema = namedColourSchema.pick({ colour: true, name: true, code: true });
export type CardColour = z.infer<typeof cardColourSchema>;
/** The chips of one card. */
export const cardColoursSchema = z
  .array(cardColourSchema)
  .min(1, 'holds no colour')
  .max(3000, 'holds at most 3000 colours');
/** A colour card that a firm keeps: whose it is, and what it is called. */
export const cardFields = { name: words(80), maker: text(80), colours: cardColoursSchema };
