import type { Assessment, Step } from '../src/index.ts';

/**
 * An independent reading of what the blocks forbid, from the answer of `assess` alone: it shares no code with the
 * engine and knows no tables but its own.
 */
const COATS = ['pre-prime', 'spot-prime', 'prime', 'undercoat', 'finish-coat', 'clear-coat'];
const GRIPS = [
  'shellac-primer',
  'bonding-acrylic-primer',
  'oil-primer',
  'low-odour-oil-primer',
  'clear-bonding-primer',
  'clear-shellac',
];
const SOLVENT = ['oil-primer', 'low-odour-oil-primer', 'oil-undercoat', 'oil-enamel', 'exterior-oil', 'oil-varnish'];
const INDOORS = [
  'pva-primer',
  'low-odour-oil-primer',
  'wallpaper-sealer',
  'clear-bonding-primer',
  'acrylic-wall',
  'acrylic-ceiling',
  'moisture-resistant-acrylic',
  'acrylic-trim',
  'waterborne-alkyd',
  'oil-enamel',
  'chalk-style',
];

export function brokenBlocks(
  steps: readonly Step[],
  answer: Assessment,
  asked: { exposure?: string | undefined; element?: string; silicone?: string | undefined },
): string[] {
  const codes = answer.blocks.map((b) => b.code);
  const outside = asked.exposure?.startsWith('exterior') ?? false;
  const first = steps.findIndex((s) => COATS.includes(s.kind) && s.kind !== 'pre-prime');
  const ahead = (...kinds: string[]) => steps.slice(0, first).some((s) => kinds.includes(s.kind));
  const laid = steps.filter((s) => COATS.includes(s.kind));
  const broken: string[] = [];
  const must = (code: string, held: boolean) => {
    if (codes.includes(code as never) && !held) broken.push(code);
  };
  must('dry-sand-lead', !steps.some((s) => s.technique === 'dry'));
  must('paint-on-damp', ahead('dry-out'));
  must('paint-on-rot', ahead('repair', 'replace-board'));
  must('paint-on-mould', ahead('mould-treat'));
  must(
    'paint-on-paste',
    ahead('wash') || laid[0]?.kind === 'pre-prime' || /seal|oil|shellac/.test(laid[0]?.family ?? ''),
  );
  if (asked.silicone === 'cut-out') must('paint-on-silicone', ahead('remove-sealant', 'test-patch'));
  must('shellac-on-heat', !laid.some((s) => /shellac/.test(s.family ?? '')));
  must(
    'shellac-outside-at-large',
    !laid.some((s) => /shellac/.test(s.family ?? '') && s.scope !== 'spots' && s.scope !== 'bare-areas'),
  );
  if (outside && laid.some((s) => INDOORS.includes(s.family ?? ''))) broken.push('interior-product-outside');
  const whole = laid.find((s) => s.kind !== 'pre-prime' && s.scope !== 'spots' && s.scope !== 'bare-areas');
  const before = steps.slice(0, steps.indexOf(whole!));
  const dulled = before.some((s) => s.kind === 'degloss' || s.kind === 'sand');
  must(
    'waterborne-on-oil',
    GRIPS.includes(whole?.family ?? '') ||
      SOLVENT.includes(whole?.family ?? '') ||
      (whole?.family === 'waterborne-alkyd' && dulled) ||
      before.some((s) => s.kind === 'test-patch' || s.kind === 'strip') ||
      // Zones, and surfaces that are likelier something else: the block warns of what may be there.
      answer.finish[0]!.code !== 'oil-alkyd',
  );
  return broken;
}
