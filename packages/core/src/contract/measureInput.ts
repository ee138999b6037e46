import { z } from 'zod';
import type { Measure } from '../quantities/measure.ts';
import { DOOR_PATTERNS, MOULDINGS, SPINDLE_SECTIONS, WINDOW_PATTERNS } from '../quantities/knowledge/shapes.ts';

const LONGEST_M = 1000;
const metres = z.number().positive().max(LONGEST_M);
const some = z.number().min(0).max(LONGEST_M);
const count = z.number().int().min(1).max(10_000);
const codes = <T extends object>(table: T) =>
  z.enum(Object.keys(table) as [string, ...string[]]) as unknown as z.ZodType<keyof T>;
const openings = z.array(z.strictObject({ widthM: metres, heightM: metres, count: count.max(1000) })).max(40);
const size = { widthM: metres, heightM: metres };
const gable = { gableM: some.optional() };

/** Reads a measure of any shape: metres, every size within reason, unknown fields refused. */
export const measureSchema: z.ZodType<Measure> = z.discriminatedUnion('shape', [
  z.strictObject({ shape: z.literal('face').optional(), ...size, ...gable, count, bothSides: z.boolean(), openings }),
  z.strictObject({
    shape: z.literal('moulding'),
    moulding: codes(MOULDINGS),
    lengthM: metres,
    girthM: metres.optional(),
    count,
  }),
  z.strictObject({
    shape: z.literal('panelling'),
    ...size,
    panels: z.number().int().min(0).max(10_000),
    panelWidthM: metres,
    panelHeightM: metres,
    standsOutM: some,
    openings,
  }),
  z.strictObject({
    shape: z.literal('spindles'),
    section: codes(SPINDLE_SECTIONS),
    heightM: metres,
    thicknessM: metres,
    count,
  }),
  z.strictObject({ shape: z.literal('doors'), pattern: codes(DOOR_PATTERNS), ...size, count, bothSides: z.boolean() }),
  z.strictObject({
    shape: z.literal('windows'),
    pattern: codes(WINDOW_PATTERNS),
    ...size,
    count,
    bothSides: z.boolean(),
  }),
  z.strictObject({ shape: z.literal('siding'), ...size, ...gable, showsM: metres, thickM: metres, openings }),
  z.strictObject({
    shape: z.literal('radiators'),
    ...size,
    panels: z.number().int().min(1).max(4),
    finned: z.boolean(),
    count,
  }),
]) as z.ZodType<Measure>;
