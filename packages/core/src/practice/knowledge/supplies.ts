import type { TestKind } from '../../vocabulary/index.ts';

/** What a test uses up. */
export interface Supplies {
  rags: number;
  /** Spirits or acetone, in ml. */
  solventMl: number;
  tapeM: number;
}

/** Source: practice. Tests that use nothing up are not here. */
export const TEST_USES: Partial<Readonly<Record<TestKind, Supplies>>> = {
  'spirit-rub': { rags: 1, solventMl: 5, tapeM: 0 },
  'acetone-rub': { rags: 1, solventMl: 5, tapeM: 0 },
  'cross-cut': { rags: 0, solventMl: 0, tapeM: 0.1 },
};
