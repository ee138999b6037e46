import { z } from 'zod';
import {
  CONDITIONS,
  ELEMENTS,
  EXPOSURES,
  FAMILIES,
  FINISHES,
  GROUNDS,
  HOUSE_RULES,
  NEEDS,
  PLANES,
  SHEENS,
  SUBSTRATES,
  TEST_KINDS,
  TEST_RESULTS,
  TEXTURES,
  CHEMISTRIES,
  type HouseRules,
} from '../vocabulary/index.ts';
import { ODOURS, STIRS, TINT_RANGES } from '../shelf/product.ts';

const MOST_TESTS = 200;
const MOST_NEIGHBOURS = 500;
const place = z.string().max(200).nullish();
const colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'must be a colour as #rrggbb');
const area = z.number().gt(0, 'must be above 0 m²').max(100_000, 'must be at most 100000 m²');

const extent = z.strictObject({
  areaM2: z.number().min(0).max(100_000).nullish(),
  lengthM: z.number().min(0).max(100_000).nullish(),
  count: z.number().int().min(0).max(100_000).nullish(),
});

export const surfaceSchema = z.strictObject({
  element: z.enum(ELEMENTS),
  substrate: z.enum(SUBSTRATES),
  exposure: z.enum(EXPOSURES).nullish(),
  texture: z.enum(TEXTURES).nullish(),
  conditions: z.array(z.enum(CONDITIONS)).max(60).nullish(),
  areaM2: area.nullish(),
  currentColour: colour.nullish(),
  currentColours: z.array(colour).max(20).nullish(),
  currentFinish: z.enum(FINISHES).nullish(),
  builtYear: z
    .number()
    .int('must be a whole year')
    .min(1000, 'must be 1000 or later')
    .max(2200, 'must be 2200 or earlier')
    .nullish(),
  isNew: z.boolean().nullish(),
  sanded: z.boolean().nullish(),
  substrateAgeMonths: z.number().min(0).max(24_000).nullish(),
  extents: z.partialRecord(z.enum(CONDITIONS), extent).nullish(),
});

const ONLY_WITH: Readonly<Record<string, string>> = {
  grade: 'cross-cut',
  value: 'moisture-meter',
  yellowed: 'sheen-look',
  family: 'test-patch',
  coats: 'test-patch',
};

export const testSchema = z
  .strictObject({
    kind: z.enum(TEST_KINDS as [(typeof TEST_KINDS)[number]]),
    result: z.string().max(40).nullish(),
    grade: z.number().int('must be a whole grade').min(0).max(5).nullish(),
    value: z.number().min(0, 'must be 0 % or more').max(300, 'must be 300 % or less').nullish(),
    yellowed: z.boolean().nullish(),
    place,
    filmAgeHours: z.number().min(0).max(10_000_000).nullish(),
    plane: z.enum(PLANES).nullish(),
    family: z.enum(FAMILIES).nullish(),
    coats: z.number().int().min(1).max(10).nullish(),
    minutes: z.number().min(0).max(525_600).nullish(),
  })
  .superRefine((test, context) => {
    const fault = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    for (const [field, kind] of Object.entries(ONLY_WITH)) {
      if (test[field as keyof typeof test] != null && test.kind !== kind) fault(field, `belongs to a ${kind} only`);
    }
    const results: readonly string[] = TEST_RESULTS[test.kind];
    if (test.kind === 'cross-cut' || test.kind === 'moisture-meter') {
      const carries = test.kind === 'cross-cut' ? 'grade' : 'value';
      if (test[carries] == null) fault(carries, `a ${test.kind} carries a ${carries}`);
      if (test.result != null) fault('result', `a ${test.kind} carries a ${carries}, not a result`);
    } else if (test.result == null) fault('result', `is missing: one of ${results.join(', ')}`);
    else if (!results.includes(test.result)) fault('result', `must be one of: ${results.join(', ')}`);
  });

const neighbourSchema = z.strictObject({
  campaign: z.enum(['same', 'unknown']),
  element: z.enum(ELEMENTS),
  tests: z.array(testSchema).max(MOST_TESTS),
});

