import type { Fault, StepKind } from '../../vocabulary/index.ts';
import type { Mechanism } from '../../failure/knowledge/mechanisms.ts';
import type { MechanismOdds } from '../../failure/mechanismOdds.ts';

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
  /** How likely each mechanism brings this fault on this surface as it was really done: see `mechanismOdds`. */
  expected: MechanismOdds;
  ageMonths: number;
}

/** Something in the record that speaks for a cause: what it is, and how much likelier it makes what nobody computes. */
interface Spoken {
  times: number;
  because: string;
}

/** Why a fault comes about, and what in the record speaks for it. */
export interface CauseRow {
  code: string;
  faults: readonly Fault[];
  words: string;
  /** Mechanisms of the account of failure that are this cause: their odds on this surface are its weight. */
  mechanisms?: readonly Mechanism[];
  /** How often it brings the fault on a surface of which nothing else is known, 0 to 1: what happened on the day, and what the account does not know of. */
  chance: number;
  speaks: (record: FaultRecord) => Spoken | null;
  /** What is found out first. */
  lookFor: string;
}

const skips = (record: FaultRecord, kinds: readonly StepKind[]) => kinds.find((k) => record.skipped.includes(k) || record.leftOut.includes(k)) ?? null;
/** What was not done is in the odds already: it is said, and weighs no more. */
const skipped =
  (kinds: readonly StepKind[]) =>
  (record: FaultRecord): Spoken | null => {
    const kind = skips(record, kinds);
    if (!kind) return null;
    const how = record.leftOut.includes(kind) ? 'was left out by decision' : 'was never logged';
    return { times: 1, because: `${kind.replace('-', ' ')} ${how}` };
  };
const outside =
  (kind: string, because: string) =>
  (record: FaultRecord): Spoken | null =>
    record.outside.includes(kind) ? { times: ON_THE_DAY, because } : null;
/** What was flagged is in the odds already, as what was left undone is. */
const flagged =
  (conditions: readonly string[], because: string) =>
  (record: FaultRecord): Spoken | null =>
    conditions.some((c) => record.flagged.includes(c)) ? { times: 1, because } : null;

/** A coat that is known to have been laid so is so many times likelier to be the cause than on a surface where nobody knows. */
const ON_THE_DAY = 15;
const PRIMES: readonly StepKind[] = ['prime', 'spot-prime', 'pre-prime'];

