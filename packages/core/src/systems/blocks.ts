import { chemistryOf, FAMILY_LABELS, type BlockCode } from '../vocabulary/index.ts';
import { moistureLimit } from '../evidence/knowledge/moisture.ts';
import { treatmentOdds } from '../evidence/treatment.ts';
import type { Case } from './case.ts';
import type { Composed } from './compose.ts';
import { finishFails, OUTSIDE_FINISHES } from './finish.ts';
import { PRIMERS } from './knowledge/primers.ts';

/** What may not be done until a fact releases it. Never merely a warning. */
export interface Block {
  code: BlockCode;
  text: string;
  until: string;
}

interface BlockRow {
  code: BlockCode;
  holds: (c: Case, made: Composed) => boolean;
  text: (c: Case, made: Composed) => string;
  until: (c: Case, made: Composed) => string;
}

/** Oil counts as likely from here on; below it the look and the tests speak against it. */
const OIL_LIKELY = 0.25;

function oneMakerFails(c: Case, made: Composed): boolean {
  if (c.rules.makers !== 'one-maker') return false;
  const families = [...new Set(made.steps.filter((s) => s.coats && s.family).map((s) => s.family!))];
  const makers = new Set(c.shelf.map((p) => p.maker));
  return (
    families.length > 1 &&
    ![...makers].some((maker) => families.every((f) => c.shelf.some((p) => p.maker === maker && p.family === f)))
  );
}

const BLOCKS: readonly BlockRow[] = [
  {
    code: 'dry-sand-lead',
    holds: (c) => c.wetOnly,
    text: (c) =>
      c.d.lead === 'positive'
        ? 'Lead was found: no dry sanding, dry scraping or heat.'
        : `Built before ${c.d.surface.leadYear} and not tested: treated as leaded. No dry sanding, dry scraping or heat.`,
    until: () =>
      'A swab on a notch through all layers is negative. Local rules and licensed contractors decide what may be done.',
  },
  {
    code: 'waterborne-on-oil',
    holds: (c) => {
      const odds = treatmentOdds(c.d.odds);
      const oil =
        odds.oil +
        (c.d.odds['clear-oil-varnish'] > 0.5 ? c.d.odds['clear-oil-varnish'] : 0) +
        (c.d.findings.adhesion === 'weak' ? odds['over-oil'] : 0);
      const goesWaterborne =
        c.goesTo === 'waterborne' &&
        !c.clear &&
        (c.wanted.family === null || chemistryOf(c.wanted.family) === 'waterborne');
      return oil >= OIL_LIKELY && goesWaterborne && !c.gripPatchHeld;
    },
    text: () => 'No waterborne paint straight onto untreated oil gloss: it peels.',
    until: () => 'It is dulled and a gripping primer is on, or a patch has held at three days.',
  },
  {
    code: 'paint-on-silicone',
    holds: (c) => c.is('silicone', 'sealant-unknown'),
    text: (c) =>
      c.is('silicone')
        ? 'Paint crawls on silicone and never holds.'
        : 'The bead may be silicone: paint would crawl on it.',
    until: () => 'It is cut out and a dab of paint wets the place.',
  },
  {
    code: 'paint-on-damp',
    holds: (c) => c.is('damp'),
    text: (c) => `Damp: over ${moistureLimit(c.d.surface.substrate)} % nothing is sealed in.`,
    until: (c) => `The cause is found and a meter reads ${moistureLimit(c.d.surface.substrate)} % or less.`,
  },
  {
    code: 'paint-on-rot',
    holds: (c) => c.is('rot'),
    text: () => 'Rot goes on under paint.',
    until: () => 'It is cut out or replaced and the probe finds firm timber.',
  },
  {
    code: 'paint-on-paste',
    holds: (c) => c.is('paste-residue'),
    text: () => 'Paste wakes under waterborne paint and bubbles.',
    until: () => 'It is washed off and a damp sponge stays clean.',
  },
  {
    code: 'paint-on-mould',
    holds: (c) => c.is('mould'),
    text: () => 'Mould grows through new paint.',
    until: () => 'It is treated, and a drop of bleach no longer lightens anything.',
  },
  {
    code: 'interior-product-outside',
    holds: (c) =>
      c.outside &&
      c.wanted.family !== null &&
      (finishFails(c.wanted.family, c) === 'it is made for indoors' ||
        PRIMERS.some((p) => p.family === c.wanted.family && p.outside === 'no')),
    text: (c) => `${FAMILY_LABELS[c.wanted.family!]} is made for indoors.`,
    until: () =>
      `An exterior family is chosen: ${OUTSIDE_FINISHES.slice(0, 3)
        .map((f) => FAMILY_LABELS[f])
        .join(', ')}.`,
  },
  {
    code: 'shellac-outside-at-large',
    holds: (c) => c.outside && (c.rules.blocker === 'shellac' || c.wanted.family === 'shellac-primer'),
    text: () => 'Outdoors shellac is for spots: sun and rain break it.',
    until: () => 'Another blocker is taken for the whole face.',
  },
  {
    code: 'shellac-on-heat',
    holds: (c) => c.hot && (c.rules.blocker === 'shellac' || c.wanted.family === 'shellac-primer'),
    text: () => 'Shellac softens on hot surfaces.',
    until: () => 'A primer that stands heat is taken.',
  },
  {
    code: 'incompatible-makers',
    holds: oneMakerFails,
    text: () => 'House rule: one maker throughout; no maker on this shelf has every coat.',
    until: () => 'A maker with every coat is on the shelf, or the rule is lifted for this surface.',
  },
  {
    code: 'nothing-on-shelf',
    holds: (_c, made) => made.toBuy.length > 0,
    text: (_c, made) => `Nothing on this shelf fits: ${made.toBuy.map((f) => FAMILY_LABELS[f]).join(', ')} is missing.`,
    until: (_c, made) => `Buy ${made.toBuy.map((f) => FAMILY_LABELS[f]).join(' and ')}.`,
  },
];

/** Every block whose condition holds and whose releasing fact is missing, also where the system already holds the remedy. */
export function blocksOn(c: Case, made: Composed): Block[] {
  return BLOCKS.filter((row) => row.holds(c, made)).map((row) => ({
    code: row.code,
    text: row.text(c, made),
    until: row.until(c, made),
  }));
}
