/** What was done to the ground before the first coat, as far as it bears on whether a film holds. */
export const PREPARATIONS = ['stripped', 'sanded', 'deglossed', 'washed', 'none'] as const;
export type Preparation = (typeof PREPARATIONS)[number];

export const PREPARATION_WORDS: Readonly<Record<Preparation, string>> = {
  stripped: 'stripped or scraped to a firm edge',
  sanded: 'sanded',
  deglossed: 'deglossed, not sanded',
  washed: 'washed only',
  none: 'nothing logged before the first coat',
};

interface PreparationRow {
  code: Preparation;
  when: (done: readonly { kind: string }[]) => boolean;
}
const any =
  (...kinds: string[]): PreparationRow['when'] =>
  (done) =>
    done.some((d) => kinds.includes(d.kind));

/** The one that bites most comes first. Source: practice. */
const ROWS: readonly PreparationRow[] = [
  { code: 'stripped', when: any('strip', 'scrape') },
  { code: 'sanded', when: any('sand') },
  { code: 'deglossed', when: any('degloss', 'solvent-wipe') },
  { code: 'washed', when: any('wash', 'mould-treat') },
];

/** The preparation that a film had, by the steps that were really done: the one that bites most. */
export const preparationOf = (done: readonly { kind: string }[]): Preparation => ROWS.find((row) => row.when(done))?.code ?? 'none';
