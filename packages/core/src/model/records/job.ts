import { z } from 'zod';
import { CLIMATES, JOB_STATUSES } from '../../vocabulary/index.ts';
import { airC, count, eMail, humidityPct, id, instant, money, text, withdrawnSchema, words } from '../fields.ts';
import { coordinatesSchema } from '../../units/coordinates.ts';
import { jobColoursSchema } from '../colour.ts';
import { houseRulesSchema } from '../houseRules.ts';
import { record } from '../record.ts';
import { currencyCode, termsSchema } from './firm.ts';

const year = z.number().int('must be a whole year').max(2200, 'must be 2200 or earlier');

/** The property as it bears on the work: who lives there, and the place's own dates for lead and asbestos. */
export const propertySchema = z.strictObject({
  occupants: text(200).optional(),
  leadYear: year.min(1800, 'must be 1800 or later').optional(),
  asbestosYear: year.min(1800, 'must be 1800 or later').optional(),
  /** Where its year goes otherwise than the firm's. */
  climate: z.enum(CLIMATES).nullish(),
  /** On the sketch map, in kilometres. */
  mapPlace: z.strictObject({ x: z.number().min(0).max(1000), y: z.number().min(0).max(1000) }).optional(),
  /** Where the house stands on the earth, where that is known. */
  at: coordinatesSchema.nullish(),
});
export type Property = z.infer<typeof propertySchema>;

/** Another way to do a surface, put to the client at its own price: the key of a system of that surface. */
const offer = z.strictObject({ id, surfaceId: id, key: z.string().regex(/^[0-9a-f]{16}$/) });
export type Offer = z.infer<typeof offer>;

/** Handed over: when, by whom, who was there, and what was said. */
export const handedOverSchema = z.strictObject({
  at: instant,
  by: text(120),
  withWhom: words(200),
  note: text(1000),
});
export type HandedOver = z.infer<typeof handedOverSchema>;

/** The firm that a job was brought in from, and how money and sizes are said there. */
export const cameFromSchema = z.strictObject({
  firm: text(120),
  currency: currencyCode,
  terms: termsSchema.partial(),
});
export type CameFrom = z.infer<typeof cameFromSchema>;

/** A sum that somebody set by hand: a line of its own, a discount (below nothing), or the price of one surface's line. */
const ownSum = z.strictObject({
  id,
  /** Whose line has this price; null: it is a line of its own. */
  surfaceId: id.nullable(),
  /** What it is called on the quote; of a surface's line nothing. */
  words: text(200),
  /** Net, in minor units. */
  amount: money.min(-1_000_000_000).max(1_000_000_000),
  /** Why, for the firm alone. */
  note: text(400),
  /** The currency in which it was set; absent: that of the firm where the job began. */
  currency: currencyCode.optional(),
});
export type OwnSum = z.infer<typeof ownSum>;
/** In which currency a sum was set: its own, or that of the firm where the job began; `here` where it began here. */
export const currencyOfSum = (
  { currency }: Pick<OwnSum, 'currency'>,
  { cameFrom }: { cameFrom: CameFrom | null },
  here: string,
): string => currency ?? cameFrom?.currency ?? here;
export const ownSumsSchema = z.array(ownSum).max(60);

/** Photos that the client is shown: as it was found, and, once it is there, as it was left, from the same stand. */
const clientPhoto = z.strictObject({ id, before: id, after: id.nullable(), words: text(200) });
export type ClientPhoto = z.infer<typeof clientPhoto>;
export const clientPhotosSchema = z.array(clientPhoto).max(60);

export const jobRecord = record(
  'job',
  {
    id,
    title: words(200),
    place: text(200),
    builtYear: year.min(1000, 'must be 1000 or later').nullable(),
    status: z.enum(JOB_STATUSES),
    note: text(2000),
    /** When work may begin. */
    startsAt: instant,
    temperatureC: airC,
    relativeHumidityPct: humidityPct,
    houseRules: houseRulesSchema,
    crewIds: z.array(id).max(100),
    racks: count.max(1000),
    property: propertySchema,
    /** Who the work is for, as it stands on papers. */
    client: text(200),
    offers: z.array(offer).max(500),
    /** Put away by mistake or given up; null: it stands. */
    withdrawn: withdrawnSchema.nullable(),
    /** Null: it was not handed over yet. */
    handedOver: handedOverSchema.nullable(),
    /** Sums that somebody set by hand; null: none. */
    ownSums: ownSumsSchema.nullable(),
    /** Where the client is written to; null: nowhere. */
    clientEmail: eMail.nullable(),
    /** Null: it began here. */
    cameFrom: cameFromSchema.nullable(),
    /** What the client is shown of the photos; null: none was chosen. */
    clientPhotos: clientPhotosSchema.nullable(),
    /** Its colours by their names; null: none was named. */
    colours: jobColoursSchema.nullable(),
  },
  {},
  ['withdrawn', 'handedOver', 'ownSums', 'clientEmail', 'cameFrom', 'clientPhotos', 'colours'],
);
