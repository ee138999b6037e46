import { isCoat, type Element, type PlanInput, type PlanStep, type StepKind } from '@rustic/core';
import type { JobRecords } from '../reading/jobRecords.ts';

const FROM_THE_TOP: Partial<Record<Element, number>> = { ceiling: 0, wall: 1, masonry: 1 };
const TRIM_FIRST: Partial<Record<Element, number>> = { ceiling: 0, wall: 2, masonry: 2 };
/** What is done for the whole room before anything in it is made dusty or wet, and undone after its last coat. */
const COVERS: readonly StepKind[] = ['contain-lead', 'protect'];
const UNCOVERS: readonly StepKind[] = ['unmask'];
/** They soil what stands about, dusty or not: scraped and sanded wet, stripped. */
const SOILS: readonly StepKind[] = ['sand', 'sand-between', 'scrape', 'strip'];

type Surfaces = PlanInput['surfaces'];

const wait = (step: PlanStep, names: readonly string[]) => {
  step.after = [...new Set([...(step.after ?? []), ...names])];
};

/** The order between the surfaces of a room: covered first, from the top down or by the other school, uncovered last. */
export function inOrder(records: JobRecords, surfaces: Surfaces): void {
  topDown(records, surfaces);
  wholeRoom(surfaces);
}

/** Top-down, or the other school: the first finish coat of a lower rank waits for the last coat of the rank above it in its room. */
function topDown(records: JobRecords, surfaces: Surfaces): void {
  const trimFirst = (records.job.houseRules.roomOrder ?? records.firm.houseRules.roomOrder) === 'trim-first';
  const ranks = trimFirst ? TRIM_FIRST : FROM_THE_TOP;
  const elements = new Map(records.surfaces.map((s) => [s.id, s.facts.element]));
  const rank = (id: string) => ranks[elements.get(id)!] ?? (trimFirst ? 1 : 2);
  for (const surface of surfaces) {
    const first = surface.steps.find((s) => s.kind === 'finish-coat');
    if (!first || first.done) continue;
    const above = surfaces
      .filter((o) => o.zone === surface.zone && rank(o.id) < rank(surface.id))
      .map((o) => [o.id, o.steps.findLast((s) => isCoat(s.kind))?.id] as const);
    wait(
      first,
      above.filter(([, id]) => id).map(([o, id]) => `${o}/${id}`),
    );
  }
}

const worked = (step: PlanStep) => isCoat(step.kind) || step.dusty === true || SOILS.includes(step.kind);

/** What covers a surface before anything is done on it. */
function coversOf({ id, steps }: Surfaces[number]): string[] {
  const first = steps.findIndex(worked);
  return steps
    .slice(0, Math.max(first, 0))
    .flatMap((s) => (COVERS.includes(s.kind) && !s.done ? [`${id}/${s.id}`] : []));
}

/** What stands in a room is covered before the first dust or coat on anything in it, and uncovered after the last of all. */
function wholeRoom(surfaces: Surfaces): void {
  for (const surface of surfaces) {
    const others = surfaces.filter((o) => o.zone === surface.zone && o !== surface);
    const first = surface.steps.find(worked);
    if (first && !first.done) wait(first, others.flatMap(coversOf));
    const lastWorked = surface.steps.findLastIndex(worked);
    for (const step of surface.steps.slice(lastWorked + 1)) {
      if (!UNCOVERS.includes(step.kind) || step.done) continue;
      wait(
        step,
        others.flatMap((o) => {
          const last = o.steps.findLast(worked);
          return last && !last.done ? [`${o.id}/${last.id}`] : [];
        }),
      );
    }
  }
}
