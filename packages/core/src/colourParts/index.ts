export { usualFace, wallsOf } from './face.ts';
export { drawParts, type PartDrawn, type PartsDrawn } from './drawParts.ts';
export { coatsOfPart, familyOfParts, withParts } from './partSteps.ts';
export type { Region } from './regions.ts';
export { hasTemplate, MOST_SHEETS, templateOf, type Mm, type Template, type TemplateSheet } from './template.ts';
export { TEMPLATE_PAPER, type TemplatePaper } from './knowledge/paper.ts';
