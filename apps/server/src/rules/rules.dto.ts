import {
  houseRulesSchema,
  id,
  newId,
  priceSettingsSchema,
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
  note,
}) {}

export const RULE_LEVELS = ['firm', 'job', 'surface'] as const;
export class RulesAsked extends bodyOf({
  level: z.enum(RULE_LEVELS),
  subject: id.optional(),
  houseRules: houseRulesSchema,
}) {}
