import type { Case } from './case.ts';
import { keepsTexture } from './texture.ts';
import { afterTheFirstYear, movesInItsFirstYear } from './siteWork.ts';
import type { Step } from '../model/step.ts';

/** The coats in their true order: denibbed between, and the last of them at a return where new timber moves. `isWhole`: no place has steps of its own. */
export const coatsInTurn = (c: Case, coats: readonly Step[], isWhole: boolean): Step[] =>
  inInstalments(c, isWhole ? finishInTurn(c, coats) : coats);

/** Where nothing lies under the finish that could be denibbed, its first coat is a line of its own: it is denibbed before the rest. */
function finishInTurn(c: Case, coats: readonly Step[]): Step[] {
  if (coats.some(canBeDenibbed) || !denibs(c)) return [...coats];
  return coats.flatMap((step): Step[] =>
    step.kind === 'finish-coat' && (step.coats ?? 1) > 1
      ? [
          { ...step, coats: 1 },
          { ...step, coats: step.coats! - 1, afterDenib: true, why: ['Over the first coat, once that is smooth.'] },
        ]
      : [step],
  );
}

/** On new timber outside the last coat waits for the first year: what the joints did is put right under it. */
function inInstalments(c: Case, coats: readonly Step[]): Step[] {
  const last = coats.findLastIndex((s) => s.kind === 'finish-coat');
  if (!movesInItsFirstYear(c) || c.clear || last < 0) return [...coats];
  const step = coats[last]!;
  const now = (step.coats ?? 1) - 1;
  return [
    ...coats.slice(0, last),
    ...(now > 0 ? [{ ...step, coats: now }] : []),
    ...coats.slice(last + 1),
    ...afterTheFirstYear(c, step),
  ];
}

/** A film under the finish that is there to be smoothed. A wash of etch primer is a few microns: sanded, it is gone. */
const canBeDenibbed = ({ kind, family }: Step) =>
  (kind === 'prime' && family !== 'etch-primer') || kind === 'undercoat';

const denibs = (c: Case) =>
  (c.rules.sanding === 'always' && !keepsTexture(c)) ||
  (c.joinery && (c.bare || c.ground === 'timber' || c.furniture)) ||
  // The first coat raises the grain of boarded walls too.
  (c.bare && c.ground === 'timber' && !c.outside);

/** Never before the first coat: something of ours has to lie there to be denibbed. */
export function betweenCoats(c: Case, coats: readonly Step[]): Step[] {
  if (!coats.some((s) => canBeDenibbed(s) || s.afterDenib) || !denibs(c)) return [];
  const technique = c.wetOnly ? 'wet' : 'dry';
  return [
    {
      kind: 'sand-between',
      grit: 240,
      technique,
      why: [
        c.bare && c.ground === 'timber'
          ? 'The first coat raises the grain: take it down smooth.'
          : 'Denib between coats: smooth, and a key for the next.',
      ],
    },
    { kind: c.joinery ? 'tack-off' : 'dust-off', scope: 'between', why: ['Dust from sanding shows in the next coat.'] },
  ];
}
