import type { Fault, StepKind } from '../../vocabulary/index.ts';
import type { Case } from '../case.ts';
import type { Step } from '../step.ts';

/** What follows when a step is left out. `redo` is what putting it right costs, as a share of doing the surface anew. Source: practice. */
export interface SkippedRow {
  kind: StepKind;
  when: (c: Case, step: Step) => boolean;
  fault: Fault;
  odds: number;
  /** ISO 8601 duration after which it shows. */
  shows: string;
  redo: number;
  text: string;
}

const oil = (c: Case) => c.treatAs === 'oil' || c.treatAs === 'over-oil';
const blocks = (c: Case, ...needs: string[]) => needs.some((n) => c.is(n as never));

/** The first row that fits each step is taken. */
export const SKIPPED: readonly SkippedRow[] = [
  { kind: 'prime', when: (c) => oil(c), fault: 'peels', odds: 0.8, shows: 'P1M', redo: 1.5, text: 'Waterborne straight on oil peels in sheets at the first knock.' },
  { kind: 'prime', when: (c) => c.treatAs === 'laminate' || c.ground === 'hard', fault: 'peels', odds: 0.85, shows: 'P1M', redo: 1.5, text: 'Without a bonding primer it scratches off with a nail.' },
  { kind: 'prime', when: (c) => blocks(c, 'smoke', 'soot', 'odour', 'water-stain', 'tannin-bleed') || c.treatAs === 'clear', fault: 'bleeds', odds: 0.9, shows: 'P1W', redo: 1.1, text: 'What is not blocked rises through every waterborne coat.' },
  { kind: 'prime', when: (c) => blocks(c, 'paste-residue', 'torn-board-face'), fault: 'bubbles', odds: 0.7, shows: 'P1D', redo: 1.3, text: 'Paste and torn face wake and bubble.' },
  { kind: 'prime', when: (c) => c.ground === 'paper', fault: 'bubbles', odds: 0.5, shows: 'P1D', redo: 1.4, text: 'Unsealed paper swells and lifts.' },
  { kind: 'prime', when: (c) => c.ground === 'metal', fault: 'stain', odds: 0.75, shows: 'P6M', redo: 1.2, text: 'Rust comes through.' },
  { kind: 'prime', when: (c) => c.is('chalking') || c.treatAs === 'distemper', fault: 'peels', odds: 0.75, shows: 'P3M', redo: 1.4, text: 'The new paint lets go with the chalk.' },
  { kind: 'prime', when: (c) => c.bare && c.ground === 'timber' && c.outside, fault: 'peels', odds: 0.7, shows: 'P1Y', redo: 1.4, text: 'Unprimed timber takes water behind the film and sheds it.' },
  { kind: 'prime', when: (c) => c.bare && c.ground === 'timber', fault: 'sinks', odds: 0.7, shows: 'P1D', redo: 0.7, text: 'The finish sinks into the timber and looks starved.' },
  { kind: 'prime', when: (c) => c.bare, fault: 'flashes', odds: 0.75, shows: 'P1D', redo: 0.8, text: 'Paper and filler drink differently: every joint flashes.' },
  { kind: 'prime', when: (c) => c.shift.toDeep || c.shift.toPale, fault: 'shows-through', odds: 0.7, shows: 'PT4H', redo: 0.5, text: 'The old colour shows through: one or two finish coats more.' },
  { kind: 'prime', when: () => true, fault: 'flashes', odds: 0.5, shows: 'P1D', redo: 0.6, text: 'The ground drinks unevenly and the finish flashes.' },
  { kind: 'spot-prime', when: (c) => c.is('knots'), fault: 'bleeds', odds: 0.9, shows: 'P3M', redo: 0.6, text: 'Every knot shows yellow by the next season.' },
  { kind: 'spot-prime', when: (c) => blocks(c, 'water-stain', 'marker', 'rust-stain'), fault: 'bleeds', odds: 0.95, shows: 'P1D', redo: 0.6, text: 'The stain is back by morning.' },
  { kind: 'spot-prime', when: () => true, fault: 'flashes', odds: 0.7, shows: 'P1D', redo: 0.5, text: 'Filler flashes: dull patches in slanting light.' },
  { kind: 'pre-prime', when: (_c, s) => s.family === 'penetrating-epoxy', fault: 'peels', odds: 0.6, shows: 'P1Y', redo: 0.6, text: 'End grain drinks, and paint lifts from it first.' },
  { kind: 'pre-prime', when: () => true, fault: 'bubbles', odds: 0.8, shows: 'PT1H', redo: 0.8, text: 'Torn face bubbles as soon as it is wetted.' },
  { kind: 'wash', when: (c) => c.is('greasy'), fault: 'crawls', odds: 0.6, shows: 'PT1H', redo: 1.1, text: 'Paint crawls on grease, or lets go of it later.' },
  { kind: 'wash', when: (c) => c.is('paste-residue'), fault: 'crackles', odds: 0.7, shows: 'P1D', redo: 1.2, text: 'Paste under paint crackles as it dries.' },
  { kind: 'wash', when: () => true, fault: 'peels', odds: 0.3, shows: 'P6M', redo: 1.2, text: 'Where hands have been, the film lets go.' },
  { kind: 'rinse', when: () => true, fault: 'peels', odds: 0.25, shows: 'P3M', redo: 1.1, text: 'Cleaner left behind spoils the bond.' },
  { kind: 'degloss', when: () => true, fault: 'peels', odds: 0.3, shows: 'P6M', redo: 1.3, text: 'On an unbroken gloss even a good primer has less to hold.' },
  { kind: 'sand', when: (c) => oil(c) || c.treatAs === 'laminate' || c.treatAs === 'clear', fault: 'peels', odds: 0.25, shows: 'P6M', redo: 1.3, text: 'Without a key, a knock lifts the film.' },
  { kind: 'sand', when: () => true, fault: 'rough-grain', odds: 0.4, shows: 'P1D', redo: 0.4, text: 'Nibs and old brush marks show through the finish.' },
  { kind: 'scrape', when: () => true, fault: 'peels', odds: 0.9, shows: 'P1M', redo: 1.2, text: 'Loose paint takes the new coats with it.' },
  { kind: 'strip', when: () => true, fault: 'peels', odds: 0.5, shows: 'P6M', redo: 1.6, text: 'The weak layer stays the weakest: it lets go under more paint.' },
  { kind: 'mould-treat', when: () => true, fault: 'stain', odds: 0.9, shows: 'P2M', redo: 0.8, text: 'The mould grows on through the new paint.' },
  { kind: 'dry-out', when: () => true, fault: 'bubbles', odds: 0.7, shows: 'P1M', redo: 1.3, text: 'Water sealed in blisters the film.' },
  { kind: 'remove-sealant', when: () => true, fault: 'crawls', odds: 0.95, shows: 'PT1H', redo: 0.4, text: 'Paint crawls off the silicone while it is still wet.' },
  { kind: 'solvent-wipe', when: () => true, fault: 'crawls', odds: 0.7, shows: 'PT1H', redo: 0.8, text: 'What is left on the face makes the paint crawl.' },
  { kind: 'stick-down', when: () => true, fault: 'bubbles', odds: 0.8, shows: 'P1D', redo: 0.6, text: 'Loose seams curl as soon as they are wetted.' },
  { kind: 'repair', when: () => true, fault: 'cracks', odds: 0.9, shows: 'P6M', redo: 1.2, text: 'Paint does not hold up what is loose under it.' },
  { kind: 'replace-board', when: () => true, fault: 'peels', odds: 0.95, shows: 'P1Y', redo: 1.6, text: 'Rot goes on behind the paint.' },
  { kind: 'dust-off', when: () => true, fault: 'dust-in-film', odds: 0.5, shows: 'PT4H', redo: 0.6, text: 'Dust lies in the film, or under it where it lets go.' },
  { kind: 'tack-off', when: () => true, fault: 'dust-in-film', odds: 0.6, shows: 'PT4H', redo: 0.4, text: 'Every grain of dust shows in a satin or gloss film.' },
  { kind: 'fill', when: () => true, fault: 'miss', odds: 0.95, shows: 'PT4H', redo: 0.2, text: 'Holes show in the finish.' },
  { kind: 'caulk', when: () => true, fault: 'cracks', odds: 0.7, shows: 'P3M', redo: 0.2, text: 'Gaps open as a dark line.' },
  { kind: 'undercoat', when: () => true, fault: 'sinks', odds: 0.7, shows: 'P1D', redo: 0.7, text: 'Enamel sinks and loses its gloss.' },
  { kind: 'sand-between', when: () => true, fault: 'rough-grain', odds: 0.7, shows: 'P1D', redo: 0.4, text: 'Raised grain and nibs stay in the finish.' },
  { kind: 'clear-coat', when: () => true, fault: 'knock', odds: 0.6, shows: 'P3M', redo: 0.6, text: 'A low sheen marks where it is handled.' },
  { kind: 'cure-hold', when: (c) => c.furniture, fault: 'knock', odds: 0.6, shows: 'P1W', redo: 0.5, text: 'Loaded early, things stick and lift the paint.' },
  { kind: 'cure-hold', when: () => true, fault: 'sticks-shut', odds: 0.6, shows: 'P1D', redo: 0.3, text: 'Closed on soft paint, it sticks and tears.' },
  { kind: 'test-patch', when: () => true, fault: 'peels', odds: 0.3, shows: 'P1M', redo: 1.4, text: 'Without the patch the whole surface is the trial.' },
  { kind: 'revisit', when: () => true, fault: 'cracks', odds: 0.5, shows: 'P2Y', redo: 0.4, text: 'Joints that opened in the first year let water in.' },
];
