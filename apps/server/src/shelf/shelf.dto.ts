import { instant, newId, noteFields, SHELF_FORMATS, tinFields, version, type ShelfFormat } from '@rustic/core';
import { z } from 'zod';
import { bodyOf, noted } from '../http/bodyOf.ts';

const MOST_TEXT = 240_000;

/** A product written by hand; its sheet is checked by the core, as one of a file is. */
export class ProductBody extends bodyOf({
  id: newId,
  /** Null where this firm has no sheet of its own for it yet. */
  version: version.nullish(),
  sheet: z.record(z.string(), z.unknown()),
  kept: z.boolean(),
}) {}

const file = { format: z.enum(SHELF_FORMATS), text: z.string().max(MOST_TEXT) };
export class ShelfFile extends bodyOf(file) {}
export class ExportAsked extends bodyOf({ format: file.format as z.ZodType<ShelfFormat> }) {}

/** A file that was looked at first: `seen` is what the look was of. */
export class ShelfImport extends bodyOf({
  id: newId,
  ...file,
  seen: z.string().regex(/^[0-9a-f]{64}$/, 'names no file that was looked at'),
}) {}

export class TinBody extends bodyOf({
  id: newId,
  productId: tinFields.productId,
  batch: tinFields.batch,
  litres: tinFields.litres,
  openedAt: noted(instant).nullish(),
  colour: tinFields.colour.optional(),
}) {}

export class TinChange extends bodyOf({
  id: newId,
  version,
  litres: tinFields.litres,
  openedAt: noted(instant).optional(),
}) {}

export class NoteBody extends bodyOf({
  id: newId,
  kind: noteFields.kind,
  text: noteFields.text,
  standing: noteFields.standing.optional(),
  trialId: noteFields.trialId.optional(),
  jobId: noteFields.jobId.optional(),
  about: noteFields.about.optional(),
}) {}
