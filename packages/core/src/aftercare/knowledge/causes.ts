import type { Fault, StepKind } from '../../vocabulary/index.ts';

/** What the record says of a surface on which a fault has shown. */
export interface FaultRecord {
  /** Steps of its system that were never logged though later ones were. */
  skipped: readonly StepKind[];
  /** Steps that somebody signed to leave out. */
  leftOut: readonly StepKind[];
  /** Coats laid in air outside their sheet, thick, thin, too early, on a closed coat, or of another product. */
  outside: readonly string[];
  /** Anything wet, moving or greasy that was flagged on it. */
  flagged: readonly string[];
  outdoors: boolean;
  /** It lies on old oil, by the odds. */
  onOil: boolean;
  ageMonths: number;
}

/** Why a fault comes about, and what in the record speaks for it: odds against the usual are multiplied by `speaks`. */
export interface CauseRow {
  code: string;
  faults: readonly Fault[];
  words: string;
  /** How often it is the cause where nothing is known, beside the others of the fault. */
  usual: number;
  speaks: (record: FaultRecord) => { times: number; because: string } | null;
  /** What is found out first. */
  lookFor: string;
}

const skips = (record: FaultRecord, kinds: readonly StepKind[]) => kinds.find((k) => record.skipped.includes(k) || record.leftOut.includes(k)) ?? null;
const skipped =
  (kinds: readonly StepKind[], times: number) =>
  (record: FaultRecord): { times: number; because: string } | null => {
    const kind = skips(record, kinds);
    if (!kind) return null;
    const how = record.leftOut.includes(kind) ? 'was left out by decision' : 'was never logged';
    return { times, because: `${kind.replace('-', ' ')} ${how}` };
  };
const outside =
  (kind: string, times: number, because: string) =>
  (record: FaultRecord): { times: number; because: string } | null =>
    record.outside.includes(kind) ? { times, because } : null;
const flagged =
  (conditions: readonly string[], times: number, because: string) =>
  (record: FaultRecord): { times: number; because: string } | null =>
    conditions.some((c) => record.flagged.includes(c)) ? { times, because } : null;

const PRIMES: readonly StepKind[] = ['prime', 'spot-prime', 'pre-prime'];

