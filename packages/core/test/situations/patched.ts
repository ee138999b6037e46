import { patch, rub, type Situation } from './row.ts';

const NICOTINE = { element: 'ceiling', substrate: 'skim-plaster', builtYear: 1990, areaM2: 20, conditions: ['smoke'] };
const WALL = { element: 'wall', substrate: 'drywall', builtYear: 2000, areaM2: 30, currentColour: '#d8c8b0' };
const DEEP = { ...WALL, currentColour: '#1d2a52' };
const PALE = { colour: '#f5f2e8' };

/** What a patch told is obeyed, in its coats as in its kind. */
export const PATCHED: Situation[] = [
  {
    what: 'one coat of shellac left smoke faint, two covered it',
    why: 'What one coat let through and two held is laid in two coats.',
    ask: {
      surface: NICOTINE,
      tests: [
        rub('transfer'),
        patch('shellac-primer', 'faint-bleed', 1440, 1),
        patch('shellac-primer', 'covers', 1440, 2),
      ],
      wanted: { colour: '#ffffff' },
    },
    has: ['prime:shellac-primer'],
    coats: ['shellac-primer', 2],
  },
  {
    what: 'two coats of shellac covered, and nobody tried one',
    why: 'The finish comes over it: nobody lays a second coat of primer for want of a patch.',
    ask: {
      surface: NICOTINE,
      tests: [rub('transfer'), patch('shellac-primer', 'covers')],
      wanted: { colour: '#ffffff' },
    },
    coats: ['shellac-primer', 1],
  },
  {
    what: 'one coat of the finish covered in its patch',
    why: 'By coverage one coat is laid where one coat was seen to cover.',
    ask: { surface: WALL, tests: [rub('transfer'), patch('acrylic-wall', 'covers', 1440, 1)], wanted: PALE },
    coats: ['acrylic-wall', 1],
    says: ['Its patch covered with one coat'],
    schools: ['finishCoats fixed-two'],
  },
  {
    what: 'one coat of the finish covered, in a firm that always lays two',
    why: 'The rule of the firm is heard over what would do.',
    ask: {
      surface: WALL,
      tests: [rub('transfer'), patch('acrylic-wall', 'covers', 1440, 1)],
      wanted: PALE,
      houseRules: { finishCoats: 'fixed-two' },
    },
    coats: ['acrylic-wall', 2],
  },
  {
    what: 'two coats of a pale finish covered a deep blue',
    why: 'What covered needs no white primer under it.',
    ask: { surface: DEEP, tests: [rub('transfer'), patch('acrylic-wall', 'covers', 1440, 2)], wanted: PALE },
    hasNot: ['prime', 'spot-prime'],
    coats: ['acrylic-wall', 2],
  },
  {
    what: 'a deep blue shows through two coats of a pale finish',
    why: 'A finish blocks nothing: that is poor hiding, and no dye that shellac would have to hold.',
    ask: { surface: DEEP, tests: [rub('transfer'), patch('acrylic-wall', 'shows-through', 1440, 2)], wanted: PALE },
    has: ['prime:multi-purpose-acrylic-primer'],
    hasNot: ['test-patch', 'prime:shellac-primer'],
    says: ['a white primer saves'],
  },
  {
    what: 'a smoked ceiling bleeds through two coats of its finish',
    why: 'Colour that comes through is dye, whatever it was laid with.',
    ask: {
      surface: { ...NICOTINE, conditions: [] },
      tests: [rub('transfer'), patch('acrylic-ceiling', 'bleeds-through', 1440, 2)],
      wanted: { colour: '#ffffff' },
    },
    has: ['prime'],
  },
  {
    what: 'a patch of shellac crawled on an old chest, and nothing else was tried',
    why: 'Everything crawls on a foul face: it is cleaned, and the same primer is tried there again.',
    ask: {
      surface: { element: 'furniture', substrate: 'hardwood', builtYear: 1985, areaM2: 3 },
      tests: [rub('softens'), patch('shellac-primer', 'crawls', 30, 1)],
    },
    has: ['wash:degreaser', 'solvent-wipe:mineral-spirits', 'test-patch:shellac-primer', 'prime:shellac-primer'],
  },
];
