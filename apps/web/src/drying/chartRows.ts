import {
  doseBetween,
  isCoat,
  SAME_MIN,
  stepsByName,
  type Air,
  type Chemistry,
  type Plan,
  type PlannedStep,
  type StepKind,
} from '@rustic/core';
import type { PlanSheet } from './planSheet.ts';
import { minuteOf } from '../words/time.ts';

export interface Block {
  key: string;
  start: number;
  end: number;
  coat: number | null;
  kind: StepKind;
  hands: string;
  done: boolean;
  waits: string | null;
}
export interface DryingWedge {
  key: string;
  from: number;
  to: number;
  chemistry: Chemistry;
  /** Share left to dry at even steps from start to opening. */ left: number[];
}
export interface Row {
  id: string;
  name: string;
  room: string;
  blocks: Block[];
  wedges: DryingWedge[];
  open: { from: number; to: number }[];
  flags: number[];
  /** Where blocks stood before they moved. */
  ghosts: { key: string; start: number; end: number }[];
}

const WEDGE_STEPS = 18;
const OPEN_SHOWN_MIN = 8 * 60;

/** Reads a plan into what the chart draws: blocks, wedges by the computed dose, open ground, closing flags; and where blocks stood in the plan `before`. */
export function chartRows(page: PlanSheet, before: Plan | null = null): Row[] {
  const stood = stepsByName(before?.steps ?? []);
  const many = page.jobs.length > 1;
  const jobs = new Map(page.jobs.map((j) => [j.id, j.title]));
  const initials = new Map(page.people.map((p) => [p.id, p.initials]));
  const byName = new Map(page.people.map((p) => [p.name, p.initials]));
  const givenOf = new Map(page.input.surfaces.map((s) => [s.id, s]));
  const stepsOf = new Map<string, PlannedStep[]>(page.surfaces.map((s) => [s.id, []]));
  for (const step of page.plan.steps) stepsOf.get(step.surface)?.push(step);
  return page.surfaces.flatMap((surface): Row[] => {
    const given = givenOf.get(surface.id)!;
    const zoneAir = page.input.zones?.find((z) => z.id === given.zone)?.air ?? page.input.air;
    const steps = stepsOf.get(surface.id) ?? [];
    if (steps.length === 0) return [];
    const row: Row = {
      id: surface.id,
      name: surface.name,
      room: `${many ? `${jobs.get(surface.jobId)}: ` : ''}${page.rooms.find((r) => r.id === surface.roomId)?.name ?? ''}`,
      blocks: [],
      wedges: [],
      open: [],
      flags: [],
      ghosts: [],
    };
    let coats = 0;
    steps.forEach((step, i) => {
      const input = given.steps.find((t) => t.id === step.id)!;
      if (isCoat(input.kind)) coats += 1;
      const logged = page.log.find((l) => l.surfaceId === surface.id && l.stepId === step.id);
      const planned = step.crew.map((id) => initials.get(id) ?? '').join(' ');
      const hands = input.done && logged ? (byName.get(logged.by) ?? '') : planned;
      if (step.start !== step.end)
        row.blocks.push({
          key: step.id,
          start: minuteOf(step.start),
          end: minuteOf(step.end),
          coat: isCoat(input.kind) ? coats : null,
          kind: input.kind,
          hands,
          done: input.done === true,
          waits: step.waitsFor?.text ?? null,
        });
      const was = input.done ? undefined : stood.get(`${surface.id}/${step.id}`);
      if (was && Math.abs(minuteOf(was.start) - minuteOf(step.start)) >= SAME_MIN)
        row.ghosts.push({ key: step.id, start: minuteOf(was.start), end: minuteOf(was.end) });
      addDrying(row, step, steps[i + 1], input, airOf(zoneAir));
    });
    return [{ ...row, blocks: joined(row.blocks) }];
  });
}

function addDrying(
  row: Row,
  step: PlannedStep,
  next: PlannedStep | undefined,
  input: PlanSheet['input']['surfaces'][number]['steps'][number],
  air: Air,
): void {
  const d = input.drying;
  if (!d?.chemistry || !step.recoatFrom) return;
  const from = minuteOf(step.end);
  const to = minuteOf(step.recoatFrom);
  const film = { chemistry: d.chemistry, minTempC: d.minTempC ?? null };
  row.wedges.push({
    key: step.id,
    from,
    to,
    chemistry: d.chemistry,
    left: Array.from(
      { length: WEDGE_STEPS + 1 },
      (_, i) => 1 - doseBetween(film, air, from, from + ((to - from) * i) / WEDGE_STEPS, d.recoatMin ?? 1),
    ),
  });
  const closes = step.recoatUntil ? minuteOf(step.recoatUntil) : null;
  const until = next ? minuteOf(next.start) : Math.min(closes ?? Infinity, to + OPEN_SHOWN_MIN);
  if (until > to) row.open.push({ from: to, to: until });
  if (closes !== null && next) row.flags.push(closes);
}

/** The air of a question as the core reads it. */
export const airOf = (air: PlanSheet['input']['air']): Air =>
  air.kind === 'steady' ? air : { ...air, from: minuteOf(air.from) };

/** Preparation done in one go by the same hands is one block. */
function joined(blocks: readonly Block[]): Block[] {
  const out: Block[] = [];
  for (const block of blocks) {
    const last = out.at(-1);
    if (
      last &&
      last.coat === null &&
      block.coat === null &&
      last.hands === block.hands &&
      last.done === block.done &&
      block.start - last.end <= 30
    )
      last.end = block.end;
    else out.push({ ...block });
  }
  return out;
}
