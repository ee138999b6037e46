/** How a surface is reached: what it adds to the hours, and to setting up. */
export const ACCESS = ['floor', 'steps', 'ladder', 'tower', 'stairwell'] as const;
export type Access = (typeof ACCESS)[number];

export const ACCESS_LABELS: Record<Access, string> = {
  floor: 'from the floor',
  steps: 'from steps',
  ladder: 'from a ladder',
  tower: 'from a tower',
  stairwell: 'over a stairwell',
};
