import type { SurfaceBrief, WholeJob } from '../store/endpoints.ts';

/** In the order in which they are walked: room by room. */
export function walkOrder(data: Pick<WholeJob, 'rooms' | 'surfaces'>): SurfaceBrief[] {
  return data.rooms.flatMap((room) => data.surfaces.filter((s) => s.roomId === room.id));
}
