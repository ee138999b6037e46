import type { Condition, Family, Ground, Need, TestKind } from '../../../vocabulary/index.ts';
import { placesOf } from '../../../evidence/measured.ts';
import { placeOf } from '../../../model/place.ts';
import type { Case } from '../../case.ts';
import { keepsTexture } from '../../texture.ts';
import type { PrimerNeed } from '../../primer.ts';
import type { Step } from '../../../model/step.ts';

/** One row of knowledge: where it holds, what it asks to be done, and what it asks of a primer. */
export interface Situation {
  id: string;
  when: (c: Case) => boolean;
  steps?: (c: Case) => Step[];
  needs?: (c: Case) => PrimerNeed[];
  /** Where the row comes from: a published method, or the practice of the trade. */
  source: string;
}

/** What a primer has to do on the ground itself, where it is laid bare. */
export function needOnGround(c: Case): Need {
  if (c.ground === 'metal') return c.d.surface.substrate === 'ferrous-metal' ? 'grip-metal' : 'grip-nonferrous';
  // Where paint came off laminate, the laminate is there again; where foil came off, its board.
  if (c.ground === 'laminate' && c.treatAs !== 'laminate') return 'grip-laminate';
  return ON_GROUND[c.ground];
}
const ON_GROUND: Readonly<Record<Exclude<Ground, 'metal'>, Need>> = {
  timber: 'seal-wood',
  laminate: 'seal-wood',
  plaster: 'seal-plaster',
  paper: 'seal-paper',
  masonry: 'seal-masonry',
  hard: 'grip-hard',
};

/** What a damp sponge woke is the distemper that lies there, and no paste: nobody named any. */
export const isSlipOfDistemper = (c: Case): boolean => c.treatAs === 'distemper' && c.d.findings.found.has('paste-residue');

/** What is primed where the ground is laid bare; under oil, timber gets what oil lies best on. */
export const primedWhereBare = (c: Case, why: string): PrimerNeed => ({
  need: needOnGround(c),
  // Iron rusts under what merely grips it, and zinc and aluminium shed it: bare metal gets the primer made for it.
  atLeast: c.ground === 'metal' ? 3 : 2,
  scope: 'bare-areas',
  ...(c.ground === 'timber' && c.goesTo === 'solvent-borne' ? { prefer: ['oil-primer'] } : {}),
  why,
});

/** Whatever a primer over the whole face is asked to hold back, on a bare ground it must hold on that first. */
export function groundUnderPrimer(c: Case, asked: readonly PrimerNeed[]): PrimerNeed[] {
  const whole = asked.filter((n) => n.scope === 'all');
  const onlyBlocks = whole.length > 0 && whole.every((n) => n.need.startsWith('block') || n.need === 'hide');
  return c.bare && onlyBlocks ? [{ need: needOnGround(c), atLeast: 1, scope: 'all', why: 'Whatever primer lies on the bare ground must hold on it.' }] : [];
}

/** An abrading line, wet where lead is possible, extracted where the year is not known. */
export function sanding(c: Case, grit: number, why: string, more: Partial<Step> = {}): Step {
  const technique = c.wetOnly ? 'wet' : c.d.lead === 'year-unknown' ? 'extracted' : 'dry';
  const wet = c.wetOnly ? ['Wet, because lead is possible: no dust.'] : [];
  return { kind: 'sand', grit, technique, why: [why, ...wet], ...more };
}

/** A scraping line, wet where lead is possible. */
export function scraping(c: Case, why: string, more: Partial<Step> = {}): Step {
  return {
    kind: 'scrape',
    technique: c.wetOnly ? 'wet' : 'dry',
    why: [why, ...(c.wetOnly ? ['Mist it as you go: lead is possible.'] : [])],
    ...more,
  };
}

/** Edges of an old film that came off in part are feathered; a texture is put back where it came away, and not sanded flat. */
export const feathering = (c: Case, grit: number, why: string, more: Partial<Step> = {}): Step =>
  keepsTexture(c)
    ? {
        kind: 'repair',
        scope: 'bare-areas',
        ...more,
        why: ['Where texture came away with the film it is dabbed or sprayed on again to match, and left to dry: nothing there is sanded flat.'],
      }
    : sanding(c, grit, why, more);

