import { isPaintedOver, jointName, type JointPlan } from '../../../joints/plan.ts';
import type { Step } from '../../../model/step.ts';
import { BEAD_STATE_LABELS } from '../../../vocabulary/index.ts';
import { plannedOn, type Planned } from '../../joints.ts';
import { PAINT_AFTER_MIN, SILICONE_CURES_MIN } from '../skinning.ts';
import { solventWipe, TUG_BRIDGE, TUG_PRIMED, type Situation } from './situation.ts';

const along = ({ joint, plan }: Planned) => ({
  joints: [{ lengthM: joint.lengthM, widthMm: joint.widthMm, colour: joint.colour, rod: plan.rod }],
  scope: 'spots',
});
const said = ({ joint }: Planned, words: string) => [`${jointName(joint)}: ${words[0]!.toLowerCase()}${words.slice(1)}`];

/** The bead that belongs there, or filler. */
function sealed(one: Planned): Step[] {
  const { joint, plan } = one;
  if (!plan.family) return [];
  if (plan.family === 'filler') return [{ kind: 'fill', family: 'filler', waitMin: 60, ...along(one), why: said(one, plan.why) }];
  const last = plan.family === 'silicone-sealant';
  return [
    {
      kind: 'caulk',
      family: plan.family,
      waitMin: last ? SILICONE_CURES_MIN : PAINT_AFTER_MIN[plan.family as keyof typeof PAINT_AFTER_MIN],
      ...(last ? { afterFinish: true } : {}),
      ...along(one),
      why: [
        ...said(one, plan.why),
        ...(plan.rod ? [`${joint.widthMm} mm wide: a rod first, so that the bead holds at its two sides alone.`] : []),
        ...(last ? ['After the last coat, so that no paint meets it.'] : []),
      ],
    },
  ];
}

function cutOutWhy({ joint, plan }: Planned): string {
  if (plan.use.painted && plan.known !== 'takes-paint') return 'no paint holds on silicone. Cut it out, and keep it off your fingers.';
  return joint.state === 'sound' ? 'the bead comes out, as decided.' : `the bead is ${BEAD_STATE_LABELS[joint.state]}: it comes out.`;
}

const cutOut = (one: Planned): Step[] => [
  {
    kind: 'remove-sealant',
    wear: ['gloves'],
    ...along(one),
    why: said(one, cutOutWhy(one)),
  },
  ...(one.plan.known === 'takes-paint' ? [] : [solventWipe('denatured-alcohol', 'The smear it leaves makes paint crawl: wipe twice, clean rag each time.', along(one))]),
  ...sealed(one),
];

const bridged = (one: Planned): Step[] => [
  {
    kind: 'caulk',
    family: 'paintable-hybrid-sealant',
    bridges: true,
    waitMin: PAINT_AFTER_MIN['paintable-hybrid-sealant'],
    ...along(one),
    why: said(one, 'the silicone stays, bridged with a bead that takes paint. Second best, and recorded.'),
  },
  TUG_BRIDGE,
];

const blocked = (one: Planned): Step[] => [
  {
    kind: 'spot-prime',
    family: 'oil-primer',
    coats: 1,
    method: 'brush',
    ...along(one),
    why: said(one, 'the silicone stays, blocked with oil primer. Second best, and recorded.'),
  },
  TUG_PRIMED,
];

/** Silicone that stays is kept free of paint; what takes paint is painted over. */
const left = (one: Planned): Step[] =>
  isPaintedOver(one.plan)
    ? []
    : [
        { kind: 'mask', ...along(one), why: said(one, 'it stays as it is, taped along its edge and kept free of paint.') },
        { kind: 'unmask', ...along(one), why: ['Off along the bead while the last coat is soft.'] },
      ];

const STEPS_OF: Record<JointPlan['act'], (one: Planned) => Step[]> = {
  seal: sealed,
  'cut-out': cutOut,
  bridge: bridged,
  block: blocked,
  leave: left,
  'find-out': (one) => [
    {
      kind: 'test-patch',
      waitMin: 30,
      why: said(one, 'dab paint on the bead: if it crawls it is silicone and comes out; if it wets, it is painted.'),
    },
  ],
  'close-first': (one) => [{ kind: 'inspect', why: said(one, one.plan.why) }],
};

/** Joints that were drawn, each by what it lies between and what is in it. */
export const JOINTS: readonly Situation[] = [
  {
    id: 'joints',
    source: 'practice',
    when: (c) => c.d.surface.joints.length > 0,
    steps: (c) => plannedOn(c).flatMap((one) => STEPS_OF[one.plan.act](one)),
    needs: (c) =>
      plannedOn(c).some(({ plan }) => plan.act !== 'leave' && plan.family === 'filler')
        ? [{ need: 'seal-filler', atLeast: 2, scope: 'spots', why: 'Filler drinks and flashes: spot-prime it.' }]
        : [],
  },
];
