import type { CautionCode } from '../vocabulary/index.ts';

/** A caution in one line, where a whole note would be too much. The law of the place and the product's sheet decide. */
export const CAUTION_SHORT: Record<CautionCode, string> = {
  'lead-presumed': 'Old paint may hold lead: mist it, catch every chip. Local rules decide what may be done.',
  'lead-positive': 'Lead found: no dust, no heat. Local law decides who may work on it.',
  'asbestos-possible': 'Old boards and textures may hold asbestos: do not break them; have them sampled.',
  'solvent-vapour': 'Solvent vapour: open a window, wear the right mask. Follow the product sheet.',
  'flammable-vapour': 'Its vapour burns: no flame, no pilot light. Follow the product sheet.',
  'oily-rags': 'Oily rags heat by themselves: flat to dry outside, or under water.',
  dust: 'Wear a dust mask; keep others out.',
  sensitiser: 'It can make skin and lungs react for good: gloves and mask.',
  'eye-irritant': 'Eye protection.',
  caustic: 'It burns skin: gloves and eye protection.',
  'bleach-mixing': 'Never with ammonia or acid.',
  ladder: 'A ladder stands on firm ground, and somebody knows you are on it.',
  'open-house': 'The house stands open: close the opening by evening.',
  'children-and-pets': 'Keep children and animals away.',
  'heavy-lift': 'Heavy: two pairs of hands. A sash may drop.',
  'sealant-fumes': 'Fumes while it sets: open a window.',
  'hot-surface': 'Let it go cold first.',
};

/** What whoever lives in the house is told, where it concerns them: the painter's own cautions stay on the job pack. */
export const CAUTION_FOR_CLIENTS: Partial<Record<CautionCode, string>> = {
  'lead-presumed':
    'Paint of this age may hold lead. We treat it so until it is tested: wet, sheeted off, every flake taken away. Local rules decide what may be done.',
  'lead-positive':
    'Lead was found. No dust, no heat; local law decides who may work on it, and when the room may be used.',
  'asbestos-possible':
    'Old boards and textures may hold asbestos. We do not break them; have them sampled before work begins.',
  'solvent-vapour':
    'Some of these products smell and give off vapour. Windows stay open, and the room is best left empty meanwhile.',
  'flammable-vapour': 'The vapour of some primers burns: no flame and no pilot light near it while it dries.',
  dust: 'There will be dust. Cover or move what must not have any.',
  'open-house': 'A door may be off for a day; the opening is closed by evening.',
  'children-and-pets': 'Keep children and animals out of the room until it is dry.',
  'sealant-fumes': 'Sealant gives off fumes while it sets: a window stays open.',
};