/** Likely causes, several to a fault. Source: practice; the firm's own call-backs speak as they gather. */
export const CAUSES: readonly CauseRow[] = [
  {
    code: 'no-grip',
    faults: ['peels', 'crawls'],
    words: 'The face was slick: it was not deglossed, sanded or primed for grip.',
    mechanisms: ['no-grip'],
    chance: 0.01,
    speaks: skipped(['degloss', 'sand', ...PRIMES]),
    lookFor: 'Which bond let go: lift a flake and look at its back.',
  },
  {
    code: 'dirty-face',
    faults: ['peels', 'crawls'],
    words: 'Grease, wax, dust or silicone was under it.',
    mechanisms: ['dirt'],
    chance: 0.01,
    speaks: (r) => skipped(['wash', 'rinse', 'dust-off', 'solvent-wipe'])(r) ?? flagged(['greasy', 'silicone', 'wax'], 'it was flagged greasy, waxed or silicone')(r),
    lookFor: 'A water drop on the bare face: does it bead?',
  },
  {
    code: 'old-film',
    faults: ['peels'],
    words: 'The old film let go of what lies under it, and took the new one along.',
    mechanisms: ['old-film'],
    chance: 0.005,
    speaks: (r) => skipped(['scrape', 'strip'])(r) ?? flagged(['peeling', 'flaking', 'cracking'], 'the old film was flagged as letting go')(r),
    lookFor: 'The back of a flake: old paint on it, or a bare new film?',
  },
  {
    code: 'water-behind',
    faults: ['peels', 'bubbles', 'stain', 'bleeds', 'cracks'],
    words: 'Water comes from behind.',
    mechanisms: ['water'],
    chance: 0.02,
    speaks: (r) => {
      const wet = flagged(['damp', 'water-stain', 'rot', 'efflorescence'], 'damp or an old water stain was flagged here')(r);
      // Blocked or not, the water that made the stain comes again.
      return wet && { ...wet, times: 8 };
    },
    lookFor: 'A moisture reading, and where the water comes from.',
  },
  {
    code: 'swells',
    faults: ['bubbles', 'crackles'],
    words: 'Paper, paste or torn board under it was wetted and swelled.',
    mechanisms: ['swells'],
    chance: 0.005,
    speaks: (r) =>
      skipped([...PRIMES, 'wash', 'stick-down'])(r) ?? flagged(['paste-residue', 'torn-board-face', 'loose-paper'], 'paste, torn board or loose paper was flagged here')(r),
    lookFor: 'Cut a blister open: is there paper or paste behind it?',
  },
  {
    code: 'too-cold',
    faults: ['peels', 'cracks', 'crackles', 'flashes', 'sinks', 'bubbles'],
    words: 'It was laid too cold or too damp to form a film.',
    chance: 0.01,
    speaks: outside('laid-outside-limits', 'a coat was laid outside the limits of its sheet'),
    lookFor: 'Scratch it: a film that never formed powders.',
  },
  {
    code: 'recoated-early',
    faults: ['wrinkles', 'crackles', 'cracks', 'sticks-shut'],
    words: 'It was recoated before the coat under it was ready.',
    chance: 0.02,
    speaks: outside('recoated-early', 'a coat was laid before the one under it was open'),
    lookFor: 'Press a thumbnail: a soft film takes the mark.',
  },
  {
    code: 'recoated-late',
    faults: ['peels'],
    words: 'It lies on a coat that had closed, or did not take to it.',
    mechanisms: ['between-coats'],
    chance: 0.005,
    speaks: outside('recoated-late', 'a coat was laid on one that had closed'),
    lookFor: 'Whether it lets go between coats.',
  },
  {
    code: 'heavy-film',
    faults: ['wrinkles', 'runs', 'crackles', 'sticks-shut', 'bubbles'],
    words: 'The film was laid thick.',
    chance: 0.02,
    speaks: outside('heavy-film', 'the gauge read a heavy film'),
    lookFor: 'A cut across the film under a glass.',
  },
  {
    code: 'starved-film',
    faults: ['shows-through', 'flashes', 'sinks', 'miss'],
    words: 'The film was laid thin, or one coat short.',
    mechanisms: ['hiding'],
    chance: 0.02,
    speaks: outside('starved-film', 'the gauge read a starved film'),
    lookFor: 'Raking light: is the cover even?',
  },
  {
    code: 'other-product',
    faults: ['peels', 'shows-through', 'bleeds', 'flashes', 'cracks', 'bubbles'],
    words: 'Another product was laid than belongs there.',
    mechanisms: ['misfit'],
    chance: 0.005,
    speaks: outside('other-product', 'another product was laid in its place'),
    lookFor: 'Its sheet: was it meant for this?',
  },
  {
    code: 'not-blocked',
    faults: ['bleeds', 'stain', 'shows-through'],
    words: 'What bleeds was not blocked, or with the wrong primer.',
    mechanisms: ['rises'],
    chance: 0.02,
    speaks: (r) => skipped(PRIMES)(r) ?? flagged(['knots', 'tannin-bleed', 'marker', 'smoke', 'water-stain'], 'something that bleeds was flagged here')(r),
    lookFor: 'A dab of two blockers side by side, looked at again after a day.',
  },
  {
    code: 'moves',
    faults: ['cracks'],
    words: 'The joint or the timber under it moves.',
    mechanisms: ['moves'],
    chance: 0.03,
    speaks: (r) =>
      flagged(['moving-joints', 'gaps', 'substrate-crack', 'joint-tape-lifting'], 'a joint that moves was flagged here')(r) ??
      (r.outdoors ? { times: 1.5, because: 'it stands outside' } : null),
    lookFor: 'Whether the crack follows a joint or runs over the whole film.',
  },
  {
    code: 'closed-early',
    faults: ['sticks-shut'],
    words: 'It was closed before the film was ready.',
    mechanisms: ['closing'],
    chance: 0.03,
    speaks: (r) => (r.ageMonths < 2 ? { times: 2, because: 'it is not two months old' } : { times: 0.3, because: 'it has opened and closed for months' }),
    lookFor: 'A strip of paper drawn through: where does it catch?',
  },
  {
    code: 'swollen',
    faults: ['sticks-shut'],
    words: 'The timber has taken up water and swollen.',
    chance: 0.03,
    speaks: (r) => (r.outdoors ? { times: 3, because: 'it stands outside' } : null),
    lookFor: 'A moisture reading at the edge that binds, and bare end grain there.',
  },
  {
    code: 'painted-in',
    faults: ['sticks-shut'],
    words: 'It was painted in before, and was not freed.',
    mechanisms: ['stuck'],
    chance: 0.002,
    speaks: (r) => skipped(['free-sash'])(r) ?? flagged(['painted-shut'], 'it was flagged as painted shut')(r),
    lookFor: 'A blade along the joint: does it meet a bridge of paint?',
  },
  {
    code: 'no-seal',
    faults: ['sinks', 'flashes'],
    words: 'A thirsty spot, filler or bare ground was not primed.',
    mechanisms: ['thirst'],
    chance: 0.02,
    speaks: (r) => skipped(PRIMES)(r) ?? flagged(['filler-patches', 'torn-board-face'], 'filler or torn board was flagged here')(r),
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