export const wantedSchema = z.strictObject({
  chemistry: z.enum(['waterborne', 'solvent-borne']).nullish(),
  sheen: z.enum(SHEENS).nullish(),
  colour: colour.nullish(),
  family: z.enum(FAMILIES).nullish(),
  lowOdour: z.boolean().nullish(),
  maxNightsOut: z.number().int().min(0).max(3650).nullish(),
  handling: z.enum(['light', 'normal', 'heavy']).nullish(),
  distressed: z.boolean().nullish(),
});

const minutes = z.number().min(0).max(5_256_000).nullish();
/** The drying figures of a data sheet; minutes at 23 °C and 50 %. */
export const dryingSchema = z.strictObject({
  family: z.enum(FAMILIES).nullish(),
  chemistry: z.enum(CHEMISTRIES).nullish(),
  dustFreeMin: minutes,
  recoatMin: minutes,
  recoatPreferredMin: minutes,
  recoatMaxMin: minutes,
  handleMin: minutes,
  minTempC: z.number().min(-60).max(80).nullish(),
  maxTempC: z.number().min(-60).max(120).nullish(),
  maxRhPct: z.number().min(0).max(100).nullish(),
  dewMarginC: z.number().min(-20).max(40).nullish(),
  maxWindMs: z.number().min(0).max(120).nullish(),
  rainSafeMin: minutes,
  limitsHoldMin: minutes,
});

/** A product of a caller's shelf: its family, and what its sheet says. */
export const productSchema = z.strictObject({
  id: z.string().min(1).max(80).optional(),
  name: z.string().min(1).max(120).optional(),
  maker: z.string().max(120).optional(),
  family: z.enum(FAMILIES),
  spreadM2PerL: z.number().gt(0).max(100).optional(),
  wetFilmUm: z.number().gt(0).max(5000).optional(),
  dryFilmUm: z.number().gt(0).max(5000).optional(),
  cureHours: z.number().min(0).max(20_000).optional(),
  sheens: z.array(z.enum(SHEENS)).max(6).optional(),
  odour: z.enum(ODOURS).optional(),
  vocGPerL: z.number().min(0).max(1000).optional(),
  solidsPct: z.number().min(0).max(100).optional(),
  tints: z.enum(TINT_RANGES).optional(),
  spreadOn: z.partialRecord(z.enum(GROUNDS), z.number().gt(0).max(100)).optional(),
  mix: z
    .strictObject({
      base: z.number().gt(0).max(1000),
      hardener: z.number().gt(0).max(1000),
      potLifeMin: z.number().gt(0).max(10_000),
    })
    .nullish(),
  stir: z.enum(STIRS).optional(),
  does: z.partialRecord(z.enum(NEEDS), z.union([z.literal(1), z.literal(2), z.literal(3)])).optional(),
  refuses: z.array(z.enum(GROUNDS)).max(GROUNDS.length).optional(),
  tins: z
    .array(z.strictObject({ litres: z.number().gt(0).max(1000), price: z.number().int().min(0).max(100_000_000) }))
    .max(20)
    .optional(),
  drying: dryingSchema.optional(),
});

const rules = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([rule, choices]) => [rule, z.enum(choices as unknown as [string]).optional()]),
);
/** House rules given; what is not given stays at its default. */
export const houseRulesSchema = z.strictObject(rules) as unknown as z.ZodType<Partial<HouseRules>>;

/** Everything `ledger assess` takes. Only the surface's element and substrate are required. */
export const assessSchema = z.strictObject({
  surface: surfaceSchema,
  tests: z.array(testSchema).max(MOST_TESTS).nullish(),
  neighbours: z.array(neighbourSchema).max(MOST_NEIGHBOURS).nullish(),
  wanted: wantedSchema.nullish(),
  shelf: z.array(productSchema).max(5000).nullish(),
  houseRules: houseRulesSchema.nullish(),
});
export type AssessInput = z.infer<typeof assessSchema>;
