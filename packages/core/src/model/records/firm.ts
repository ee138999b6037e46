import { IANAZone } from 'luxon';
import { z } from 'zod';
import { CLIMATES, ROLES, TERMS, TINTS } from '../../vocabulary/index.ts';
import { isCurrency } from '../../units/money.ts';
import { clock, count, eMail, id, localDay, newId, text, words } from '../fields.ts';

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
  /** Clients are told prices with the tax in them. */
  taxIncluded: z.boolean(),
  /** Kept of each colour for touch-ups, in litres. */
  reserveL: z.number().min(0).max(20),
  /** For how many days a price is held. */
  heldDays: count.min(1).max(730),
  /** What sundries cost, as times what they usually cost in pence. */
  sundriesLevel: z.number().min(0.01).max(1000),
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
  email: eMail,
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

/** What stands at the head and the foot of a firm's papers; what it does not say is left out. */
export const letterheadSchema = z.strictObject({
  /** As it is written on an envelope, a line each. */
  address: text(400),
  phone: text(60),
  email: z.union([z.literal(''), eMail]),
  /** The numbers under which the firm is known to its tax office and its register, as they are printed. */
  taxNumber: text(60),
  registration: text(80),
  /** Printed under every quote: what the firm undertakes, and what it asks. */
  quoteTerms: text(4000),
  /** When what is paid: a deposit, stages, the rest. */
  payment: text(600),
  /** The number that the first quote of the firm has, where it goes on from older books. */
  quotesFrom: count.min(1).max(999_999),
});
export type Letterhead = z.infer<typeof letterheadSchema>;

/** Where the firm buys: whose tins are had there, whether sundries are, and when. */
export const supplierSchema = z.strictObject({
  name: words(120),
  makers: z.array(words(120)).max(40),
  sundries: z.boolean(),
  /** ISO weekdays on which it can be had from. */
  days: z.array(weekday).max(7),
  /** A local time of day by which it is ordered for the next. */
  orderBy: clock.nullable(),
});
export type Supplier = z.infer<typeof supplierSchema>;

/** Which products a firm's shelf begins with: the invented ones of the demo, or typical figures of each kind and no maker. */
export const SHELF_BEGINNINGS = ['demo', 'typical'] as const;
export type ShelfBeginning = (typeof SHELF_BEGINNINGS)[number];

export const HEMISPHERES = ['northern', 'southern'] as const;
export type Hemisphere = (typeof HEMISPHERES)[number];

/** A currency by its ISO 4217 code. */
export const currencyCode = z
  .string()
  .regex(/^[A-Z]{3}$/, 'must be the three letters of a currency, such as USD')
  .refine((currency) => isCurrency(currency), 'is no currency that is known');

/** Where a firm is, and in what it is paid. */
export const firmPlaceFields = {
  name: words(120),
  timeZone: z
    .string()
    .max(64)
    .refine((zone) => IANAZone.isValidZone(zone), 'must be a time zone by its name, such as Europe/London'),
  currency: currencyCode,
};

/** A password that is chosen anew. */
export const newPassword = z.string().min(12, 'must have at least 12 characters').max(200);

/** What a firm says of itself when it begins, and who its owner is. */
export const foundingFields = {
  id: newId,
  /** The code that the start command printed. */
  code: words(60),
  firm: z.strictObject({
    ...firmPlaceFields,
    hemisphere: z.enum(['north', 'south']),
    units: z.enum(TERMS.units),
    taxName: words(40),
    /** Per cent of the net price, two decimals at the most. */
    taxPct: z.number().min(0).max(100),
    /** Whether prices are said with the tax in them; not said: without. */
    taxIncluded: z.boolean().optional(),
    address: letterheadSchema.shape.address.optional(),
    phone: letterheadSchema.shape.phone.optional(),
    email: letterheadSchema.shape.email.optional(),
  }),
  owner: z.strictObject({ name: personFields.name, email: personFields.email, password: newPassword }),
};
