import { useState } from 'react';
import { jointLengthOf, jointOf, type JointLine, type SketchPlace, type UsualJoint } from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { useDrawJointMutation, type JointsPage } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';

/** A joint while it is drawn: what it lies between, and where it runs so far. */
export function useDrawing(data: JointsPage, onDrawn: (id: string) => void) {
  const [usual, setUsual] = useState<UsualJoint | null>(null);
  const [line, setLine] = useState<JointLine | null>(null);
  const [send, { isLoading, error }] = useDrawJointMutation();
  const leave = () => {
    setUsual(null);
    setLine(null);
  };
  return {
    usual,
    line,
    isLoading,
    error,
    leave,
    begin: (one: UsualJoint) => {
      setUsual(one);
      setLine(null);
    },
    /** Begins on a wall, or goes on along it; on another wall it begins anew. */
    tap: ({ wall, x, y }: SketchPlace) =>
      setLine(line?.wall === wall ? { wall, points: [...line.points, { x, y }] } : { wall, points: [{ x, y }] }),
    stepBack: () => setLine(line && line.points.length > 1 ? { ...line, points: line.points.slice(0, -1) } : null),
    /** Keeps it as it is drawn, or as it was measured. */
    keep: async (drawn: JointLine | null, lengthM: number | null) => {
      const metres = jointLengthOf({ line: drawn, lengthM });
      if (!usual || metres === null) return;
      const { side, otherSide, widthMm, holds } = usual;
      const id = newId();
      const sent = await send({
        roomId: data.room.id,
        id,
        surfaceId: doneWith(usual, data.surfaces)!,
        ...jointOf({ side, otherSide, widthMm, holds, lengthM: metres }),
        line: drawn,
        lengthM,
        note: '',
        at: nowText(),
      });
      if ('error' in sent) return;
      leave();
      onDrawn(id);
    },
  };
}
export type DrawingOfJoint = ReturnType<typeof useDrawing>;

/** With which surface a joint is done first: the one that is its one side, else its other. */
const doneWith = ({ side, otherSide }: UsualJoint, surfaces: JointsPage['surfaces']): string | undefined =>
  [side, otherSide]
    .flatMap((one) => surfaces.find((s) => SURFACE_OF[one]?.includes(s.element)) ?? [])
    .concat(surfaces)
    .at(0)?.id;

/** Which surfaces are which side of a joint. */
const SURFACE_OF: Partial<Record<UsualJoint['side'], readonly JointsPage['surfaces'][number]['element'][]>> = {
  wall: ['wall'],
  ceiling: ['ceiling'],
  trim: ['trim'],
  frame: ['window', 'door'],
  cabinet: ['cabinet'],
  floor: ['floor'],
  tile: ['wall'],
  siding: ['siding', 'fascia-soffit'],
  masonry: ['masonry'],
};