/** Likely causes, several to a fault. Source: practice; the firm's own call-backs speak as they gather. */
export const CAUSES: readonly CauseRow[] = [
  {
    code: 'no-grip',
    faults: ['peels', 'crawls'],
    words: 'The face was slick: it was not deglossed, sanded or primed for grip.',
    usual: 3,
    speaks: skipped(['degloss', 'sand', ...PRIMES], 5),
    lookFor: 'Which bond let go: lift a flake and look at its back.',
  },
  {
    code: 'dirty-face',
    faults: ['peels', 'crawls'],
    words: 'Grease, wax, dust or silicone was under it.',
    usual: 2,
    speaks: (r) => skipped(['wash', 'rinse', 'dust-off', 'solvent-wipe'], 4)(r) ?? flagged(['greasy', 'silicone', 'wax'], 3, 'it was flagged greasy, waxed or silicone')(r),
    lookFor: 'A water drop on the bare face: does it bead?',
  },
  {
    code: 'water-behind',
    faults: ['peels', 'bubbles', 'stain', 'bleeds', 'cracks'],
    words: 'Water comes from behind.',
    usual: 2,
    speaks: flagged(['damp', 'water-stain', 'rot', 'efflorescence'], 6, 'damp or an old water stain was flagged here'),
    lookFor: 'A moisture reading, and where the water comes from.',
  },
  {
    code: 'on-oil',
    faults: ['peels', 'crackles', 'cracks'],
    words: 'Waterborne paint lies on old oil.',
    usual: 1,
    speaks: (r) => (r.onOil ? { times: 5, because: 'the odds have old oil under it' } : null),
    lookFor: 'A rub with spirit on the layer that is laid bare.',
  },
  {
    code: 'too-cold',
    faults: ['peels', 'cracks', 'crackles', 'flashes', 'sinks', 'bubbles'],
    words: 'It was laid too cold or too damp to form a film.',
    usual: 1,
    speaks: outside('laid-outside-limits', 6, 'a coat was laid outside the limits of its sheet'),
    lookFor: 'Scratch it: a film that never formed powders.',
  },
  {
    code: 'recoated-early',
    faults: ['wrinkles', 'crackles', 'cracks', 'sticks-shut'],
    words: 'It was recoated before the coat under it was ready.',
    usual: 2,
    speaks: outside('recoated-early', 6, 'a coat was laid before the one under it was open'),
    lookFor: 'Press a thumbnail: a soft film takes the mark.',
  },
  {
    code: 'recoated-late',
    faults: ['peels'],
    words: 'It lies on a coat that had closed.',
    usual: 1,
    speaks: outside('recoated-late', 6, 'a coat was laid on one that had closed'),
    lookFor: 'Whether it lets go between coats.',
  },
  {
    code: 'heavy-film',
    faults: ['wrinkles', 'runs', 'crackles', 'sticks-shut', 'bubbles'],
    words: 'The film was laid thick.',
    usual: 2,
    speaks: outside('heavy-film', 5, 'the gauge read a heavy film'),
    lookFor: 'A cut across the film under a glass.',
  },
  {
    code: 'starved-film',
    faults: ['shows-through', 'flashes', 'sinks', 'miss'],
    words: 'The film was laid thin.',
    usual: 2,
    speaks: outside('starved-film', 5, 'the gauge read a starved film'),
    lookFor: 'Raking light: is the cover even?',
  },
  {
    code: 'other-product',
    faults: ['peels', 'shows-through', 'bleeds', 'flashes', 'cracks'],
    words: 'Another product than the system asks for was laid.',
    usual: 0.5,
    speaks: outside('other-product', 5, 'another product was laid in its place'),
    lookFor: 'Its sheet: was it meant for this?',
  },
  {
    code: 'not-blocked',
    faults: ['bleeds', 'stain', 'shows-through'],
    words: 'What bleeds was not blocked, or with the wrong primer.',
    usual: 4,
    speaks: (r) => skipped(PRIMES, 4)(r) ?? flagged(['knots', 'tannin-bleed', 'marker', 'smoke', 'water-stain'], 3, 'something that bleeds was flagged here')(r),
    lookFor: 'A dab of two blockers side by side, looked at again after a day.',
  },
  {
    code: 'moves',
    faults: ['cracks'],
    words: 'The joint or the timber under it moves.',
    usual: 4,
    speaks: (r) =>
      flagged(['moving-joints', 'gaps', 'substrate-crack', 'joint-tape-lifting'], 4, 'a joint that moves was flagged here')(r) ??
      (r.outdoors ? { times: 1.5, because: 'it stands outside' } : null),
    lookFor: 'Whether the crack follows a joint or runs over the whole film.',
  },
  {
    code: 'closed-early',
    faults: ['sticks-shut'],
    words: 'It was closed before the film was ready.',
    usual: 4,
    speaks: (r) => (r.ageMonths < 2 ? { times: 2, because: 'it is not two months old' } : { times: 0.3, because: 'it has opened and closed for months' }),
    lookFor: 'A strip of paper drawn through: where does it catch?',
  },
  {
    code: 'swollen',
    faults: ['sticks-shut'],
    words: 'The timber has taken up water and swollen.',
    usual: 2,
    speaks: (r) => (r.outdoors ? { times: 3, because: 'it stands outside' } : null),
    lookFor: 'A moisture reading at the edge that binds, and bare end grain there.',
  },
  {
    code: 'no-seal',
    faults: ['sinks', 'flashes'],
    words: 'A thirsty spot, filler or bare ground was not primed.',
    usual: 4,
    speaks: (r) => skipped(PRIMES, 4)(r) ?? flagged(['filler-patches', 'torn-board-face'], 3, 'filler or torn board was flagged here')(r),
    lookFor: 'Whether its outline is that of a filled place.',
  },
];

/** Faults whose cause is found before any paint is suggested: paint over them, and they are back. The rest are of the hand. */
export const CAUSE_FIRST: ReadonlySet<Fault> = new Set(['peels', 'crawls', 'bleeds', 'shows-through', 'bubbles', 'crackles', 'cracks', 'wrinkles', 'sticks-shut', 'stain']);

/** Faults by which a film is worn out or was laid wrong: they count against its life. */
export const ENDS_FILM: ReadonlySet<Fault> = new Set(['peels', 'cracks', 'crackles', 'bubbles', 'wrinkles']);

/** What has to be taken down or made good before a fault of the hand is painted over. */
export const MAKE_GOOD: Partial<Record<Fault, string>> = {
  runs: 'Cut the run off with a blade once it is hard, then sand it flat.',
  'brush-marks': 'Sand it flat with fine paper.',
  'roller-stipple': 'Sand it flat with fine paper.',
  'dust-in-film': 'Sand the nibs off with fine paper.',
  'rough-grain': 'Sand the raised grain off.',
  'ragged-line': 'Cut the line in again against a straight edge.',
  'detail-filled': 'Scrape the detail clean, then one thin coat by brush.',
  knock: 'Fill, sand flat, and prime the filler.',
  flashes: 'One coat over the whole face: a spot only moves the edge.',
  sinks: 'Prime the thirsty place, then coat.',
  miss: 'A thin coat, drawn out beyond its edge.',
};
