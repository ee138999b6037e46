import type { Command } from './commands.ts';

const BY_PATH: readonly [RegExp, Command][] = [
  [/\/tests$/, 'recordTest'],
  [/\/findings$/, 'noteFinding'],
  [/\/photos(\?|$)/, 'keepPhoto'],
  [/\/readings$/, 'readAir'],
  [/\/ways-back$/, 'writeWayBack'],
  [/\/holds\/[^/]+\/release$/, 'releaseHold'],
  [/\/follow-ups\/[^/]+\/close$/, 'closeFollowUp'],
  [/\/jobs\/[^/]+\/faults$/, 'markFault'],
  [/\/faults\/[^/]+\/acts$/, 'closeFault'],
  [/\/checks$/, 'tryAtHandover'],
  [/\/visits\/[^/]+\/acts$/, 'endVisit'],
  [/\/looks$/, 'lookAgain'],
];

/** The command of a write that was kept before commands had names, by where it goes. */
export const commandOf = (path: string): Command => BY_PATH.find(([where]) => where.test(path))?.[1] ?? 'logWork';
