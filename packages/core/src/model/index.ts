export { UnusableInput, faultsBy, pathText, readBy, type InputFault, type Refusal } from './fault.ts';
export {
  colourSchema,
  cardColourSchema,
  cardFields,
  jobColoursSchema,
  namedColourSchema,
  sameColour,
  type CardColour,
  type NamedColour,
} from './colour.ts';
export { houseRulesSchema } from './houseRules.ts';
export { jointFields, jointOf, jointSchema, type Joint, type JointSaid } from './joint.ts';
export type { HoursBy } from './hoursBy.ts';
export { DOOR_PATTERNS, MOULDINGS, SPINDLE_SECTIONS, WINDOW_PATTERNS } from './knowledge/shapes.ts';
export { measureSchema, type Measure, type Opening } from './measure.ts';
export { planSchema, type PlanInput } from './planInput.ts';
export {
  ODOURS,
  productSchema,
  STIRS,
  type DryingFigures,
  type Odour,
  type Stir,
  type Product,
  type ProductGiven,
} from './product.ts';
export { coatFamilies, metresAlong, stepKey, type Step, type StepParts, type System } from './step.ts';
export {
  colourPartsSchema,
  partsFaceSchema,
  type ColourPart,
  type ColourParts,
  type OutlinePoint,
  type PartShape,
  type PartsFace,
} from './colourParts.ts';
export {
  extentSchema,
  NOTHING_WANTED,
  surfaceSchema,
  wantedSchema,
  type Extent,
  type SurfaceFacts,
  type SurfaceSaid,
  type Wanted,
} from './surface.ts';
export { testSchema, testsThatStand, testsThatTell, type TestRecord } from './test.ts';
export { clock, code, eMail, hex, id, instant, localDay, newId, text, version, words } from './fields.ts';
export { fileRow, optional, pick, record, type Fields, type RecordDefinition, type StoredFields } from './record.ts';
export * from './records/index.ts';
