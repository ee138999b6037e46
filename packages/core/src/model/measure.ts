import { z } from 'zod';
import { DOOR_PATTERNS, MOULDINGS, SPINDLE_SECTIONS, WINDOW_PATTERNS } from './knowledge/shapes.ts';

const LONGEST_M = 1000;
const metres = z.number().positive().max(LONGEST_M);
const some = z.number().min(0).max(LONGEST_M);
const count = z.number().int().min(1).max(10_000);
const codes = <T extends object>(table: T) =>
  z.enum(Object.keys(table) as [string, ...string[]]) as unknown as z.ZodType<keyof T>;

/** An opening or something left out of a measured face. Metres. */
const opening = z.strictObject({ widthM: metres, heightM: metres, count: count.max(1000) });
const openings = z.array(opening).max(40);
const size = { widthM: metres, heightM: metres };
/** Height of the triangle above a face. */
const gable = { gableM: some.optional() };

const SHAPES = [
  /** A face: one rectangle, with a gable on it where there is one, and what is taken off. The shape is left out in records from before there were others. */
  z.strictObject({ shape: z.literal('face').optional(), ...size, ...gable, count, bothSides: z.boolean(), openings }),
  /** Lengths of a moulding. `girthM` is what goes round its painted face, where it was measured. */
  z.strictObject({
    shape: z.literal('moulding'),
    moulding: codes(MOULDINGS),
    lengthM: metres,
    girthM: metres.optional(),
    count,
  }),
  /** A face with panels on it. `standsOutM` is how much wider the moulding is round its face than it lies flat. */
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
  /** Boards that lap: what shows of each, and how thick its lower edge is. */
  z.strictObject({ shape: z.literal('siding'), ...size, ...gable, showsM: metres, thickM: metres, openings }),
  z.strictObject({
    shape: z.literal('radiators'),
    ...size,
    panels: z.number().int().min(1).max(4),
    finned: z.boolean(),
    count,
  }),
] as const;

/** How a surface was measured. Metres; every size of one side is told by its shape; unknown fields are refused. */
export const measureSchema = z.discriminatedUnion('shape', SHAPES);
export type Measure = z.infer<typeof measureSchema>;
export type Opening = z.infer<typeof opening>;
type OfShape<S> = Extract<Measure, { shape: S }>;
export type FaceMeasure = z.infer<(typeof SHAPES)[0]>;
export type MouldingMeasure = OfShape<'moulding'>;
export type PanellingMeasure = OfShape<'panelling'>;
export type SpindlesMeasure = OfShape<'spindles'>;
export type DoorsMeasure = OfShape<'doors'>;
export type WindowsMeasure = OfShape<'windows'>;
export type SidingMeasure = OfShape<'siding'>;
export type RadiatorsMeasure = OfShape<'radiators'>;
