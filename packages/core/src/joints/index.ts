export { beadOdds, nextReading, useOf, type JointUse, type JointKnown } from './read.ts';
export { isPaintedOver, jointConditions, jointName, jointPlan, type JointAct, type JointPlan } from './plan.ts';
export { drawnLengthM, jointLengthOf } from './length.ts';
export { USUAL_JOINTS, type UsualJoint } from './knowledge/usualJoints.ts';
export { READING_MINUTES, READING_WHY } from './knowledge/readings.ts';
