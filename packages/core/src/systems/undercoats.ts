import type { Case } from './case.ts';
import { selfPriming } from './finish.ts';
import { tintFor } from './primer.ts';
import type { Step } from '../model/step.ts';
import type { Ground } from '../vocabulary/index.ts';

/** A firm that keeps primer and undercoat apart does so under waterborne paint too. */
function waterborneUndercoat(c: Case): Step[] {
  if (c.rules.undercoat !== 'separate' || !c.bare || !c.joinery || selfPriming(c)) return [];
  return [
    {
      kind: 'undercoat',
      family: 'acrylic-primer-undercoat',
      coats: 1,
      scope: 'all',
      ...tinted(c),
      method: 'brush',
      why: ['House rule: a primer for the timber, and an undercoat that builds and levels for the finish.'],
    },
  ];
}

/** Oil enamel sinks into these as it does into timber. */
const DRINK: readonly Ground[] = ['plaster', 'paper'];
const onWhatDrinks = (c: Case): Step => ({
  kind: 'undercoat',
  family: 'oil-undercoat',
  coats: 1,
  scope: 'all',
  ...tinted(c),
  method: 'roll',
  why: ['Oil enamel sinks into what drinks, board and paper too: an undercoat under it, and the long wait.'],
});

/** An undercoat is tinted as the finish asks. */
function tinted(c: Case): Pick<Step, 'tint'> {
  const tint = tintFor(c);
  return tint ? { tint } : {};
}

/** Oil on bare timber sinks without an undercoat; combined or separate by house rule. */
export function undercoats(c: Case, primers: readonly Step[]): Step[] {
  if (c.clear || c.outside) return [];
  if (c.ground !== 'timber')
    return c.goesTo === 'solvent-borne' && c.bare && DRINK.includes(c.ground) ? [onWhatDrinks(c)] : [];
  if (c.goesTo !== 'solvent-borne') return waterborneUndercoat(c);
  const bareSomewhere = c.bare || primers.some((p) => p.scope === 'bare-areas');
  const farColour = !c.bare && (c.shift.toDeep || c.shift.toPale);
  if (farColour)
    return [
      {
        kind: 'undercoat',
        family: 'oil-undercoat',
        coats: 1,
        scope: 'all',
        ...tinted(c),
        method: 'brush',
        why: ['The colour moves far: a tinted oil undercoat hides the old one under the enamel.'],
      },
    ];
  if (!bareSomewhere) return [];
  return [
    {
      kind: 'undercoat',
      family: 'oil-undercoat',
      coats: 1,
      scope: c.bare ? 'all' : 'bare-areas',
      ...(c.bare ? tinted(c) : {}),
      method: 'brush',
      why: [
        'Oil enamel sinks into bare timber without an undercoat; smooth it between coats and give it the long wait.',
      ],
    },
  ];
}
