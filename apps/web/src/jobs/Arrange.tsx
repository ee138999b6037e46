import { useState, type ReactNode } from 'react';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { FormFoot } from '../form/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { dragged, type Order } from './order.ts';
import { newId } from '../store/newId.ts';
import { usePutOrderMutation, type WholeJob } from '../store/endpoints.ts';

/** Putting rooms and surfaces in the order of the walk, by drag or by keys. */
export function Arrange({ data, onDone }: { data: WholeJob; onDone: () => void }) {
  const [order, setOrder] = useState<Order>(() => ({
    rooms: data.rooms.map((r) => r.id),
    surfaces: data.surfaces.map(({ id, roomId }) => ({ id, roomId })),
  }));
  const [put, { isLoading, error }] = usePutOrderMutation();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    if (over) setOrder(dragged(order, String(active.id), String(over.id)));
  };
  const keep = async () => {
    const sent = await put({ jobId: data.job.id, id: newId(), ...order });
    if (!('error' in sent)) onDone();
  };
  const nameOf = (id: string) =>
    data.rooms.find((r) => r.id === id)?.name ?? data.surfaces.find((s) => s.id === id)!.name;
  return (
    <section aria-label="Order" className="mb-4">
      <p className="mb-2 text-sm text-faded">
        Drag a line by its handle, also into another room. By keys: space takes it up, arrows move it, space lays it
        down.
      </p>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
        accessibility={{ announcements: announcementsOf(nameOf) }}
      >
        <SortableContext items={order.rooms} strategy={verticalListSortingStrategy}>
          {order.rooms.map((roomId) => {
            const surfaces = order.surfaces.filter((s) => s.roomId === roomId);
            return (
              <Line key={roomId} id={roomId} name={nameOf(roomId)} head>
                <SortableContext items={surfaces.map((s) => s.id)} strategy={verticalListSortingStrategy}>
                  {surfaces.map((s) => (
                    <Line key={s.id} id={s.id} name={nameOf(s.id)} />
                  ))}
                </SortableContext>
              </Line>
            );
          })}
        </SortableContext>
      </DndContext>
      <Refused error={error} />
      <FormFoot words="Keep this order" busy={isLoading} onAct={() => void keep()} onLeave={onDone} />
    </section>
  );
}

/** What is said to who cannot see the drag: names, not numbers. */
const announcementsOf = (nameOf: (id: string) => string): Announcements => ({
  onDragStart: ({ active }) => `${nameOf(String(active.id))} taken up.`,
  onDragOver: ({ active, over }) =>
    over ? `${nameOf(String(active.id))} is over ${nameOf(String(over.id))}.` : undefined,
  onDragEnd: ({ active, over }) =>
    over ? `${nameOf(String(active.id))} laid down at ${nameOf(String(over.id))}.` : undefined,
  onDragCancel: ({ active }) => `${nameOf(String(active.id))} put back.`,
});

function Line({
  id,
  name,
  head = false,
  children,
}: {
  id: string;
  name: string;
  head?: boolean;
  children?: ReactNode;
}) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging } = useSortable({ id });
  return (
    <div
      ref={setNodeRef}
      style={transform ? { transform: `translateY(${transform.y}px)` } : undefined}
      className={`${head ? 'mb-3' : 'border-b border-rule pl-6'} ${isDragging ? 'relative z-10 bg-wash' : ''}`}
    >
      <div className={`flex items-center gap-3 ${head ? 'border-b-2 border-ink' : ''}`}>
        <button
          ref={setActivatorNodeRef}
          type="button"
          aria-label={`Move ${name}`}
          className="min-h-[44px] w-11 touch-none text-faded wide:min-h-[34px]"
          {...attributes}
          {...listeners}
        >
          ⠿
        </button>
        <span className={head ? 'font-serif text-[17px] font-semibold' : ''}>{name}</span>
      </div>
      {children}
    </div>
  );
}
