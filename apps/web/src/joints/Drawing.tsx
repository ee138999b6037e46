import { useState } from 'react';
import { drawnLengthM, USUAL_JOINTS } from '@rustic/core';
import { Typed } from '../form/atOnce.tsx';
import { Act, Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import type { JointsPage } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import { readTyped, sayMetres } from '../words/length.ts';
import { runsFrom } from './runs.ts';
import type { DrawingOfJoint } from './useDrawing.ts';

interface Props {
  drawing: DrawingOfJoint;
  data: JointsPage;
}

/** What a new joint lies between, and then how it runs: corner by corner, or as such joints often do. */
export function Drawing({ drawing, data }: Props) {
  const units = useSight((s) => s.units);
  const { usual, line } = drawing;
  const walls = data.room.sketch?.walls ?? [];
  const where = data.surfaces.some((s) => s.outside) ? 'outside' : 'inside';
  if (data.surfaces.length === 0)
    return <p className="py-2">Nothing is in this room yet: a joint is done with one of its surfaces.</p>;
  return (
    <div className="no-print mb-2">
      <div role="group" aria-label="What it lies between" className="mb-2 flex flex-wrap gap-1.5">
        {USUAL_JOINTS.filter((one) => one.where === where).map((one) => (
          <Chip
            key={one.code}
            pressed={usual?.code === one.code}
            onPress={() => (usual?.code === one.code ? drawing.leave() : drawing.begin(one))}
          >
            {capital(one.words)}
          </Chip>
        ))}
      </div>
      <Refused error={drawing.error} />
      {usual && (
        <div className="flex flex-wrap items-end gap-2 border-b border-rule pb-2">
          {walls.length > 0 && !line && <p className="w-full text-sm">Tap the wall where it begins.</p>}
          {line && (
            <>
              <p className="w-full text-sm">
                {line.points.length === 1
                  ? 'Tap its next corner, or let it run:'
                  : `${sayMetres(drawnLengthM(line), units)} so far. Tap its next corner, or keep it.`}
              </p>
              {line.points.length > 1 && (
                <Act words="Keep the joint" main busy={drawing.isLoading} onAct={() => void drawing.keep(line, null)} />
              )}
              {line.points.length === 1 &&
                runsFrom({ wall: line.wall, ...line.points[0]! }, walls).map((run) => (
                  <Chip key={run.words} onPress={() => void drawing.keep(run.line, null)}>
                    {capital(run.words)}, {sayMetres(drawnLengthM(run.line), units)}
                  </Chip>
                ))}
              <Act words="One back" onAct={drawing.stepBack} />
            </>
          )}
          {!line && <Measured onSay={(metres) => void drawing.keep(null, metres)} />}
        </div>
      )}
    </div>
  );
}

/** A joint that is measured and not drawn. */
function Measured({ onSay }: { onSay: (metres: number) => void }) {
  const units = useSight((s) => s.units);
  const [typed, setTyped] = useState('');
  const metres = readTyped(typed, units);
  return (
    <>
      <Typed words="Or how long it is" value={typed} onType={setTyped} width="w-28" />
      <Act words="Add it, not drawn" disabled={!metres} onAct={() => onSay(metres!)} />
    </>
  );
}
