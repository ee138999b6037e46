import { coatsIn, FAMILY_LABELS, isCoat, STEP_LABELS, TINT_LABELS, type StepKind } from '../vocabulary/index.ts';
import { metresAlong, type Step } from '../model/step.ts';

const MATERIAL_STEPS: readonly StepKind[] = [
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

function scopeWords({ scope, kind, joints }: Step): string {
  if (joints) return `, ${metresAlong(joints).toFixed(1)} m of joint`;
  if (scope === 'spots') return ' the spots';
  if (scope === 'bare-areas') return ' what is bare';
  if (scope === 'all' && kind === 'prime') return ' all';
  return scope && scope !== 'all' ? `, ${scope} only` : '';
}

/** When a step of a return visit is done: ", after the first year". */
const laterWords = ({ later }: Step) =>
  later ? (later === 'P12M' ? ', after the first year' : ', at a return visit') : '';

/** A step as a painter would write it, in the usual words: "Prime all: shellac primer, deep grey, one coat". */
export function stepWords(step: Step): string {
  const parts: string[] = [];
  if (step.family && MATERIAL_STEPS.includes(step.kind)) parts.push(FAMILY_LABELS[step.family]);
  else if (step.family) parts.push([step.sheen, FAMILY_LABELS[step.family]].filter(Boolean).join(' '));
  if (step.tint) parts.push(TINT_LABELS[step.tint]);
  if (step.coats && !MATERIAL_STEPS.includes(step.kind)) parts.push(coatsIn(step.coats));
  if (step.grit)
    parts.push(
      `${step.grit} grit${step.technique === 'wet' ? ', wet' : step.technique === 'extracted' ? ', with extraction' : ''}`,
    );
  else if (step.technique === 'wet') parts.push('wet');
  const title =
    step.kind === 'spot-prime' && !step.joints
      ? STEP_LABELS['spot-prime']
      : `${STEP_LABELS[step.kind]}${scopeWords(step)}`;
  return `${parts.length ? `${title}: ${parts.join(', ')}` : title}${laterWords(step)}`;
}

/** Preparation that a client sees the sense of, in the order in which it is said. */
const SAID_TO_CLIENTS: Partial<Record<StepKind, string>> = {
  strip: 'stripped',
  'remove-sealant': 'old sealant cut out',
  'mould-treat': 'mould treated',
  'dry-out': 'dried out',
  wash: 'washed',
  scrape: 'scraped',
  degloss: 'dulled',
  sand: 'sanded',
  repair: 'repaired',
  'stick-down': 'loose paper stuck down',
  fill: 'filled',
  caulk: 'gaps sealed',
};

/** Coats of one product, counted together where only denibbing lies between them. */
function coatsTogether(steps: readonly Step[]): Step[] {
  const laid: Step[] = [];
  for (const step of steps) {
    if (!isCoat(step.kind) || !step.family) continue;
    const last = laid.at(-1);
    const isSame =
      last?.kind === step.kind && last.family === step.family && last.scope === step.scope && last.later === step.later;
    if (isSame) laid[laid.length - 1] = { ...last, coats: (last.coats ?? 1) + (step.coats ?? 1) };
    else laid.push(step);
  }
  return laid;
}

/** What is done to a surface in one sentence for a client: "Washed, dulled and filled; one coat of shellac primer; …". */
export function workInBrief(steps: readonly Step[]): string {
  const done = new Set(steps.map((s) => s.kind));
  const prepared = Object.entries(SAID_TO_CLIENTS).flatMap(([kind, words]) =>
    done.has(kind as StepKind) ? [words] : [],
  );
  const listed =
    prepared.length > 1 ? `${prepared.slice(0, -1).join(', ')} and ${prepared.at(-1)}` : (prepared[0] ?? '');
  const coats = coatsTogether(steps).map((s) => {
    const what = [s.sheen, FAMILY_LABELS[s.family!]].filter(Boolean).join(' ');
    const where = s.scope === 'spots' ? ' on the spots' : s.scope === 'bare-areas' ? ' where it is bare' : '';
    return `${coatsIn(s.coats ?? 1)} of ${what}${where}${laterWords(s)}`;
  });
  const text = [listed, ...coats].filter(Boolean).join('; ');
  return text ? `${text[0]!.toUpperCase()}${text.slice(1)}.` : 'Nothing is done to it.';
}
