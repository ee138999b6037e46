import { coatsIn, type Family } from '../vocabulary/index.ts';
import { isOverAll, type Step, type StepParts } from '../model/step.ts';
import { recase, type Case } from '../systems/case.ts';
import { finishCoats } from '../systems/finish.ts';
import { coatsThatHide } from '../systems/hiding.ts';
import type { PartDrawn, PartsDrawn } from './drawParts.ts';
import { PAST_THE_LINE_M } from './knowledge/taping.ts';

/** The coats that the parts go with: the finish over the whole face. */
const groundFinish = (steps: readonly Step[]) =>
  steps.findLastIndex((s) => s.kind === 'finish-coat' && s.family !== undefined && !s.later && isOverAll(s));

/** A surface as though the colour of its ground were what lies there now. */
function overGround(c: Case): Case {
  const surface = { ...c.d.surface, currentColour: c.wanted.colour ?? c.d.surface.currentColour, currentColours: [] };
  return { ...c, d: { ...c.d, surface } };
}

/** How many coats a part takes: over the ground's own coats, or beside them over what lies under both. */
export function coatsOfPart(drawn: PartDrawn, c: Case, steps: readonly Step[]): number {
  const at = groundFinish(steps);
  const family = steps[at]?.family;
  if (!family) return 0;
  const wish = { colour: drawn.part.colour };
  if (!drawn.overGround) return finishCoats(recase(c, {}, wish), steps.slice(0, at), family).coats;
  if (c.rules.finishCoats === 'fixed-two') return 2;
  return Math.max(1, coatsThatHide(recase(overGround(c), {}, wish), [], family) ?? 1);
}

const named = (parts: readonly PartDrawn[]) => parts.map(({ part }) => part.name).join(' and ');
const metres = (m: number) => `${m.toFixed(1)} m`;
const sum = (parts: readonly PartDrawn[], of: (p: PartDrawn) => number) => parts.reduce((all, p) => all + of(p), 0);
const cent = (v: number) => Math.round(v * 100) / 100;

/** One round of taping: the tape, then the coats; the tape comes off with the last of them. */
function roundSteps(parts: readonly PartDrawn[], round: number, finish: Step, c: Case, steps: readonly Step[]): Step[] {
  const scope = named(parts);
  const laidOn = parts.map((p) => ({ areaM2: p.areaM2, colour: p.part.colour, coats: coatsOfPart(p, c, steps) }));
  const colours = laidOn.map((one) => ({ ...one, colour: one.colour.toLowerCase(), areaM2: cent(one.areaM2) }));
  const coats = Math.max(...colours.map((one) => one.coats));
  const line: StepParts = {
    round,
    tapeM: cent(sum(parts, (p) => p.tapeM)),
    curvedM: cent(sum(parts, (p) => p.curvedM)),
    colours: [],
  };
  const sheens = new Set(parts.map((p) => p.part.sheen ?? finish.sheen));
  const { sheen: _sheen, coats: _coats, scope: _scope, areaM2: _area, ...laid } = finish;
  const fewer = colours.filter((one) => one.coats < coats).length;
  const [sheen] = sheens;
  const taped: Step[] = line.tapeM
    ? [
        {
          kind: 'mask',
          scope,
          parts: line,
          why: [
            `${metres(line.tapeM)} of line${line.curvedM ? `, ${metres(line.curvedM)} of it curved, from the template` : ''}: tape for fresh paint, pressed down at its edge.`,
            'Seal the edge of the tape with the colour that lies under it: what runs under is then that colour.',
            ...(round > 1
              ? ['It has a line in common with what was painted before, which has to be dry under the tape.']
              : []),
          ],
        },
      ]
    : [];
  return [
    ...taped,
    {
      ...laid,
      ...(sheens.size === 1 && sheen ? { sheen } : {}),
      kind: 'finish-coat',
      scope,
      coats,
      // Per coat, so that coats by area is what is laid.
      areaM2: laidOn.reduce((all, one) => all + one.areaM2 * one.coats, 0) / coats,
      parts: { ...line, colours },
      why: [
        parts.some((p) => !p.overGround)
          ? `So large a part is not painted twice: the ground stops ${(PAST_THE_LINE_M * 100).toFixed(0)} cm past its line.`
          : `Over the ground, which has to be hidden: ${coatsIn(coats)}.`,
        ...(fewer ? [`${fewer === 1 ? 'One of them covers' : 'Some of them cover'} in fewer coats.`] : []),
        ...(taped.length
          ? ['Draw the tape off while the last coat is still soft, back over itself: dry paint tears at the edge.']
          : []),
      ],
    },
  ];
}

/** The ground's coats stop where a large part begins, a little past its line. */
function groundShort(step: Step, drawn: PartsDrawn, wholeM2: number): Step {
  const large = drawn.parts.filter((p) => p.round > 0 && !p.overGround);
  if (!large.length || step.kind !== 'finish-coat' || !isOverAll(step) || step.later) return step;
  const left = sum(large, (p) => p.areaM2 - PAST_THE_LINE_M * p.groundLineM);
  return { ...step, areaM2: Math.max(0, wholeM2 - left) };
}

/**
 * A system with its parts in colours of their own: after the coats of the ground and before anything clear goes over
 * them, round by round of taping. The system itself stays as it is: where no coat of colour goes over the whole face,
 * there is nothing that a part could be in.
 */
export function withParts(steps: readonly Step[], c: Case, drawn: PartsDrawn | null): Step[] {
  const at = groundFinish(steps);
  if (!drawn || drawn.rounds === 0 || at < 0) return [...steps];
  const wholeM2 = c.d.surface.areaM2 ?? drawn.faceM2;
  const rounds = Array.from({ length: drawn.rounds }, (_, i) => i + 1).flatMap((round) =>
    roundSteps(
      drawn.parts.filter((p) => p.round === round),
      round,
      steps[at]!,
      c,
      steps,
    ),
  );
  const ground = steps.map((step) => groundShort(step, drawn, wholeM2));
  return [...ground.slice(0, at + 1), ...rounds, ...ground.slice(at + 1)];
}

/** What the parts are laid in; null where the system lays no coat of colour over the whole face. */
export const familyOfParts = (steps: readonly Step[]): Family | null => steps[groundFinish(steps)]?.family ?? null;
