import { USUAL_JOINTS } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import type { JointsPage } from '../store/endpoints.ts';
import { capital } from '../words/figures.ts';
import type { DrawingOfJoint } from './useDrawing.ts';

interface Props {
  drawing: DrawingOfJoint;
  data: JointsPage;
}

/** What a new joint lies between; once it is said, only that, so that the walls stay under the thumb. */
export function SidesOf({ drawing, data }: Props) {
  const { usual } = drawing;
  const where = data.surfaces.some((s) => s.outside) ? 'outside' : 'inside';
  if (data.surfaces.length === 0)
    return <p className="py-2">Nothing is in this room yet: a joint is done with one of its surfaces.</p>;
  return (
    <div role="group" aria-label="What it lies between" className="no-print mb-2 flex flex-wrap items-center gap-1.5">
      {USUAL_JOINTS.filter((one) => (usual ? one.code === usual.code : one.where === where)).map((one) => (
        <Chip
          key={one.code}
          pressed={usual?.code === one.code}
          onPress={() => (usual ? drawing.leave() : drawing.begin(one))}
        >
          {capital(one.words)}
        </Chip>
      ))}
      {usual && <span className="text-sm text-faded">Press it again to leave it.</span>}
    </div>
  );
}
