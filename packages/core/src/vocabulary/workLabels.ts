/** What is done, with what, and what goes wrong, in words. Codes never reach a screen; these do. */
import type { Chemistry } from './families.ts';
import type { Plane } from './tests.ts';
import type { Fault, Method, StepKind, Tint, Trouble, Wear } from './work.ts';

export const CHEMISTRY_LABELS: Record<Chemistry, string> = {
  waterborne: 'waterborne',
  'solvent-borne': 'oil',
  'alcohol-borne': 'alcohol-borne',
  'two-part': 'two-part',
};

const COATS = ['', 'one coat', 'two coats', 'three coats', 'four coats'];
/** A number of coats as it is said: "two coats". */
export const coatsIn = (coats: number): string => COATS[coats] ?? `${coats} coats`;

export const STEP_LABELS: Record<StepKind, string> = {
  'contain-lead': 'Contain for lead',
  protect: 'Protect',
  mask: 'Mask',
  ventilate: 'Ventilate',
  unhang: 'Take off the hinges',
  'close-opening': 'Close the opening',
  'remove-hardware': 'Take off the hardware',
  'free-sash': 'Free the sash',
  strip: 'Strip',
  scrape: 'Scrape',
  wash: 'Wash',
  rinse: 'Rinse',
  'mould-treat': 'Treat the mould',
  'dry-out': 'Dry out',
  'solvent-wipe': 'Solvent wipe',
  degloss: 'Dull the gloss',
  sand: 'Sand',
  'set-nails': 'Set the nails',
  repair: 'Repair',
  'replace-board': 'Replace the board',
  'stick-down': 'Stick down',
  fill: 'Fill',
  caulk: 'Caulk',
  'remove-sealant': 'Cut out the sealant',
  'dust-off': 'Dust off',
  'tack-off': 'Tack off',
  'test-patch': 'Test patch',
  'pre-prime': 'Pre-prime',
  'spot-prime': 'Spot-prime',
  prime: 'Prime',
  undercoat: 'Undercoat',
  'sand-between': 'Sand between coats',
  'finish-coat': 'Finish',
  'clear-coat': 'Clear coat',
  distress: 'Distress',
  'cure-hold': 'Leave to cure',
  unmask: 'Unmask',
  'refit-hardware': 'Refit the hardware',
  rehang: 'Hang again',
  'clean-up': 'Clean up',
  'other-trade': 'Another trade first',
  inspect: 'Inspect',
  revisit: 'Come back',
};

/** A kind of step inside a sentence: "with more sanding and a second wash". */
export const STEP_DOING: Record<StepKind, string> = {
  'contain-lead': 'containment for lead',
  protect: 'covering',
  mask: 'masking',
  ventilate: 'airing',
  unhang: 'taking it off its hinges',
  'close-opening': 'closing the opening',
  'remove-hardware': 'taking off the hardware',
  'free-sash': 'freeing the sash',
  strip: 'stripping',
  scrape: 'scraping',
  wash: 'a wash',
  rinse: 'a rinse',
  'mould-treat': 'a mould wash',
  'dry-out': 'time to dry out',
  'solvent-wipe': 'a solvent wipe',
  degloss: 'dulling',
  sand: 'sanding',
  'set-nails': 'setting the nails',
  repair: 'a repair',
  'replace-board': 'a new board',
  'stick-down': 'sticking down',
  fill: 'filling',
  caulk: 'a bead',
  'remove-sealant': 'cutting out the sealant',
  'dust-off': 'dusting off',
  'tack-off': 'tacking off',
  'test-patch': 'a test patch',
  'pre-prime': 'a penetrating coat',
  'spot-prime': 'spot-priming',
  prime: 'a primer',
  undercoat: 'an undercoat',
  'sand-between': 'sanding between coats',
  'finish-coat': 'a finish coat',
  'clear-coat': 'a clear coat',
  distress: 'rubbing back',
  'cure-hold': 'time to cure',
  unmask: 'unmasking',
  'refit-hardware': 'refitting the hardware',
  rehang: 'hanging it again',
  'clean-up': 'cleaning up',
  'other-trade': 'another trade',
  inspect: 'an inspection',
  revisit: 'a return visit',
};

export const WEAR_LABELS: Record<Wear, string> = {
  'respirator-dust': 'dust respirator',
  'respirator-vapour': 'vapour respirator',
  gloves: 'gloves',
  'eye-protection': 'eye protection',
  coverall: 'coverall',
  'knee-pads': 'knee pads',
};

export const FAULT_LABELS: Record<Fault, string> = {
  peels: 'peels',
  crawls: 'crawls',
  flashes: 'flashes',
  bleeds: 'bleeds',
  'shows-through': 'shows through',
  sinks: 'sinks',
  runs: 'runs',
  'brush-marks': 'brush marks',
  'roller-stipple': 'roller stipple',
  bubbles: 'bubbles',
  crackles: 'crackles',
  cracks: 'cracks',
  wrinkles: 'wrinkles',
  'sticks-shut': 'sticks shut',
  'ragged-line': 'ragged line',
  'dust-in-film': 'dust in the film',
  'rough-grain': 'rough grain',
  'detail-filled': 'detail filled',
  knock: 'knock',
  miss: 'miss',
  stain: 'stain',
};

/** Troubles in words. */
export const TROUBLE_LABELS: Record<Trouble, string> = { ...FAULT_LABELS, 'wrong-coat': 'the wrong coat' };

export const METHOD_LABELS: Record<Method, string> = {
  brush: 'brush',
  roll: 'roller',
  'cut-in-and-roll': 'cut in and roll',
  'roll-and-lay-off': 'roll and lay off',
  spray: 'spray',
  aerosol: 'spray can',
  flood: 'flood',
};

export const TINT_LABELS: Record<Tint, string> = {
  white: 'white',
  'grey-light': 'light grey',
  'grey-mid': 'mid grey',
  'grey-deep': 'deep grey',
  'toward-finish': 'tinted toward the finish',
};

/** Which bond let go. */
export const PLANE_LABELS: Record<Plane, string> = {
  substrate: 'from the ground',
  primer: 'from the primer',
  'between-coats': 'between coats',
};
