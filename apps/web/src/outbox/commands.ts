/** Writes that must not be lost, by the endpoint that makes them: kept on this device until the server has them. */
export const COMMANDS = {
  recordTest: 'A test',
  takeTestBack: 'A test taken back',
  noteFinding: 'Something found',
  markDamage: 'A mark on its place',
  drawJoint: 'A joint',
  layPatches: 'Patches laid',
  keepPhoto: 'A photo',
  keepPatchPicture: 'A picture of patches',
  readAir: 'An air reading',
  logWork: 'A step or a coat',
  logStretch: 'Several steps',
  writeWayBack: 'Something that looks wrong',
  releaseHold: 'A step let go',
  closeFollowUp: 'A follow-up',
  markFault: 'A marked fault',
  closeFault: 'A mended fault',
  tryAtHandover: 'Tried at hand-over',
  endVisit: 'A visit',
  lookAgain: 'Something looked at again',
  keepPractice: 'A room practised in',
  keepDrill: 'A drill',
} as const;
export type Command = keyof typeof COMMANDS;
export const isCommand = (endpoint: string): endpoint is Command => Object.hasOwn(COMMANDS, endpoint);
