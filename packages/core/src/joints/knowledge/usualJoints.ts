import type { JointFill, JointSide } from '../../vocabulary/index.ts';

/** A joint as painters meet it, to begin from. */
export interface UsualJoint {
  code: string;
  words: string;
  side: JointSide;
  otherSide: JointSide;
  widthMm: number;
  holds: JointFill;
  where: 'inside' | 'outside';
}

/** Source: practice. */
export const USUAL_JOINTS = [
  { code: 'skirting', words: 'skirting or casing to wall', side: 'trim', otherSide: 'wall', widthMm: 2, holds: 'open', where: 'inside' },
  { code: 'frame', words: 'frame to wall', side: 'frame', otherSide: 'wall', widthMm: 3, holds: 'open', where: 'inside' },
  { code: 'ceiling', words: 'ceiling to wall', side: 'ceiling', otherSide: 'wall', widthMm: 2, holds: 'open', where: 'inside' },
  { code: 'mitre', words: 'mitre in the trim', side: 'trim', otherSide: 'trim', widthMm: 1, holds: 'open', where: 'inside' },
  { code: 'cabinet', words: 'cabinet to wall', side: 'cabinet', otherSide: 'wall', widthMm: 3, holds: 'open', where: 'inside' },
  { code: 'bath', words: 'bath or tray to tile', side: 'bath', otherSide: 'tile', widthMm: 5, holds: 'unread', where: 'inside' },
  { code: 'basin', words: 'basin or sink to wall', side: 'basin', otherSide: 'wall', widthMm: 5, holds: 'unread', where: 'inside' },
  { code: 'worktop', words: 'worktop to tile', side: 'worktop', otherSide: 'tile', widthMm: 5, holds: 'unread', where: 'inside' },
  { code: 'tile', words: 'tile to painted wall', side: 'tile', otherSide: 'wall', widthMm: 3, holds: 'unread', where: 'inside' },
  { code: 'frame-masonry', words: 'frame to masonry', side: 'frame', otherSide: 'masonry', widthMm: 8, holds: 'unread', where: 'outside' },
  { code: 'plastic-masonry', words: 'plastic frame to masonry', side: 'plastic', otherSide: 'masonry', widthMm: 8, holds: 'unread', where: 'outside' },
  { code: 'siding', words: 'siding to casing', side: 'siding', otherSide: 'trim', widthMm: 5, holds: 'open', where: 'outside' },
  { code: 'joinery', words: 'stile to rail', side: 'frame', otherSide: 'frame', widthMm: 1, holds: 'open', where: 'outside' },
] as const satisfies readonly UsualJoint[];
