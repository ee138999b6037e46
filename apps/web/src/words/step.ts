import { FAMILY_LABELS, STEP_LABELS, TINT_LABELS, type Step } from '@rustic/core';
import { said } from './terms.ts';

const MATERIAL_STEPS: Step['kind'][] = [
  'wash',
  'degloss',
  'solvent-wipe',
  'mould-treat',
  'strip',
  'fill',
  'caulk',
  'stick-down',
  'repair',
  'test-patch',
];
const COUNT = ['', 'one coat', 'two coats', 'three coats', 'four coats'];

/** A step as a painter would write it: "Prime all: shellac primer, deep grey, one coat". */
export const sayStep = (step: Step): string => said(inUsualWords(step));

function inUsualWords(step: Step): string {
  const parts: string[] = [];
  if (step.family && MATERIAL_STEPS.includes(step.kind)) parts.push(FAMILY_LABELS[step.family]);
  else if (step.family) parts.push([step.sheen, FAMILY_LABELS[step.family]].filter(Boolean).join(' '));
  if (step.tint) parts.push(TINT_LABELS[step.tint]);
  if (step.coats && !MATERIAL_STEPS.includes(step.kind)) parts.push(COUNT[step.coats] ?? `${step.coats} coats`);
  if (step.grit)
    parts.push(
      `${step.grit} grit${step.technique === 'wet' ? ', wet' : step.technique === 'extracted' ? ', with extraction' : ''}`,
    );
  else if (step.technique === 'wet') parts.push('wet');
  const scope =
    step.scope === 'spots'
      ? ' the spots'
      : step.scope === 'bare-areas'
        ? ' what is bare'
        : step.scope === 'all' && step.kind === 'prime'
          ? ' all'
          : step.scope && step.scope !== 'all'
            ? `, ${step.scope} only`
            : '';
  const title = step.kind === 'spot-prime' ? STEP_LABELS['spot-prime'] : `${STEP_LABELS[step.kind]}${scope}`;
  return parts.length ? `${title}: ${parts.join(', ')}` : title;
}
