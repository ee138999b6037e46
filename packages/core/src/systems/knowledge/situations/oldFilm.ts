import { isLocal, letsGoInSpots, standsAllOver, whereItLetsGo, whereMeasured } from '../../local.ts';
import { takenOffAt } from '../../comingOff.ts';
import { bearsSanding, keepsTexture } from '../../texture.ts';
import { justLaidOnOil, keptOnOil, letsGoOfOil, oilBlocks, stripsTop } from '../../onOil.ts';
import { TREATMENT_OF } from '../../../evidence/knowledge/treatments.ts';
import { FINISH_LABELS, FINISHES, type Family } from '../../../vocabulary/index.ts';
import { isWalkedOn } from '../../../evidence/facts.ts';
import { outOneNight, type Case } from '../../case.ts';
import type { PrimerNeed } from '../../primer.ts';
import type { Step } from '../../../model/step.ts';
import { mayBleedDye } from '../../siteWork.ts';
import { isLettingGo } from '../../lettingGo.ts';
import { letsGoOfDistemper } from '../../onDistemper.ts';
import { feathering, gripTrial, primedWhereBare, sanding, scraping, stripping, washing, type Situation, solventWipe } from './situation.ts';

const staysOil = (c: Case) => c.goesTo === 'solvent-borne';
/** The rule for old oil covers every interior wooden element, cabinets and furniture too. */
const underOilRule = (c: Case) => !c.outside && c.ground === 'timber' && c.joinery;
/** The finish that a rule lays straight onto prepared oil. */
const STRAIGHT_ON: Readonly<Partial<Record<string, Family>>> = { 'hybrid-direct': 'waterborne-alkyd', 'etch-direct': 'acrylic-trim' };
/** A patch of the finish let go of the prepared oil: whatever the rule says, it is primed after all. */
const straightLetGo = (c: Case) => underOilRule(c) && c.gripFailedBy.has(STRAIGHT_ON[c.rules.oilTrim]!);
const goesStraight = (c: Case) => underOilRule(c) && !staysOil(c) && !straightLetGo(c);
const goesDirect = (c: Case) => goesStraight(c) && c.rules.oilTrim === 'hybrid-direct' && c.wanted.family === null;
const goesEtched = (c: Case) => goesStraight(c) && c.rules.oilTrim === 'etch-direct';
/** Where an alkaline wash etches old oil it takes the grease with it, and no other cleaner stands in for it. */
export const greaseCleaner = (c: Case) => (oilFace(c) && goesEtched(c) ? 'alkaline-cleaner' : 'degreaser');
/** Old oil, or oil once the waterborne on it is off. */
const oilFace = (c: Case) => c.treatAs === 'oil' || stripsTop(c);

/** Of all that may lie clear on the timber, stain that went into it is likelier than any film. */
export const isStained = ({ d: { odds } }: Case) => FINISHES.every((finish) => finish === 'stain' || TREATMENT_OF[finish] !== 'clear' || odds[finish] < odds.stain);

const GRIP: PrimerNeed = {
  need: 'grip-gloss',
  atLeast: 2,
  scope: 'all',
  prefer: ['shellac-primer', 'bonding-acrylic-primer', 'oil-primer'],
  why: 'Waterborne paint does not hold on old oil: the primer must grip it.',
};
/** A place that a test named lets go, or peels. */
const letsGoInAPlace = (c: Case) => c.isPlace === true && c.d.zones[0]!.places.length > 0 && isLettingGo(c);
/** Outside, on timber, what lies there may as well be old varnish, and dye under it; who has until tonight cannot wait for what blocks that. */
const mayBeClear = (c: Case): boolean =>
  c.outside && mayBleedDye(c) && c.d.odds['clear-oil-varnish'] + c.d.odds['waterborne-clear'] >= MAY_BE_CLEAR && !outOneNight(c.d.surface, c.wanted);
