import { newId, surfaceRecord, TEMPLATE_PAPER, version, type TemplatePaper } from '@rustic/core';
import { z } from 'zod';
import { bodyOf, queryOf } from '../http/bodyOf.ts';

const { colourParts } = surfaceRecord.fields;

/** All parts of a surface at once; null: all of it is in one colour again. */
export class PartsBody extends bodyOf({ id: newId, version, colourParts }) {}

/** Parts that are being drawn: nothing is written. */
export class PartsTriedBody extends bodyOf({ colourParts }) {}

const PAPERS = Object.keys(TEMPLATE_PAPER) as [TemplatePaper, ...TemplatePaper[]];
/** On which paper a template is printed. */
export class TemplateAsked extends queryOf({ paper: z.enum(PAPERS).optional() }) {}
