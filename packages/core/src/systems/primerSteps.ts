import { tintsOf, type Family, type Method, type StepKind } from '../vocabulary/index.ts';
import type { Treatment } from '../evidence/treatment.ts';
import type { Step } from '../model/step.ts';
import type { Case } from './case.ts';
import { isClosedBare } from './siteWork.ts';
import { choosePrimer, choosePrimers, FOR_IRON, meets, tintFor, type ChosenPrimer, type PrimerNeed } from './primer.ts';

/** How a coat is laid on this element. */
export function methodFor(c: Case, scope: string | undefined): Method {
  if (scope === 'spots' || scope === 'bare-areas') return 'brush';
  const element = c.d.surface.element;
  if (element === 'wall' || element === 'ceiling') return 'cut-in-and-roll';
  if (element === 'door' || c.furniture) return 'roll-and-lay-off';
  return element === 'masonry' || element === 'floor' ? 'roll' : 'brush';
}

/** A spot of stain is sprayed from a can; more is rolled. */
const SPRAY_CAN_M2 = 0.3;

function spotMethod(c: Case, needs: readonly PrimerNeed[]): Method {
  const stain = needs.some((n) => n.need === 'block-water') ? c.d.surface.extents['water-stain']?.areaM2 : null;
  if (stain == null) return 'brush';
  return stain <= SPRAY_CAN_M2 ? 'aerosol' : 'roll';
}

function primerStep(
  kind: StepKind,
  primer: ChosenPrimer,
  needs: readonly PrimerNeed[],
  c: Case,
  scope: PrimerNeed['scope'],
): Step {
  const tint = scope === 'all' && tintsOf(primer.family) !== 'clear' ? tintFor(c) : undefined;
  return {
    kind,
    family: primer.family,
    coats: coatsByPatch(primer.family, needs, c),
    scope,
    ...(tint ? { tint } : {}),
    method: scope === 'spots' ? spotMethod(c, needs) : methodFor(c, scope),
    why: [...new Set([...needs.map((n) => n.why), ...primer.why])],
  };
}

const holdsColourBack = ({ need }: PrimerNeed) => need.startsWith('block') || need === 'hide';
/** As many coats as its patch asks for: what covered held the colour back, and says nothing of a primer that only grips. */
function coatsByPatch(family: Family, needs: readonly PrimerNeed[], c: Case): number {
  const patch = c.d.patches.find((p) => p.family === family);
  return (patch && (patch.verdict === 'another-coat' || needs.some(holdsColourBack)) ? patch.coats : null) ?? 1;
}

/** What drinks is sealed first, and chalk is bound before anything lies on it; on a face that nothing soaks into, the coat that grips comes next. */
function turnOf({ need }: PrimerNeed, c: Case): number {
  if (need === 'seal-chalk') return 0;
  const first = SLICK.includes(c.treatAs) || isClosedBare(c) || c.ground === 'metal' ? 'grip' : 'seal';
  return need.startsWith(first) ? 1 : 2;
}
const inTurn = (needs: readonly PrimerNeed[], c: Case) => [...needs].sort((a, b) => turnOf(a, c) - turnOf(b, c));
const SLICK: readonly Treatment[] = ['oil', 'over-oil', 'clear', 'laminate', 'aerosol'];

/** The primer coats: whole-surface needs first, then what is left on spots and bare areas. */
export function primerSteps(needs: readonly PrimerNeed[], c: Case): { steps: Step[]; toBuy: Family[] } {
  const whole = inTurn(
    needs.filter((n) => n.scope === 'all'),
    c,
  );
  const primers = whole.length ? choosePrimers(whole, c) : [];
  const steps = primers.map((p) =>
    primerStep(
      'prime',
      p,
      whole.filter((n) => meets(p.family, n, c)),
      c,
      'all',
    ),
  );
  const toBuy = primers.filter((p) => p.toBuy).map((p) => p.family);
  for (const scope of ['bare-areas', 'spots'] as const) {
    const open = inTurn(
      needs.filter((n) => n.scope === scope && !primers.some((p) => meets(p.family, n, c))),
      c,
    );
    for (const p of open.length ? choosePrimers(grippedToo(open, scope, c), c) : []) {
      steps.push(
        primerStep(
          scope === 'spots' ? 'spot-prime' : 'prime',
          p,
          open.filter((n) => meets(p.family, n, c)),
          c,
          scope,
        ),
      );
      if (p.toBuy) toBuy.push(p.family);
    }
  }
  return { steps, toBuy };
}

/** What goes on a spot of a slick film grips that film too, where one does both. */
function grippedToo(open: readonly PrimerNeed[], scope: PrimerNeed['scope'], c: Case): readonly PrimerNeed[] {
  if (scope !== 'spots' || !SLICK_FILM.includes(c.treatAs) || open.some(({ need }) => FOR_IRON.includes(need)))
    return open;
  const both = [...open, { need: 'grip-gloss', atLeast: 2, scope, why: '' } as const];
  return choosePrimer(both, c) ? both : open;
}
const SLICK_FILM: readonly Treatment[] = ['oil', 'over-oil', 'clear'];
