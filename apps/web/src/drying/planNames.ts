import { STEP_LABELS } from '@rustic/core';
import type { PlanSheet } from './planSheet.ts';

type Named = Pick<PlanSheet, 'input' | 'surfaces'> & Partial<Pick<PlanSheet, 'rooms'>>;

/** What everything in a plan is called, by its id; read once from a sheet, since a page says thousands of names. */
const read = new WeakMap<Named['input'], Map<string, string>>();

function namesOf(data: Named): Map<string, string> {
  let names = read.get(data.input);
  if (!names) {
    names = new Map((data.rooms ?? []).map((r) => [r.id, r.name]));
    for (const { id, name } of data.surfaces) names.set(id, name);
    for (const surface of data.input.surfaces)
      for (const step of surface.steps)
        names.set(
          `${surface.id}/${step.id}`,
          `${names.get(surface.id) ?? ''}, ${STEP_LABELS[step.kind].toLowerCase()}`,
        );
    read.set(data.input, names);
  }
  return names;
}

/** A step by the words of the trade: the surface, and what is done on it. */
export const nameOf = (data: Named, step: string): string => namesOf(data).get(step) ?? '';

/** The core names surfaces, rooms and steps by their id; people know them by name. */
export function withNames(data: Named & Pick<PlanSheet, 'rooms'>, text: string): string {
  const names = namesOf(data);
  return text.replace(/[\w-]+(?:\/[bs]\d+(?:c\d+)?)?/g, (id) => names.get(id) ?? id);
}
