import { z } from 'zod';
import { SHEENS } from '../vocabulary/index.ts';
import { colourSchema } from './colour.ts';
import { metres, sizeM, text, words } from './fields.ts';

/** Which walls of the face a shape runs over, by their place in the row. */
const walls = z.array(z.number().int().min(0).max(23)).min(1, 'lies on no wall').max(24);
/** Metres that may lie below nothing: the start of a repeat before the wall begins. */
const offset = z.number().min(-1000).max(1000);
const point = z.strictObject({ x: offset, y: offset });
/** A corner of a drawn outline: metres from the left of its wall, and from the floor. */
export type OutlinePoint = Readonly<z.infer<typeof point>>;

/** Everything between two heights, as below a rail. Metres from the floor. */
const band = z.strictObject({ kind: z.literal('band'), walls, fromM: metres, toM: sizeM });
/** Bars of one width with one gap, from the left or from the floor. */
const stripes = z.strictObject({
  kind: z.literal('stripes'),
  walls,
  way: z.enum(['upright', 'level']),
  firstM: metres,
  widthM: sizeM,
  gapM: metres,
  count: z.number().int().min(1, 'at least one').max(400),
});
/** Everything on one side of a swinging line, which runs on round the corners. */
const wave = z.strictObject({
  kind: z.literal('wave'),
  walls,
  side: z.enum(['below', 'above']),
  /** The height about which it swings, how far to either side, and how long one swing up and down is. */
  heightM: metres,
  swingM: metres,
  lengthM: sizeM,
  /** Where along the walls its first rise begins. */
  startM: offset,
});
/** What somebody drew round, point by point; `round` runs a smooth line through the points. */
const outline = z.strictObject({
  kind: z.literal('outline'),
  wall: z.number().int().min(0).max(23),
  round: z.boolean(),
  points: z.array(point).min(3, 'needs three points').max(200),
});
/** A part that no drawing shows, in figures: the inside of a cabinet, the edge of a shelf. */
const figures = z.strictObject({
  kind: z.literal('figures'),
  areaM2: z.number().gt(0, 'must be above 0 m²').max(100_000),
  /** How long its edge is that is taped. */
  edgeM: metres,
});

const partShapeSchema = z.discriminatedUnion('kind', [band, stripes, wave, outline, figures]);
/** What a part is in: a shape on the face, or figures. */
export type PartShape = z.infer<typeof partShapeSchema>;

/** A part of a surface in a colour of its own. */
const part = z.strictObject({
  id: z.string().regex(/^[a-z0-9-]{1,36}$/),
  name: words(60),
  colour: colourSchema,
  /** Null: the sheen of the surface. */
  sheen: z.enum(SHEENS).nullable(),
  shape: partShapeSchema,
  note: text(200),
});
export type ColourPart = z.infer<typeof part>;

/** A face of its own, where no sketch shows the surface: one of `count` that are all done alike. Metres. */
const ownFace = z.strictObject({
  kind: z.literal('own'),
  widthM: sizeM,
  heightM: sizeM,
  count: z.number().int().min(1, 'at least one').max(1000),
});
export const partsFaceSchema = z.discriminatedUnion('kind', [z.strictObject({ kind: z.literal('walls') }), ownFace]);
/** What the parts of a surface are drawn on: the walls of its room's sketch, or a face of its own. */
export type PartsFace = z.infer<typeof partsFaceSchema>;

/** The parts of a surface in colours of their own. A later one lies over an earlier one where they meet. */
export const colourPartsSchema = z
  .strictObject({ face: partsFaceSchema, parts: z.array(part).max(40) })
  .superRefine(({ parts }, context) => {
    const fault = (at: number, field: string, message: string) =>
      context.addIssue({ code: 'custom', path: ['parts', at, field], message });
    parts.forEach(({ id, name, shape }, at) => {
      const before = parts.slice(0, at);
      if (before.some((one) => one.id === id)) fault(at, 'id', 'is the id of another part');
      if (before.some((one) => one.name.trim().toLowerCase() === name.trim().toLowerCase()))
        fault(at, 'name', 'is the name of another part');
      if (shape.kind === 'band' && shape.toM <= shape.fromM) fault(at, 'shape', 'ends no higher than it begins');
    });
  });
export type ColourParts = z.infer<typeof colourPartsSchema>;
