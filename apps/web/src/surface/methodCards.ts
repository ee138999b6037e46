import type { TestKind } from '@rustic/core';

/** How each test is made and what misleads, in two sentences. */
export const METHOD_CARDS: Record<TestKind, { how: string; misleads: string }> = {
  'spirit-rub': {
    how: 'Denatured alcohol on a clean white rag, twenty rubs, a clean place on the rag each time.',
    misleads: 'Dirt colours a rag too: wash first where it is greasy. Spirit burns: no flame.',
  },
  'acetone-rub': {
    how: 'Acetone on a rag, ten rubs in a hidden place, two minutes.',
    misleads: 'Old oil softens late. Gloves, air, no flame.',
  },
  'nail-scratch': {
    how: 'A thumbnail drawn hard across the film.',
    misleads: 'A film under three days old says little: scratch again at cure.',
  },
  'blade-lift': {
    how: 'Cut a line, lift one edge with the tip of a blade, pull.',
    misleads: 'Note which layer let go; a brittle chip is not a sheet.',
  },
  'scraper-drag': {
    how: 'A sharp scraper drawn toward you, two strokes.',
    misleads: 'Old runs scrape off where the film below is sound.',
  },
  'tape-pull': {
    how: 'Press tape down, wait a minute, pull sharply back on itself.',
    misleads: 'Dust on the face lets tape off clean: wipe first.',
  },
  'cross-cut': {
    how: 'Six cuts each way through to the ground, tape, pull, read the squares by ISO 2409.',
    misleads:
      'Grade 0 is best here; the other common scale runs the other way. In an old house it raises lead dust: mist it.',
  },
  'sheen-look': {
    how: 'Look along the face toward the light. Yellowed or not?',
    misleads: 'A look shifts the odds, no more: flat oil exists.',
  },
  'hand-wipe': {
    how: 'A dry palm drawn over the face once.',
    misleads: 'Dust from sanding and chalk from weather look alike.',
  },
  'water-drop': { how: 'One drop, one minute.', misleads: 'It beads on gloss as on wax.' },
  'damp-sponge': {
    how: 'A damp sponge over the wall, then rub thumb and finger.',
    misleads: 'Cleaner left behind feels slick too: rinse, then test.',
  },
  'bleach-drop': {
    how: 'A drop of household bleach, two minutes.',
    misleads: 'It whitens mould and leaves dirt. Never with ammonia or acid.',
  },
  'moisture-meter': {
    how: 'Pins in along the grain, three places, the highest counts.',
    misleads: 'Salts and foil read wet. Set the meter to the material.',
  },
  'rot-probe': {
    how: 'Press a bradawl into joints, ends and sills.',
    misleads: 'Filler is firm over soft timber: probe beside it.',
  },
  'lead-swab': {
    how: 'Cut a notch through all layers, rub the swab in it for half a minute.',
    misleads: 'A swab on the top coat alone clears nothing. A laboratory decides in doubt.',
  },
  'tap-test': {
    how: 'Knuckle or handle across the face, listen for hollow.',
    misleads: 'Board sounds hollow between studs.',
  },
  'paint-dab': {
    how: 'A dab of waterborne paint on the bead, one minute.',
    misleads: 'Grease crawls too: wipe the bead first.',
  },
  'ease-test': {
    how: 'Lift and lower it, without force.',
    misleads: 'Swollen is not painted shut: look for the paint line.',
  },
  'test-patch': {
    how: 'Primer and finish over the worst place, equal coats, read at label time and again the next day.',
    misleads: 'The later look decides.',
  },
};
