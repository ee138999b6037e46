import { STEP_LABELS } from '@rustic/core';
import type { PlanSheet } from '../store/types.ts';

type Named = Pick<PlanSheet, 'input' | 'surfaces'>;

/** A step by the words of the trade: the surface, and what is done on it. */
export function nameOf(data: Named, step: string): string {
  const [surface, id] = step.split('/');
  const kind = data.input.surfaces.find((s) => s.id === surface)?.steps.find((t) => t.id === id)?.kind;
  return `${data.surfaces.find((s) => s.id === surface)?.name ?? ''}, ${kind ? STEP_LABELS[kind].toLowerCase() : ''}`;
}

/** The core names surfaces, rooms and steps by their id; people know them by name. */
export function withNames(data: Pick<PlanSheet, 'input' | 'surfaces' | 'rooms'>, text: string): string {
  const steps = text.replace(/([0-9a-f-]{36})\/(s\d+(?:c\d+)?)/g, (step) => nameOf(data, step));
  const rooms = data.rooms.reduce((said, r) => said.replaceAll(r.id, r.name), steps);
  return data.surfaces.reduce((said, s) => said.replaceAll(s.id, s.name), rooms);
}
