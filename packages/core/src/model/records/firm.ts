import { z } from 'zod';
import { CLIMATES, ROLES, TERMS, TINTS } from '../../vocabulary/index.ts';
import { clock, count, id, localDay, text, words } from '../fields.ts';

/** The firm's own words, where it says a thing otherwise. */
export const termsSchema = z.strictObject({
  board: z.enum(TERMS.board),
  firstCoat: z.enum(TERMS.firstCoat),
  units: z.enum(TERMS.units),
});

/** What matters to a firm when systems are set against each other: 0 not at all, 1 as usual, at most 4. */
const weight = z.number().min(0).max(4);
export const weightsSchema = z.strictObject({
  cost: weight,
  time: weight,
  fumes: weight,
  durability: weight,
  risk: weight,
});
export type Weights = z.infer<typeof weightsSchema>;

/** How a firm prices. Money in minor units, shares in 1/100 %. */
export const priceSettingsSchema = z.strictObject({
  /** What an hour of one painter costs the firm. */
  hourCost: count.max(1_000_000),
  /** Fetching, setting up and clearing away, minutes for each visit of a person. */
  visitMinutes: count.max(600),
  /** Hands-on minutes in one person's day. */
  dayMinutes: count.min(60).max(900),
  /** Hire and wear of equipment for each visit. */
  equipmentPerVisit: count.max(10_000_000),
  /** On labour, materials and equipment: rent, van, office. In 1/100 %. */
  overhead: count.max(30_000),
  /** On cost with overhead. In 1/100 %. */
  margin: count.max(30_000),
  /** Of the net price. In 1/100 %. */
  tax: count.max(10_000),
  /** How the tax is called on a paper. */
  taxName: words(40),
  /** Kept of each colour for touch-ups, in litres. */
  reserveL: z.number().min(0).max(20),
  /** For how many days a price is held. */
  heldDays: count.min(1).max(730),
});
export type PriceSettings = z.infer<typeof priceSettingsSchema>;

/** What a visit costs beside the work, in minutes; the days on which nobody works; how the year goes where the firm works. */
export const planningSchema = z.strictObject({
  setUpMin: count.max(240),
  packUpMin: count.max(240),
  travelMin: count.max(240),
  holidays: z.array(localDay).max(400),
  climate: z.enum(CLIMATES).optional(),
});
export type Planning = z.infer<typeof planningSchema>;

/** How long a firm keeps what it need not keep for ever; null, or not said: for ever. */
export const retentionSchema = z.strictObject({
  /** Notes of who came in, in months. */
  accessMonths: count.min(1).max(600).nullish(),
  /** Photos of jobs whose last work lies so many years back. */
  photoYears: count.min(1).max(100).nullish(),
});
export type Retention = z.infer<typeof retentionSchema>;

const weekday = count.min(1, 'weekdays run from 1, Monday, to 7').max(7, 'weekdays run from 1, Monday, to 7');
/** Working days and hours of a person on the plan. */
export const hoursSchema = z
  .strictObject({ days: z.array(weekday).max(7), from: clock, to: clock })
  .refine(({ from, to }) => from < to, { path: ['to'], message: 'must be later than from' })
  .refine(({ days }) => new Set(days).size === days.length, { path: ['days'], message: 'names a day twice' });

/** A person of the firm. */
export const personFields = {
  name: words(120),
  initials: z.string().regex(/^\p{L}{1,4}$/u, 'must be one to four letters'),
  email: z.email('must be an e-mail address').max(160),
  role: z.enum(ROLES),
  /** Null: not on the plan. */
  hours: hoursSchema.nullable(),
  /** What not everybody can do: a step that asks for it goes to those who have it. */
  skills: z.array(text(40)).max(12),
};

export const productIdSchema = z.string().regex(/^[a-z0-9][a-z0-9-]{0,79}$/);

/** A tin in the van or the store. */
export const tinFields = {
  productId: productIdSchema,
  batch: text(80),
  /** What it was tinted to, or a primer's tint; null as it comes. */
  colour: z
    .string()
    .regex(new RegExp(`^(#[0-9a-f]{6}|${TINTS.join('|')})$`), 'must be a colour as #rrggbb, or a tint')
    .nullable(),
  litres: z.number().min(0).max(1000),
};

export const NOTE_KINDS = ['note', 'claim'] as const;
export const CLAIM_STANDINGS = ['believed', 'tried', 'refuted'] as const;
/** What the firm has found out about a product. A claim of the label stands by its newest note; none is changed. */
export const noteFields = {
  kind: z.enum(NOTE_KINDS),
  text: words(600),
  standing: z.enum(CLAIM_STANDINGS).nullable(),
  /** The trial or the job that showed it. */
  trialId: id.nullable(),
  jobId: id.nullable(),
  /** The claim whose standing this note changes. */
  about: id.nullable(),
};
