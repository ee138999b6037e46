export {
  alternativesTo,
  schoolsOn,
  waysOf,
  type Alternative,
  type RankedAlternative,
  type School,
} from './alternatives.ts';
export { openQuestions } from './openQuestions.ts';
export { risksOf, type Risk } from './risks.ts';
export { systemLines, type SystemLine } from './systemLines.ts';
export { whatIf, othersFor, type WhatIf } from './whatIf.ts';
export { underDoubt, type Doubt, type DoubtOption } from './underDoubt.ts';
export { comingOff, type WayOff } from './comingOff.ts';
export { rescueFrom, type Rescue } from './rescue.ts';
export { jointWays, type JointWay } from './jointWays.ts';
export type { Wrong } from './knowledge/rescues.ts';
export { anotherYear, type AnotherYear } from './anotherYear.ts';
export { schoolsSideBySide, type SchoolWay } from './sideBySide.ts';
export { SCHOOLS } from './knowledge/schools.ts';
export { scoreOf } from './score.ts';
export { productDemands } from './productDemands.ts';
export { holdsOf, type Holds } from './holds.ts';
export { onFromFirst, SECOND_COATS, secondCoats, type SecondCoat } from './secondCoat.ts';
export { tintSaving, type TintSaving } from './tintSaving.ts';
export { wrongTreatmentCosts } from './wrongTreatment.ts';
