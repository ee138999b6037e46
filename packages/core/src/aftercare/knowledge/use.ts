import type { Chemistry } from '../../vocabulary/index.ts';

/** When a film may be used, as shares of its full cure, and the least label hours whatever the share. Source: typical data sheets. */
export interface UseRow {
  use: 'touch' | 'close' | 'wash' | 'load' | 'cured';
  share: number;
  leastHours: Partial<Record<Chemistry, number>>;
  words: string;
}

export const USES: readonly UseRow[] = [
  {
    use: 'touch',
    share: 0,
    leastHours: { waterborne: 2, 'solvent-borne': 10, 'alcohol-borne': 1, 'two-part': 8 },
    words: 'may be touched',
  },
  {
    use: 'close',
    share: 0.08,
    leastHours: { waterborne: 36, 'solvent-borne': 48, 'alcohol-borne': 4, 'two-part': 24 },
    words: 'may be closed and handled',
  },
  { use: 'load', share: 0.35, leastHours: {}, words: 'may be loaded' },
  { use: 'wash', share: 0.6, leastHours: {}, words: 'may be wiped with a damp cloth' },
  { use: 'cured', share: 1, leastHours: {}, words: 'is cured' },
];