const MAY_BE_CLEAR = 0.2;
/** Under a film on metal, tile or plastic lies what only a bonding primer holds on, where it shows. */
const gripOn = (c: Case): PrimerNeed => (c.ground === 'metal' || c.ground === 'hard' ? { ...GRIP, prefer: GRIPS_HARD_FILM } : GRIP);
/** Dye of the timber, or of a stain in it, is held back under the whole. */
const blockingDye = (why: string): PrimerNeed => ({ need: 'block-tannin', atLeast: 2, scope: 'all', why });
/** Over a clear film on timber what grips should hold back the timber's dye too. */
const BLOCKS_TOO: readonly Family[] = ['shellac-primer', 'oil-primer', 'bonding-acrylic-primer'];
/** A baked or sprayed film on metal, tile or plastic has no dye under it, and needs grip alone. */
const GRIPS_HARD_FILM: readonly Family[] = ['bonding-acrylic-primer', 'shellac-primer', 'oil-primer'];

const vacuumed: Step = { kind: 'dust-off', why: ['A texture is kept: dust and cobwebs are vacuumed out of it with a soft brush, and it is not sanded flat.'] };

/** What lies on old oil, by where it is. */
function whyOilWashed(c: Case): string {
  if (c.outside) return 'Dirt and weather lie on old gloss: wash it off.';
  const { element } = c.d.surface;
  if (element === 'ceiling') return 'Smoke, steam and dust settle on an old ceiling: they are washed off before it is dulled.';
  return element === 'wall' ? 'Hands, smoke and dust leave a film on an old oil wall: it is washed off before the wall is dulled.' : 'Hands and polish leave grease on old gloss.';
}

/** Paint out of a can lies there, of which nobody can say what it is. */
export const isFromACan = (c: Case) => c.treatAs === 'aerosol' || c.is('aerosol-paint');
/** Wax that was dripped or drawn on a film, and measured, is treated where it is; wood that was waxed is waxed all over. */
const whereWaxed = (c: Case): { scope?: 'spots' } => (c.treatAs === 'wax' ? {} : whereMeasured(c, 'wax'));
const isInGrain = (c: Case): boolean => c.ground === 'timber' && (c.bare || c.treatAs === 'wax' || c.treatAs === 'clear');

/** A scrawl that was measured is treated where it is; where a can was the finish, all over. */
export const whereSprayed = (c: Case): { scope?: 'spots' } => (c.treatAs !== 'aerosol' && isLocal(c, 'aerosol-paint') ? { scope: 'spots' } : {});

const degloss: Step = {
  kind: 'degloss',
  family: 'deglosser',
  waitMin: 20,
  wear: ['gloves', 'eye-protection', 'respirator-vapour'],
  why: ['Dulls the gloss without dust, so that the next film has something to bite.'],
};

/** A white palm on a face that no longer shines: the weather has dulled it, and a scuff is enough. */
const isChalked = (c: Case) => standsAllOver(c, 'chalking') && !c.is('glossy') && bearsSanding(c) && !keepsTexture(c);
/** The floor is opened with a coarse grit all over, which takes the gloss with it. */
const isOpenedCoarse = (c: Case) => isWalkedOn(c.d.surface) && bearsSanding(c);

function oilPreparation(c: Case): Step[] {
  const washed = washing('alkaline-cleaner', whyOilWashed(c));
  if (isOpenedCoarse(c)) return washed;
  if (isChalked(c)) return [...washed, ...scuffed(c, 220, 'The weather has dulled it: a scuff down to a firm face is enough.')];
  return [...washed, degloss, ...scuffed(c, 220, 'Scuffs what the deglosser left bright.')];
}

/** A face that bears it is scuffed all over; a texture is vacuumed, and paper is let be. */
function scuffed(c: Case, grit: number, why: string): Step[] {
  if (keepsTexture(c)) return [vacuumed];
  return bearsSanding(c) ? [sanding(c, grit, why)] : [];
}

/** True where the finish goes straight onto prepared oil, so that it must be a hybrid. */
export function hybridDirect(c: Case): boolean {
  return oilFace(c) && goesDirect(c);
}

/** Finish straight onto prepared oil, hybrid or etched: no primer lies between. */
export const finishOnOil = (c: Case) => oilFace(c) && (goesDirect(c) || goesEtched(c));

/** Whatever else a primer on old oil is asked to do, over the whole face it must grip first. */
export function gripUnderPrimer(c: Case, asked: readonly PrimerNeed[]): PrimerNeed[] {
  const whole = asked.some((n) => n.scope === 'all');
  return whole && oilFace(c) && !asked.some((n) => n.need === 'grip-gloss') ? [{ ...GRIP, why: 'Whatever primer lies on old oil must grip it.' }] : [];
}

