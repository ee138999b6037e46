import { arrayMove } from '@dnd-kit/sortable';

/** The order as it stands on the page: rooms, and the surfaces of each. */
export interface Order {
  rooms: string[];
  surfaces: { id: string; roomId: string }[];
}

/** The order after one was dragged over another: a room among rooms, a surface before a surface or into a room. */
export function dragged(order: Order, active: string, over: string): Order {
  if (active === over) return order;
  if (order.rooms.includes(active)) {
    const target = order.rooms.includes(over) ? over : order.surfaces.find((s) => s.id === over)!.roomId;
    return { ...order, rooms: arrayMove(order.rooms, order.rooms.indexOf(active), order.rooms.indexOf(target)) };
  }
  if (order.rooms.includes(over)) {
    const rest = order.surfaces.filter((s) => s.id !== active);
    return { ...order, surfaces: [...rest, { id: active, roomId: over }] };
  }
  const from = order.surfaces.findIndex((s) => s.id === active);
  const to = order.surfaces.findIndex((s) => s.id === over);
  const { roomId } = order.surfaces[to]!;
  return {
    ...order,
    surfaces: arrayMove(order.surfaces, from, to).map((s) => (s.id === active ? { ...s, roomId } : s)),
  };
}
