import type { Fault, StepKind } from '../../vocabulary/index.ts';
import { staysWet } from '../../evidence/facts.ts';
import type { Step } from '../../model/step.ts';
import type { Case } from '../../systems/case.ts';
import { givesOffVapour } from '../../systems/siteWork.ts';

/**
 * What is not paint: covering, taking off, hanging, waiting. `odds` that it goes wrong where the act is not done, or is
 * done after what it should come before; `done` where it is done in its place.
 */
export interface HandRow {
  kind: StepKind;
  when: (c: Case, kinds: ReadonlySet<StepKind>, steps: readonly Step[]) => boolean;
  /** It has to be done before the first of these. */
  before?: readonly StepKind[];
  /** It has to be done after the last of these. */
  after?: readonly StepKind[];
  fault: Fault;
  odds: number;
  done: number;
  by: string;
  /** What share of the surface it spoils; left out: all of it. */
  share?: number;
  text: string;
}

const WET: readonly StepKind[] = ['wash', 'strip', 'scrape', 'sand', 'spot-prime', 'prime', 'undercoat', 'finish-coat', 'clear-coat'];
const FILMS: readonly StepKind[] = ['spot-prime', 'prime', 'undercoat', 'finish-coat', 'clear-coat'];
const FINISH: readonly StepKind[] = ['finish-coat', 'clear-coat'];
const LAST: readonly StepKind[] = ['finish-coat', 'clear-coat', 'distress'];
const hasHardware = (c: Case) => c.d.surface.element === 'door' || c.d.surface.element === 'cabinet';
const closes = (c: Case) => c.d.surface.element === 'door' || c.d.surface.element === 'window';
const loaded = (c: Case) => c.furniture || c.d.surface.element === 'floor' || c.d.surface.element === 'stair';

/** Source: practice. */
export const HAND_ROWS: readonly HandRow[] = [
  {
    kind: 'protect',
    when: () => true,
    before: WET,
    fault: 'stain',
    odds: 0.5,
    done: 0.004,
    by: 'P1D',
    share: 0.3,
    text: 'Drips and splashes land on floors, plants and glass, and are paid for.',
  },
  {
    kind: 'mask',
    // Tape is drawn off wherever it was laid.
    when: (_c, kinds) => kinds.has('mask') || kinds.has('unmask'),
    before: FILMS,
    fault: 'ragged-line',
    odds: 0.3,
    done: 0.01,
    by: 'P1D',
    text: 'Paint creeps over the edge: the line is ragged.',
  },
  {
    kind: 'unmask',
    when: (_c, kinds) => kinds.has('mask'),
    after: FINISH,
    fault: 'ragged-line',
    odds: 0.6,
    done: 0.01,
    by: 'P1W',
    text: 'Tape left on tears the film when it comes off at last.',
  },
  {
    kind: 'ventilate',
    when: (c, _kinds, steps) => !c.outside && steps.some(givesOffVapour),
    before: FILMS,
    fault: 'wrinkles',
    odds: 0.2,
    done: 0.004,
    by: 'P1D',
    text: 'Vapour stays in the room: it harms who works there, and the film skins over before it is dry.',
  },
  {
    kind: 'remove-hardware',
    when: hasHardware,
    before: FILMS,
    fault: 'ragged-line',
    odds: 0.7,
    done: 0.01,
    by: 'P1D',
    text: 'Paint round hardware is ragged, and chips the first time a screw is turned.',
  },
  {
    kind: 'refit-hardware',
    when: (c, kinds) => hasHardware(c) && kinds.has('remove-hardware'),
    after: LAST,
    fault: 'miss',
    odds: 0.9,
    done: 0.004,
    by: 'P1D',
    text: 'It cannot be used until its hardware is back.',
  },
  {
    kind: 'unhang',
    when: (_c, kinds) => kinds.has('unhang') || kinds.has('rehang'),
    before: FILMS,
    fault: 'runs',
    odds: 0.4,
    done: 0.015,
    by: 'PT4H',
    text: 'Hanging, it sags and runs, and the hinge edge is missed.',
  },
  {
    kind: 'rehang',
    when: (_c, kinds) => kinds.has('unhang'),
    after: LAST,
    fault: 'miss',
    odds: 0.95,
    done: 0.004,
    by: 'P1D',
    text: 'It stands against a wall until somebody comes back.',
  },
  {
    kind: 'cure-hold',
    when: loaded,
    after: FINISH,
    fault: 'knock',
    odds: 0.6,
    done: 0.02,
    by: 'P1W',
    text: 'Loaded early, things stick and lift the paint.',
  },
  {
    kind: 'cure-hold',
    when: (c) => closes(c) && !loaded(c),
    after: FINISH,
    fault: 'sticks-shut',
    odds: 0.6,
    done: 0.015,
    by: 'P1D',
    text: 'Closed on soft paint, it sticks and tears.',
  },
  {
    kind: 'distress',
    when: (c) => c.wanted.distressed && c.furniture,
    after: ['finish-coat'],
    fault: 'miss',
    odds: 0.3,
    done: 0.01,
    by: 'P1D',
    text: 'The worn look that was asked for is not there.',
  },
  {
    kind: 'clean-up',
    when: () => true,
    after: LAST,
    fault: 'dust-in-film',
    odds: 0.15,
    done: 0.004,
    by: 'P1D',
    text: 'Dirty tools spoil the next coat, and nobody knows which batch was laid.',
  },
  {
    kind: 'caulk',
    when: (c, kinds) => kinds.has('caulk') && !staysWet(c.d.surface),
    before: FINISH,
    fault: 'ragged-line',
    odds: 0.7,
    done: 0.01,
    by: 'P1D',
    text: 'A bead laid over the finish shows, and yellows beside it.',
  },
];

/** Fittings handled before they are hard are marked by what is fitted and hung: its odds, where the wait comes after it. What hangs ajar cures there. */
export const HANDLED_EARLY = {
  when: loaded,
  kinds: ['refit-hardware', 'rehang'] as readonly StepKind[],
  odds: 0.5,
  by: 'P1D',
  text: 'Handled before it is hard, the film prints and sticks.',
};