/** Why a sound film is washed here. */
function whyWashed(c: Case): string {
  const { element } = c.d.surface;
  if (c.outside) return 'The weather leaves dirt and chalk on the film: it is washed before it is scuffed.';
  if (element === 'floor') return 'A floor carries what feet bring in: it is washed before it is abraded.';
  if (c.joinery) return 'Woodwork is handled: wash it before it is scuffed.';
  return element === 'wall' || element === 'ceiling'
    ? 'Walls and ceilings that are wet, wiped or handled are washed before they are painted.'
    : 'Dust and hands leave a film on it: it is washed before it is scuffed.';
}

/** Why waterborne is scraped off the oil under it: it was found to let go, or it is likelier to than to hold. */
const whyScraped = (c: Case) =>
  c.d.findings.adhesion === 'weak' || c.is('peeling', 'flaking')
    ? 'The waterborne coat lets go of the oil under it, and takes with it whatever is laid on top: take it off.'
    : 'The waterborne coat lets go of the oil beside here, and is likelier to here than to hold: scrape, and take off what lifts.';

/** What to look for before paint goes on where paint let go indoors. */
function whyItLetGo(c: Case): string {
  const { exposure } = c.d.surface;
  if (exposure === 'interior-wet')
    return 'Paint lets go in a wet room for a reason: steam that stays, or a coat on a damp or soapy face. Find which, and see that the air gets out.';
  if (exposure === 'interior-grease') return 'Paint lets go in a kitchen for a reason: grease under the film, or steam that stays. Find which before paint goes on.';
  return 'Paint lets go indoors for a reason: the wrong film on old oil, dust or powder left on, damp from behind. Look at the back of a flake, and name it before paint goes on.';
}

/** Waterborne varnish that the record or the tests have told: scuffed, its like holds on it without a sealer. */
export const isKnownWaterborneClear = ({ d }: Case) => d.odds['waterborne-clear'] >= KNOWN_CLEAR;
const KNOWN_CLEAR = 0.8;
const clearFilmWords = ({ d }: Case): string => (d.odds[d.likeliest] >= KNOWN_CLEAR ? `old ${FINISH_LABELS[d.likeliest].toLowerCase()}` : 'a clear film that nobody knows');

/** Distemper goes back to powder under water, and the wall drinks that water. */
const powderWashedOff = (why: string, more: Partial<Step> = {}): Step[] => [
  { kind: 'wash', family: 'alkaline-cleaner', why: [why], ...more },
  { kind: 'rinse', waitMin: 1440, why: ['Rinse until the water runs clear, and let the wall dry.'], ...more },
];

/** Paint of which nobody knows for sure what it is, on laminate, metal, tile, glass or plastic; what was measured as a small part is treated there. */
const isUnsureOnSlick = (c: Case): boolean =>
  (c.ground === 'laminate' || c.ground === 'hard' || c.ground === 'metal') &&
  (c.treatAs === 'waterborne' || c.treatAs === 'primed') &&
  c.d.odds[c.d.likeliest] < KNOWN_FILM &&
  !letsGoInSpots(c) &&
  !c.isPlace;
const KNOWN_FILM = 0.8;

