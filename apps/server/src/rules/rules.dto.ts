import {
  coordinatesSchema,
  firmPlaceFields,
  HEMISPHERES,
  houseRulesSchema,
  id,
  letterheadSchema,
  newId,
  priceSettingsSchema,
  supplierSchema,
  termsSchema,
  text,
  version,
  weightsSchema,
} from '@rustic/core';
import { z } from 'zod';
import { bodyOf } from '../http/bodyOf.ts';

/** Why it is done otherwise here. */
const note = text(400).optional();

/** House rules at one level. */
export class RulesChange extends bodyOf({ id: newId, version, houseRules: houseRulesSchema, note }) {}

/** What a firm changes of itself; of a group of settings what is not said stands. */
export class FirmChange extends bodyOf({
  id: newId,
  version,
  houseRules: houseRulesSchema.optional(),
  terms: termsSchema.partial().optional(),
  weights: weightsSchema.partial().optional(),
  pricing: priceSettingsSchema.partial().optional(),
  letterhead: letterheadSchema.partial().optional(),
  /** Where the van stands; null: that is not known. */
  yard: coordinatesSchema.nullish(),
  /** Null takes the firm's picture off its papers. */
  logo: z.null().optional(),
  suppliers: z.array(supplierSchema).max(60).optional(),
  name: firmPlaceFields.name.optional(),
  timeZone: firmPlaceFields.timeZone.optional(),
  currency: firmPlaceFields.currency.optional(),
  hemisphere: z.enum(HEMISPHERES).optional(),
  note,
}) {}

export const RULE_LEVELS = ['firm', 'job', 'surface'] as const;
export class RulesAsked extends bodyOf({
  level: z.enum(RULE_LEVELS),
  subject: id.optional(),
  houseRules: houseRulesSchema,
}) {}
