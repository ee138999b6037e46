import { useState } from 'react';
import { drawnLengthM, type SketchWall } from '@rustic/core';
import { Typed } from '../form/atOnce.tsx';
import { Act, Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import { readTyped, sayMetres } from '../words/length.ts';
import { runsFrom } from './runs.ts';
import type { DrawingOfJoint } from './useDrawing.ts';

interface Props {
  drawing: DrawingOfJoint;
  walls: readonly SketchWall[];
}

/** How a new joint runs: corner by corner, as such joints often do, or as long as somebody measured. */
export function HowItRuns({ drawing, walls }: Props) {
  const units = useSight((s) => s.units);
  const { line } = drawing;
  const begun = line?.points.length ?? 0;
  return (
    <div className="no-print mt-2 flex flex-wrap items-end gap-2 border-b border-rule pb-2">
      <Refused error={drawing.error} />
      {begun === 0 && walls.length > 0 && (
        <p role="status" className="w-full font-semibold">
          Tap the wall where it begins.
        </p>
      )}
      {line && begun === 1 && (
        <>
          <p role="status" className="w-full font-semibold">
            Tap its next corner, or let it run:
          </p>
          {runsFrom({ wall: line.wall, ...line.points[0]! }, walls).map((run) => (
            <Chip key={run.words} onPress={() => void drawing.keep(run.line, null)}>
              {capital(run.words)}, {sayMetres(drawnLengthM(run.line), units)}
            </Chip>
          ))}
        </>
      )}
      {line && begun > 1 && (
        <>
          <p role="status" className="w-full font-semibold">
            {sayMetres(drawnLengthM(line), units)} so far. Tap its next corner, or keep it.
          </p>
          <Act words="Keep the joint" main busy={drawing.isLoading} onAct={() => void drawing.keep(line, null)} />
        </>
      )}
      {line ? (
        <Act words="One back" onAct={drawing.stepBack} />
      ) : (
        <Measured onSay={(metres) => void drawing.keep(null, metres)} />
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
