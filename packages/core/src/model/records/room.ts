import { z } from 'zod';
import { AIR_SOURCES, FACINGS, ROOM_KINDS } from '../../vocabulary/index.ts';
import { clock, count, id, metres, sizeM, text, withdrawnSchema, words } from '../fields.ts';
import { record } from '../record.ts';

export type { SketchPlace } from '../fields.ts';

/** Something cut into a wall. Metres from the wall's left and from the floor. */
const opening = z.strictObject({
  kind: z.enum(['window', 'door', 'opening']),
  x: metres,
  y: metres,
  widthM: sizeM,
  heightM: sizeM,
});
export type SketchOpening = Readonly<z.infer<typeof opening>>;

/** One wall of a room, or one face of an elevation, seen from inside and unfolded beside the next. Metres. */
const wall = z.strictObject({
  name: text(60),
  widthM: sizeM,
  heightM: sizeM,
  openings: z.array(opening).max(40).readonly(),
});
export type SketchWall = Readonly<z.infer<typeof wall>>;

/** A room as its walls unfolded in a row. */
export const sketchSchema = z.strictObject({ walls: z.array(wall).max(24).readonly() });
export type RoomSketch = z.infer<typeof sketchSchema>;

export const roomRecord = record(
  'room',
  {
    id,
    name: words(120),
    position: z.number().int(),
    noDustWhileWet: z.boolean(),
    backBy: clock.nullable(),
    /** By when strong vapour must be gone: people sleep or eat there. */
    fumesOutBy: clock.nullable(),
    maxNightsOut: count.max(365).nullable(),
    airFrom: z.enum(AIR_SOURCES),
    kind: z.enum(ROOM_KINDS),
    facing: z.enum(FACINGS).nullable(),
    sketch: sketchSchema.nullable(),
    /** Null: it stands. */
    withdrawn: withdrawnSchema.nullable(),
  },
  {},
  ['withdrawn'],
);
