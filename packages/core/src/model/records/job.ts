import { z } from 'zod';
import { CLIMATES, JOB_STATUSES } from '../../vocabulary/index.ts';
import { airC, count, humidityPct, id, instant, money, text, withdrawnSchema, words } from '../fields.ts';
import { houseRulesSchema } from '../houseRules.ts';
import { record } from '../record.ts';

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
});
export type OwnSum = z.infer<typeof ownSum>;
export const ownSumsSchema = z.array(ownSum).max(60);

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
  },
  {},
  ['withdrawn', 'handedOver', 'ownSums'],
);
