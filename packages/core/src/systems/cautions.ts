import { chemistryOf, type CautionCode } from '../vocabulary/index.ts';
import type { Case } from './case.ts';
import type { Composed } from './compose.ts';

/** A caution that applies here: what it is, and who decides. */
export interface Caution {
  code: CautionCode;
  text: string;
}

interface CautionRow {
  code: CautionCode;
  holds: (c: Case, made: Composed) => boolean;
  text: string;
}

const uses = (made: Composed, test: (family: NonNullable<Composed['steps'][number]['family']>) => boolean) =>
  made.steps.some((s) => s.family && test(s.family));
const HIGH: readonly string[] = ['ceiling', 'stair', 'siding', 'fascia-soffit', 'rainwater-goods', 'masonry'];

const CAUTIONS: readonly CautionRow[] = [
  {
    code: 'lead-positive',
    holds: (c) => c.d.lead === 'positive',
    text: 'Lead found. No dust, no heat; keep children and pregnant women away. Local law and licensed contractors decide how it is worked.',
  },
  {
    code: 'lead-presumed',
    holds: (c) => c.d.lead === 'presumed',
    text: 'Old enough to hold lead: treat it as leaded until a swab through all layers is negative. Local law decides who may work on it.',
  },
  {
    code: 'asbestos-possible',
    holds: (c) => c.d.asbestos,
    text: 'Old textured coatings, boards and floor backings may hold asbestos: stop and have it sampled before it is disturbed. A licensed surveyor decides.',
  },
  {
    code: 'flammable-vapour',
    holds: (_c, m) => uses(m, (f) => chemistryOf(f) === 'alcohol-borne' || f === 'acetone'),
    text: 'Alcohol vapour burns: no flame, no pilot light, no smoking; ventilate. Follow the product safety sheet.',
  },
  {
    code: 'solvent-vapour',
    holds: (_c, m) => uses(m, (f) => ['solvent-borne', 'alcohol-borne'].includes(chemistryOf(f))),
    text: 'Solvent vapour: ventilate and wear a vapour respirator. Follow the product safety sheet.',
  },
  {
    code: 'oily-rags',
    holds: (_c, m) => uses(m, (f) => chemistryOf(f) === 'solvent-borne'),
    text: 'Oily rags heat by themselves: dry them flat outside or keep them under water.',
  },
  {
    code: 'dust',
    holds: (_c, m) =>
      m.steps.some(
        (s) => (s.technique && s.technique !== 'wet') || (s.kind === 'dust-off' && s.wear?.includes('respirator-dust')),
      ),
    text: 'Sanding dust: extract it and wear a dust respirator.',
  },
  {
    code: 'sensitiser',
    holds: (_c, m) => uses(m, (f) => chemistryOf(f) === 'two-part'),
    text: 'Two-part resins sensitise skin and lungs: gloves, eye protection, vapour respirator. Follow the product safety sheet.',
  },
  {
    code: 'caustic',
    holds: (_c, m) =>
      uses(
        m,
        (f) => f === 'alkaline-cleaner' || f === 'stripper' || f === 'masonry-paint-remover' || f === 'wood-bleach',
      ),
    text: 'Strong cleaners and strippers burn skin and eyes: gloves and eye protection.',
  },
  {
    code: 'eye-irritant',
    holds: (_c, m) => uses(m, (f) => f === 'mould-wash' || f === 'degreaser' || f === 'deglosser'),
    text: 'Splashes irritate the eyes: wear eye protection.',
  },
  {
    code: 'bleach-mixing',
    holds: (_c, m) => uses(m, (f) => f === 'mould-wash' || f === 'wood-bleach'),
    text: 'Never mix bleach with ammonia or acid: the gas is poisonous.',
  },
  {
    code: 'sealant-fumes',
    holds: (_c, m) => m.steps.some((s) => s.kind === 'remove-sealant' || s.family === 'paintable-hybrid-sealant'),
    text: 'Sealants give off fumes while they cure: ventilate.',
  },
  {
    code: 'hot-surface',
    holds: (c) => c.hot,
    text: 'Turn it off and let it go cold before it is washed or painted.',
  },
  {
    code: 'ladder',
    holds: (c) => HIGH.includes(c.d.surface.element),
    text: 'Work at height: a footed ladder or a tower, never a chair; over stairs a platform. Local rules decide.',
  },
  {
    code: 'open-house',
    holds: (_c, m) => m.steps.some((s) => s.kind === 'close-opening'),
    text: 'With its door off the house stands open: board it, or hang the door by evening.',
  },
  {
    code: 'heavy-lift',
    holds: (_c, m) => m.steps.some((s) => s.kind === 'unhang'),
    text: 'Doors are heavy: two people.',
  },
  {
    code: 'children-and-pets',
    holds: (c, m) => !c.outside && (c.wetOnly || uses(m, (f) => chemistryOf(f) !== 'waterborne')),
    text: 'Keep children, pets and occupants away from wet work and vapour until it has aired.',
  },
];

/** The cautions that apply to this system on this surface. */
export function cautionsFor(c: Case, made: Composed): Caution[] {
  return CAUTIONS.filter((row) => row.holds(c, made)).map(({ code, text }) => ({ code, text }));
}
