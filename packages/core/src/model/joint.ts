import { z } from 'zod';
import { BEAD_READINGS, BEAD_STATES, JOINT_FILLS, JOINT_SIDES, REMEDIES } from '../vocabulary/index.ts';
import { text } from './fields.ts';

/** Metres along a joint. */
export const jointLengthM = z.number().gt(0, 'must be above 0 m').max(1000, 'must be at most 1000 m');

/** What is said of a joint, wherever it is said. Null: not said, and taken as is usual between those two sides. */
export const jointFields = {
  /** What it lies between. */
  side: z.enum(JOINT_SIDES),
  otherSide: z.enum(JOINT_SIDES),
  widthMm: z.number().min(0.5, 'must be 0.5 mm or more').max(200, 'must be at most 200 mm'),
  holds: z.enum(JOINT_FILLS),
  state: z.enum(BEAD_STATES),
  shine: z.enum(BEAD_READINGS.shine).nullable(),
  flex: z.enum(BEAD_READINGS.flex).nullable(),
  smell: z.enum(BEAD_READINGS.smell).nullable(),
  oldPaint: z.enum(BEAD_READINGS.oldPaint).nullable(),
  dab: z.enum(BEAD_READINGS.dab).nullable(),
  moves: z.boolean().nullable(),
  wet: z.boolean().nullable(),
  painted: z.boolean().nullable(),
  /** The colour of what is sealed in, as a cartridge is ordered; empty: any, it is painted. */
  colour: text(40),
  /** What was decided about the bead that is there; null: as the house rule and the bead have it. */
  remedy: z.enum(REMEDIES).nullable(),
} as const;

const { side, otherSide, widthMm, ...rest } = jointFields;
const unsaid = <S extends z.ZodType>(schema: S) => z.union([schema, z.null()]).optional();

/** A joint as a question brings it: its sides, its length and its width have to be said. */
export const jointSchema = z.strictObject({
  side,
  otherSide,
  lengthM: jointLengthM,
  widthMm,
  holds: unsaid(rest.holds),
  state: unsaid(rest.state),
  shine: unsaid(rest.shine),
  flex: unsaid(rest.flex),
  smell: unsaid(rest.smell),
  oldPaint: unsaid(rest.oldPaint),
  dab: unsaid(rest.dab),
  moves: unsaid(rest.moves),
  wet: unsaid(rest.wet),
  painted: unsaid(rest.painted),
  colour: unsaid(rest.colour),
  remedy: unsaid(rest.remedy),
});
export type JointSaid = z.infer<typeof jointSchema>;

/** A joint with what nobody said left open. Metres and millimetres. */
export type Joint = { readonly [F in keyof typeof jointFields]: z.infer<(typeof jointFields)[F]> } & {
  readonly lengthM: number;
};

/** A joint as it was said; one of which nothing is said stands open. */
export const jointOf = (said: JointSaid): Joint => ({
  side: said.side,
  otherSide: said.otherSide,
  lengthM: said.lengthM,
  widthMm: said.widthMm,
  holds: said.holds ?? 'open',
  state: said.state ?? 'sound',
  shine: said.shine ?? null,
  flex: said.flex ?? null,
  smell: said.smell ?? null,
  oldPaint: said.oldPaint ?? null,
  dab: said.dab ?? null,
  moves: said.moves ?? null,
  wet: said.wet ?? null,
  painted: said.painted ?? null,
  colour: said.colour ?? '',
  remedy: said.remedy ?? null,
});