/** Paint that is already there: oil, waterborne, waterborne on oil, clear finishes. */
export const OLD_FILM: readonly Situation[] = [
  {
    id: 'waterborne-on-oil-strip',
    source: 'practice',
    when: (c) => stripsTop(c) && justLaidOnOil(c) === null,
    steps: (c) => [
      letsGoOfOil(c) ? scraping(c, whyScraped(c)) : stripping('House rule: waterborne lying on oil comes off, all of it.'),
      solventWipe('denatured-alcohol', 'Spirit softens what is left of the waterborne film; wipe it off the oil.'),
      feathering(c, 120, 'Feather the edges of what stays.'),
    ],
    // What is closed sheds what does not grip it, wherever the oil went with the waterborne.
    needs: (c) => (c.ground === 'metal' || c.ground === 'hard' ? [primedWhereBare(c, 'Where the oil came off with it the ground is primed.')] : []),
  },
  {
    id: 'laid-on-oil-just-now',
    source: 'practice: the way back is chosen by the age of the film',
    when: (c) => justLaidOnOil(c) !== null,
    steps: (c) => takenOffAt(c, justLaidOnOil(c)!),
  },
  {
    id: 'waterborne-on-oil-kept',
    source: 'practice',
    when: keptOnOil,
    steps: (c) => [...washing('alkaline-cleaner', 'Clean before anything is judged or bound.'), ...scuffed(c, 220, 'A light scuff, not enough to break through.')],
    needs: () => [
      {
        ...GRIP,
        prefer: ['bonding-acrylic-primer', 'shellac-primer'],
        why: 'A flexible primer binds the coat that lies on oil.',
      },
    ],
  },
  {
    id: 'old-oil-to-waterborne',
    source: 'practice',
    when: (c) => oilFace(c) && !staysOil(c) && !goesDirect(c) && !goesEtched(c),
    steps: oilPreparation,
    needs: (c) => [
      { ...gripOn(c), ...(straightLetGo(c) ? { why: 'The patch of the finish let go of the prepared oil: it is primed after all.' } : {}) },
      ...(mayBeClear(c) ? [blockingDye('It may as well be old varnish, and the timber’s dye under it rises through waterborne paint: the primer must block it too.')] : []),
    ],
  },
  {
    id: 'old-oil-hybrid-direct',
    source: 'house rule oilTrim',
    when: (c) => oilFace(c) && goesDirect(c),
    steps: oilPreparation,
  },
  {
    id: 'old-oil-etched',
    source: 'house rule oilTrim',
    when: (c) => oilFace(c) && goesEtched(c),
    steps: () => [
      {
        kind: 'wash',
        family: 'alkaline-cleaner',
        wear: ['gloves', 'eye-protection'],
        why: ['House rule: a strong alkaline wash etches the gloss instead of sanding it.'],
      },
      { kind: 'rinse', waitMin: 180, why: ['Rinse twice: alkali left behind keeps the paint from gripping.'] },
      gripTrial('acrylic-trim', 'Held until a patch of the finish, scratched after three days, grips.'),
    ],
  },
  {
    id: 'old-oil-stays-oil',
    source: 'practice',
    when: (c) => oilFace(c) && staysOil(c),
    steps: (c) => [
      ...washing('alkaline-cleaner', whyOilWashed(c)),
      ...(bearsSanding(c) ? [] : [degloss]),
      ...scuffed(c, 220, 'Oil over oil needs a dull face: scuff it all over.'),
    ],
  },
  {
    id: 'sound-waterborne',
    source: 'practice',
    when: (c) => c.treatAs === 'waterborne',
    steps: (c) => {
      // A wall is washed where it is dirty or wiped often; woodwork is always handled.
      // Water drives salts back in: what blooms is brushed dry, and not washed.
      const dirty = (c.d.surface.exposure !== 'interior-dry' || c.joinery) && !standsAllOver(c, 'efflorescence');
      // Indoors it is blocked as it lies, since water smears it; what stands in the weather is washed all the same.
      const smoked = !c.outside && c.is('soot', 'smoke') && !isLocal(c, 'soot', 'smoke');
      const smeared = smoked || standsAllOver(c, 'greasy');
      const isSanded = c.d.surface.texture === 'smooth' || c.rules.sanding === 'always';
      const bears = bearsSanding(c) && c.ground !== 'masonry';
      return [
        ...(dirty && !smeared ? washing('alkaline-cleaner', whyWashed(c)) : []),
        ...(keepsTexture(c) ? [vacuumed] : []),
        ...(isSanded && bears && !smoked ? [sanding(c, c.joinery ? 240 : 220, 'A light sand takes off nibs and gives the new coat a key.')] : []),
      ];
    },
  },
  {
    id: 'clear-finish',
    source: 'practice',
    when: (c) => c.treatAs === 'clear',
    steps: (c) => [
      ...washing('alkaline-cleaner', c.outside ? 'Dirt and weather come off before it is scuffed.' : 'Polish and hand grease come off before it is scuffed.'),
      sanding(c, 180, isStained(c) ? 'Rub off what of the stain stands on the face, and open the grain.' : 'Scuff it dull: paint slides off a slick clear film.'),
    ],
    needs: (c) =>
      c.clear
        ? c.goesTo === 'waterborne' && !c.outside && !isKnownWaterborneClear(c)
          ? [
              {
                ...GRIP,
                prefer: ['clear-shellac', 'clear-bonding-primer'],
                why: `Waterborne varnish over ${clearFilmWords(c)}: a thin clear sealer between grips both.`,
              },
            ]
          : []
        : [
            {
              ...GRIP,
              prefer: mayBleedDye(c) ? BLOCKS_TOO : GRIPS_HARD_FILM,
              why: isStained(c) ? 'Old stain may stand on the timber as a thin skin: the primer must grip.' : 'Varnish and lacquer are slick: the primer must grip.',
            },
            ...(mayBleedDye(c) ? [blockingDye('Stain and timber dye rise through waterborne paint: the primer must block.')] : []),
          ],
  },
  {
    id: 'waxed',
    source: 'practice',
    when: (c) => c.treatAs === 'wax' || c.is('wax'),
    steps: (c) => [
      solventWipe('mineral-spirits', 'Wax keeps every paint from holding. Wipe with clean rags until water no longer beads.', whereWaxed(c)),
      ...(isInGrain(c) ? [sanding(c, 150, 'Open the grain once the wax is off.', whereWaxed(c))] : []),
    ],
    needs: (c) => [
      {
        need: 'block-tannin',
        atLeast: 3,
        scope: 'all',
        ...whereWaxed(c),
        prefer: c.clear ? ['clear-shellac'] : ['shellac-primer'],
        why: isInGrain(c) ? 'What wax and oil is left in the grain is sealed in.' : 'What wax is left is sealed in.',
      },
    ],
  },
  {
    id: 'distemper',
    source: 'practice',
    when: (c) => c.treatAs === 'distemper',
    steps: () => powderWashedOff('Distemper and limewash turn back to powder: wash and brush off what will come.'),
    needs: () => [
      {
        need: 'seal-chalk',
        atLeast: 3,
        scope: 'all',
        prefer: ['penetrating-sealer'],
        why: 'What powder is left must be bound to the wall.',
      },
    ],
  },
  {
    id: 'letting-go-of-distemper',
    source: 'practice',
    when: letsGoOfDistemper,
    steps: () =>
      powderWashedOff('Where the paint comes off, old distemper lies open: wash the powder off down to the plaster, or the new paint lets go with it.', {
        scope: 'bare-areas',
      }),
    needs: () => [
      {
        need: 'seal-chalk',
        atLeast: 3,
        scope: 'bare-areas',
        prefer: ['penetrating-sealer'],
        why: 'What powder stays in the pores is bound.',
      },
    ],
  },
  {
    id: 'primed-only',
    source: 'practice',
    when: (c) => c.treatAs === 'primed',
    steps: (c) => [
      ...(c.outside ? washing('alkaline-cleaner', 'A primer that stood in the weather is washed before it is scuffed.') : []),
      ...scuffed(c, 240, 'A primer left standing is scuffed so that the finish holds.'),
    ],
  },
  {
    id: 'unknown-spray-paint',
    source: 'practice',
    when: isFromACan,
    steps: (c) => [
      ...(c.outside ? washing('alkaline-cleaner', 'Dirt and weather come off before it is dulled.', whereSprayed(c)) : []),
      sanding(c, 220, 'Dull the sprayed film.', whereSprayed(c)),
    ],
    needs: (c) => [
      {
        need: 'block-ink',
        atLeast: 2,
        scope: whereSprayed(c).scope ?? 'all',
        prefer: ['shellac-primer'],
        why: 'Spray-can dyes rise through waterborne paint; until the patches say otherwise, the stronger blocker.',
      },
    ],
  },
  {
    id: 'letting-go',
    source: 'practice',
    when: (c) => (!c.outside || c.ground === 'metal') && isLettingGo(c) && !stripsTop(c) && c.ground !== 'paper' && c.treatAs !== 'bare',
    steps: (c) => [
      ...(c.ground === 'metal' || c.ground === 'laminate' ? [] : [{ kind: 'inspect', why: [whyItLetGo(c)] } satisfies Step]),
      ...(c.ground === 'laminate' && c.treatAs === 'laminate'
        ? [
            {
              kind: 'strip',
              ...whereItLetsGo(c),
              why: ['Foil that lifts is peeled back to the board: paint on loose foil comes away with it.'],
            } satisfies Step,
          ]
        : [scraping(c, 'Whatever lifts takes the new coats with it: scrape to an edge that holds.', whereItLetsGo(c))]),
      feathering(c, 120, 'Feather the edges so that they do not show.', whereItLetsGo(c)),
      // Filler on hot metal cracks out, and nobody fills a gutter, a gate or a texture; there the edges are feathered further.
      ...(c.hot || (c.outside && c.ground === 'metal') || keepsTexture(c)
        ? []
        : [{ kind: 'fill', family: 'filler', scope: 'bare-areas', why: ['Skim the steps that feathering leaves.'] } satisfies Step]),
    ],
    needs: (c) => [
      {
        ...primedWhereBare(c, 'Where scraping reached the ground it is primed.'),
        // Where all of the foil came off it is the board that is primed, all of it.
        ...(c.treatAs === 'laminate' && !letsGoInSpots(c) ? { scope: 'all' } : {}),
      },
    ],
  },
  {
    id: 'letting-go-of-what-is-slick',
    source: 'practice',
    when: (c) => isLettingGo(c, 'cracking') && isUnsureOnSlick(c),
    needs: () => [{ ...GRIP, prefer: GRIPS_HARD_FILM, why: 'On so slick a ground, and with a film that nobody knows for sure, what grips goes over all of it.' }],
  },
  {
    id: 'let-go-where-oil-may-lie',
    source: 'practice',
    // One place, or what was measured, is primed for a doubt; a whole face is patched first.
    when: (c) => c.treatAs === 'waterborne' && c.ground !== 'masonry' && oilBlocks(c) && (letsGoInSpots(c) || letsGoInAPlace(c)),
    needs: (c) => [
      {
        ...GRIP,
        scope: letsGoInSpots(c) ? 'bare-areas' : 'all',
        prefer: ['bonding-acrylic-primer', 'shellac-primer'],
        why: 'It let go here, and old oil may lie under it: the primer where it came off must grip that too.',
      },
    ],
  },
  {
    id: 'letting-go-of-paper',
    source: 'practice',
    when: (c) => !c.outside && c.ground === 'paper' && !c.bare && isLettingGo(c) && !stripsTop(c),
    steps: (c) => [
      scraping(c, 'Paint that lifts off paper is taken off to an edge that holds; where the paper comes with it, strip it.', whereItLetsGo(c)),
      sanding(c, 150, 'Feather the edges, lightly: the paper wears through.', whereItLetsGo(c)),
    ],
    needs: (c) => [{ ...primedWhereBare(c, 'Where paint came off, paper lies open: it is sealed, or it swells.'), prefer: ['wallpaper-sealer'] }],
  },
  {
    id: 'lifted-from-the-ground',
    source: 'practice',
    when: (c) => !c.outside && c.d.findings.weakPlane === 'substrate' && c.ground === 'plaster',
    needs: () => [
      {
        need: 'seal-chalk',
        atLeast: 2,
        scope: 'bare-areas',
        prefer: ['penetrating-sealer'],
        why: 'The film let go of the wall itself: where it came off, the face of the plaster is bound.',
      },
    ],
  },
  {
    id: 'old-runs',
    source: 'practice',
    when: (c) => c.is('old-runs') && !keepsTexture(c),
    steps: (c) => [sanding(c, 150, 'Flatten old runs: new paint shows them more.', whereMeasured(c, 'old-runs'))],
  },
  {
    id: 'glossy-waterborne',
    source: 'practice',
    when: (c) => c.treatAs === 'waterborne' && c.is('glossy') && !keepsTexture(c) && (c.d.surface.texture !== 'smooth' || c.ground === 'masonry'),
    steps: (c) => [sanding(c, 220, 'A gloss is scuffed so that the new coat holds.', whereMeasured(c, 'glossy'))],
  },
  {
    id: 'cracked-film',
    source: 'practice',
    when: (c) => c.is('cracking') && c.treatAs !== 'bare',
    steps: (c) => [
      scraping(c, 'A cracked film is scraped where it is loose.', whereItLetsGo(c)),
      c.ground === 'masonry'
        ? ({
            kind: 'fill',
            family: c.outside ? 'exterior-filler' : 'filler',
            scope: 'bare-areas',
            why: ['Cracks and steps that scraping leaves are filled and rubbed level: masonry is not sanded.'],
          } satisfies Step)
        : feathering(c, 120, 'Cracks in the film are sanded out, or they come back.', whereItLetsGo(c)),
    ],
    needs: (c) => ((c.outside && c.ground !== 'metal') || c.ground === 'paper' ? [] : [primedWhereBare(c, 'Where cracks were taken out to the ground it is primed.')]),
  },
];
