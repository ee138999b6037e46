import { chemistryOf, isCoat, type Family } from '../vocabulary/index.ts';
import type { Case } from './case.ts';
import { BRUSH_MM, HAND_TOOLS, NAP_MM, SLEEVE_FIBRE, BRISTLE } from './knowledge/tools.ts';
import type { Step } from '../model/step.ts';

/** What one step is done with: in words, and the nap of the roller in millimetres where one is used. */
export interface StepTools {
  words: string[];
  napMm: number | null;
}

const rolls = (step: Step) =>
  step.method === 'roll' || step.method === 'cut-in-and-roll' || step.method === 'roll-and-lay-off';

function napOf(step: Step, c: Case): number {
  if (step.method === 'roll-and-lay-off') return NAP_MM.joinery;
  return c.ground === 'masonry' ? NAP_MM.masonry : NAP_MM[c.d.surface.texture];
}

/** Sleeves for all its coats: shellac and two-part are thrown away whatever the rule says. */
function sleeveWords(step: Step, family: Family, napMm: number, c: Case): string {
  const coats = step.coats ?? 1;
  const chemistry = chemistryOf(family);
  const sleeve = `${napMm} mm ${SLEEVE_FIBRE[chemistry]} sleeve`;
  if (chemistry === 'alcohol-borne' || chemistry === 'two-part') return `${sleeve}, thrown away after each coat`;
  if (coats === 1) return sleeve;
  return c.rules.rollers === 'new-each-coat'
    ? `${coats} × ${sleeve}, a new one each coat`
    : `${sleeve}, washed between coats`;
}

/** The tools of a step: roller and nap by texture, brush by element and chemistry, abrasive by grit. */
export function toolsFor(step: Step, c: Case): StepTools {
  const { family } = step;
  if (!isCoat(step.kind) || !family) {
    const words = HAND_TOOLS[step.kind]?.(step) ?? [];
    return { words, napMm: null };
  }
  if (step.method === 'aerosol') return { words: ['the can itself, shaken two minutes'], napMm: null };
  if (step.method === 'flood') return { words: ['a throwaway brush, flooded on until it drinks no more'], napMm: null };
  const words: string[] = [];
  const napMm = rolls(step) ? napOf(step, c) : null;
  if (napMm !== null) words.push(sleeveWords(step, family, napMm, c));
  if (step.method !== 'roll') words.push(`${BRUSH_MM[c.d.surface.element]} mm ${BRISTLE[chemistryOf(family)]} brush`);
  return { words, napMm };
}
