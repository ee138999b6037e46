import { type Light, MENDS, type Mend, type View } from '../vocabulary/index.ts';
import { ciede2000Of, labOf, type Lab } from '../units/colour.ts';
import type { Chemistry, Exposure, Method, Sheen, Texture } from '../vocabulary/index.ts';
import {
  BATCH_APART,
  BEARABLE,
  BOUNDARY,
  CHALKS,
  FADES,
  FLASHES,
  HIDDEN_BY,
  JUST_SEEN,
  LIGHT_OF,
  marksApart,
  SEEN_SHARE,
  SPOT_M2,
  YELLOWS,
} from './knowledge/showing.ts';

/** A fault that is to be touched up, and the film it is in. */
export interface TouchUpAsked {
  sheen: Sheen;
  /** `#rrggbb`; null where it is not known: then only age, sheen and hand speak. */
  colour: string | null;
  chemistry: Chemistry;
  exposure: Exposure;
  /** Null: what the exposure usually has. */
  light: Light | null;
  texture: Texture;
  ageMonths: number;
  /** Whether paint of the very batch is left. */
  sameBatch: boolean;
  laidBy: Method;
  mendBy: Method;
  sizeM2: number;
  view: View;
}

/** What speaks for its showing: how far, in what words. */
export interface TouchUpReason {
  code: 'drift' | 'batch' | 'sheen' | 'hand' | 'size' | 'view';
  words: string;
}

/** How likely a mend shows, by how much is mended, 0 to 1, and which way is worth it. */
export interface TouchUp {
  odds: Record<Mend, number>;
  recommended: Mend;
  /** ΔE00 between the film as it is now and the paint in the tin. */
  driftDeltaE: number;
  /** With what another batch adds. */
  deltaE: number;
  reasons: TouchUpReason[];
}

/** A share approached over time: about two thirds of it after `months`. */
const by = (ageMonths: number, months: number) => 1 - Math.exp(-Math.max(0, ageMonths) / months);

/** A colour as its film has it after some months in a light. CIELAB, D65. Source: `showing.ts`. */
export function agedColour(fresh: Lab, asked: Pick<TouchUpAsked, 'chemistry' | 'ageMonths'>, light: Light): Lab {
  const { chemistry, ageMonths } = asked;
  const fade = 1 - FADES[light].share * by(ageMonths, FADES[light].months);
  const { most, months, inDark } = YELLOWS[chemistry];
  const yellow = most * by(ageMonths, months) * (light === 'dark' ? inDark : light === 'room-light' ? 1 : 0.4);
  const chalk = light === 'open-sky' ? CHALKS.most * by(ageMonths, CHALKS.months) : 0;
  return { l: Math.min(100, fresh.l + chalk), a: fresh.a * fade, b: fresh.b * fade + yellow };
}

/** Odds that half of all people would halve or double with the steepness of what is seen. */
const seen = (difference: number, justSeen: number) =>
  difference <= 0 ? 0 : 1 / (1 + Math.exp(-3.2 * Math.log(difference / justSeen)));

const either = (...odds: number[]) => 1 - odds.reduce((none, p) => none * (1 - p), 1);

const depthOf = ({ l }: Lab) => (l > 80 ? 'pale' : l > 45 ? 'middle' : 'deep');

/**
 * Whether a touch-up will show, for each way of mending: colour by CIEDE2000 against what is just seen at its boundary,
 * flashing by sheen, the marks of the tool. Typical values; deterministic. Areas in m², ages in months.
 */
export function touchUp(asked: TouchUpAsked): TouchUp {
  const light = asked.light ?? LIGHT_OF[asked.exposure];
  const fresh = asked.colour ? labOf(asked.colour) : null;
  const drift = fresh ? ciede2000Of(fresh, agedColour(fresh, asked, light)) : 0;
  const apart = fresh && !asked.sameBatch ? BATCH_APART[depthOf(fresh)] : 0;
  const deltaE = Math.hypot(drift, apart);
  const oddsOf = (mend: Mend): number => {
    const { bears, flash, marks } = BOUNDARY[mend];
    // A spot grown to a patch has a longer edge to be seen by.
    const patch = mend === 'spot' ? Math.min(4, Math.max(1, Math.sqrt(asked.sizeM2 / SPOT_M2))) : 1;
    const colour = seen(deltaE * Math.sqrt(patch), JUST_SEEN[asked.view] * bears);
    const share = SEEN_SHARE[asked.view];
    const flashes = Math.min(0.97, FLASHES[asked.sheen] * flash * Math.sqrt(patch)) * share;
    const hand = Math.min(0.97, marksApart(asked.laidBy, asked.mendBy) * HIDDEN_BY[asked.texture] * marks) * share;
    return either(colour, flashes, hand);
  };
  const odds = Object.fromEntries(MENDS.map((mend) => [mend, oddsOf(mend)])) as Record<Mend, number>;
  return {
    odds,
    recommended: MENDS.find((mend) => odds[mend] <= BEARABLE) ?? 'corner-to-corner',
    driftDeltaE: drift,
    deltaE,
    reasons: reasonsFor(asked, { light, drift, apart }),
  };
}

const LIGHT_WORDS: Record<Light, string> = {
  dark: 'in the dark',
  'room-light': 'in room light',
  'sun-through-glass': 'with sun through the glass',
  'open-sky': 'under open sky',
};
const years = (months: number) =>
  months < 18 ? `${Math.max(0, Math.round(months))} months` : `${(months / 12).toFixed(months < 60 ? 1 : 0)} years`;

function reasonsFor(asked: TouchUpAsked, known: { light: Light; drift: number; apart: number }): TouchUpReason[] {
  const { light, drift, apart } = known;
  const reasons: TouchUpReason[] = [];
  const age = `${years(asked.ageMonths)} ${LIGHT_WORDS[light]}`;
  reasons.push({
    code: 'drift',
    words: asked.colour
      ? `After ${age} it has drifted about ${drift.toFixed(1)} (CIEDE2000) from the paint in the tin.`
      : `It is ${age}; its colour is not written down, so what it has drifted is not counted.`,
  });
  if (apart > 0)
    reasons.push({
      code: 'batch',
      words: `Another batch lies about ${apart.toFixed(1)} apart from the one on the wall.`,
    });
  reasons.push({
    code: 'sheen',
    words:
      FLASHES[asked.sheen] > 0.3
        ? `In ${asked.sheen} a second film over part of it flashes at its edge.`
        : `A ${asked.sheen} film forgives.`,
  });
  const hand = marksApart(asked.laidBy, asked.mendBy);
  if (hand > 0.2)
    reasons.push({ code: 'hand', words: `Laid by ${asked.laidBy}, mended by ${asked.mendBy}: the marks differ.` });
  if (asked.sizeM2 > SPOT_M2)
    reasons.push({ code: 'size', words: 'Larger than a hand’s palm: as a spot it would be seen as a patch.' });
  if (asked.view !== 'plain')
    reasons.push({
      code: 'view',
      words: asked.view === 'raking' ? 'In raking light every edge shows.' : 'Where nobody looks, more can be borne.',
    });
  return reasons;
}
