import { z } from 'zod';
import { HOUSE_RULES, type HouseRules } from '../vocabulary/index.ts';

const rules = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([rule, choices]) => [rule, z.enum(choices as unknown as [string]).optional()]),
);
/** House rules given; what is not given stays at its default. */
export const houseRulesSchema = z.strictObject(rules) as unknown as z.ZodType<Partial<HouseRules>, Partial<HouseRules>>;