/** A line for each place where a test found it; one for the whole where a finding names no place. */
export function whereFound({ d }: Case, kind: TestKind, found: readonly string[], step: Step): Step[] {
  const places = new Set(d.tests.filter((t) => t.kind === kind && found.includes(t.result ?? '')).map(placeOf));
  return places.size === 0 || places.has('') ? [step] : inEach([...places], step);
}

/** The same of a condition that is of its place by nature, whatever test found it; as large as it was measured. */
export function whereItStands({ d }: Case, code: Condition, step: Step): Step[] {
  const places = placesOf(code, d.tests, d.surface);
  const size = d.surface.extents[code]?.areaM2 ?? null;
  const share = size !== null && d.surface.areaM2 !== null ? { share: Math.min(1, size / d.surface.areaM2) / places.length } : {};
  return inEach(places, { ...step, ...(places.length ? share : {}) });
}

/** Nobody waits between places where the same is done. */
function inEach(places: readonly string[], step: Step): Step[] {
  if (places.length === 0) return [step];
  const last = places.length - 1;
  return places.map((scope, i) => ({ ...step, scope, ...(i < last ? { beside: true } : {}) }));
}

/** A patch of one coat, and how long until it is looked at, in minutes. */
export const patchOf = (family: Family, waitMin: number, ...why: string[]): Step => ({ kind: 'test-patch', family, coats: 1, waitMin, why });

/** A patch is scratched for its grip after three days. Minutes; source: practice. */
const GRIP_LOOK_MIN = 4320;
export const gripTrial = (family: Family, ...why: string[]): Step => patchOf(family, GRIP_LOOK_MIN, ...why);

/** Silicone that stays under a bead or a primer is tugged before it is painted: where it lets go it is cut out after all. */
const tugged = (family: Family, why: string): Step => patchOf(family, 1440, why);
export const TUG_PRIMED = tugged('oil-primer', 'Tug the primed bead the next day: it must not let go.');
export const TUG_BRIDGE = tugged('paintable-hybrid-sealant', 'A hand’s length of the bridge first, and a tug the next day: where it lets go, the silicone is cut out after all.');

/** It was sanded, and no palm has come away clean since. */
export const isDusty = (c: Case): boolean => c.is('sanding-dust') || (c.d.surface.sanded === true && !c.d.findings.handWipeClean);

/** Stripper, the hour it works, and what is worn with it. */
export const stripping = (why: string, more: Partial<Step> = {}): Step => ({
  kind: 'strip',
  family: 'stripper',
  waitMin: 60,
  wear: ['gloves', 'eye-protection', 'respirator-vapour'],
  why: [why],
  ...more,
});

/** What each solvent is left to flash off before anything follows it. Minutes; source: practice. */
const FLASH_OFF = { 'denatured-alcohol': 15, 'mineral-spirits': 60, acetone: 30 } as const;

/** A wipe with a solvent, the time it takes to flash off, and what is worn with it. */
export const solventWipe = (family: keyof typeof FLASH_OFF, why: string, more: Partial<Step> = {}): Step => ({
  kind: 'solvent-wipe',
  family,
  waitMin: FLASH_OFF[family],
  wear: ['gloves', 'respirator-vapour'],
  why: [why],
  ...more,
});

/** The strongest blocker that may stand here: shellac, but oil on heat and outdoors. */
export function strongBlocker(c: Case): 'shellac-primer' | 'oil-primer' {
  return c.hot || c.outside ? 'oil-primer' : 'shellac-primer';
}

/** Washing and the rinse that belongs to it. */
export function washing(family: 'alkaline-cleaner' | 'degreaser', why: string, more: Partial<Step> = {}): Step[] {
  return [
    { kind: 'wash', family, wear: ['gloves', 'eye-protection'], why: [why], ...more },
    {
      kind: 'rinse',
      waitMin: 120,
      why: ['Cleaner left behind keeps paint from gripping: rinse with clean water and let it dry.'],
      ...more,
    },
  ];
}
