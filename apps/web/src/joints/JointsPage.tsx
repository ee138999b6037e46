import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { DrawnJoint } from '../drawing/JointLines.tsx';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { useJointsQuery, type JointOfRoom, type JointsPage as Data } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { useMay } from '../store/useMay.ts';
import { sayMetres } from '../words/length.ts';
import { HowItRuns } from './HowItRuns.tsx';
import { JointRows } from './JointRows.tsx';
import { useDrawing } from './useDrawing.ts';
import { Bought } from './Bought.tsx';
import { PutBack } from './PutBack.tsx';
import { SidesOf } from './SidesOf.tsx';

/** The smallest a metre is drawn, in px: a thumb finds what it draws. */
const LEAST_PER_M = 60;

/** Joints of a room or an elevation as lines on its sketch: what is in them, what belongs there, and what is bought for it. */
export default function JointsPage() {
  const { roomId = '' } = useParams();
  const { data, error, refetch } = useJointsQuery(roomId);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return <OnSketch key={roomId} data={data} />;
}

/** How a joint is drawn: broken where nobody knows what is in it. */
const lookOf = ({ plan }: JointOfRoom): DrawnJoint['look'] =>
  plan.act === 'find-out' ? 'unknown' : plan.use.painted ? 'painted' : 'bead';

function OnSketch({ data }: { data: Data }) {
  const { job, room, joints } = data;
  const may = useMay();
  const units = useSight((s) => s.units);
  const [chosen, setChosen] = useState<string | null>(null);
  const [off, setOff] = useState<{ joint: JointOfRoom; version: number } | null>(null);
  const drawing = useDrawing(data, setChosen);
  const walls = room.sketch?.walls ?? [];
  const drawn = joints.flatMap((joint, i): DrawnJoint[] =>
    joint.line
      ? [{ id: joint.id, n: i + 1, words: `${i + 1}: ${joint.name}`, line: joint.line, look: lookOf(joint) }]
      : [],
  );
  const { line } = drawing;
  if (line && line.points.length > 1)
    drawn.push({ id: 'drawn', n: null, words: 'the joint that is being drawn', line, look: 'unknown' });
  return (
    <Page
      title="Joints"
      above={
        <>
          <Link className="hover:underline" to={`/jobs/${job.id}`}>
            {job.title}
          </Link>{' '}
          › {room.name}
        </>
      }
      notes={NOTES}
      footing={
        <>
          <Total words={joints.length === 1 ? 'joint' : 'joints'} figure={joints.length} />
          <Total
            words="of it in all"
            figure={sayMetres(
              joints.reduce((sum, { metres }) => sum + metres, 0),
              units,
            )}
          />
          <Total end words="to be read" figure={joints.filter((j) => j.plan.act === 'find-out').length} />
        </>
      }
    >
      {may.work && <SidesOf drawing={drawing} data={data} />}
      {walls.length > 0 && (
        <RoomSketch
          sketch={{ walls }}
          width={900}
          leastPerM={LEAST_PER_M}
          joints={drawn}
          chosenJoint={line ? 'drawn' : chosen}
          chosen={line?.points.length === 1 ? { wall: line.wall, ...line.points[0]! } : null}
          {...(drawing.usual ? { onPlace: drawing.tap } : { onChooseJoint: setChosen })}
        />
      )}
      {may.work && drawing.usual && <HowItRuns drawing={drawing} walls={walls} />}
      {drawn.length > 0 && !drawing.usual && <Legend />}
      {off && <PutBack joint={off.joint} version={off.version} onBack={() => setOff(null)} />}
      {joints.length === 0 && (
        <p className="py-3">
          No joint is drawn yet.{' '}
          {may.work &&
            (walls.length > 0
              ? 'Say above what it lies between, and tap along the wall where it runs.'
              : 'The room has no sketch: say above what it lies between, and how long it is.')}
        </p>
      )}
      <JointRows
        data={data}
        chosen={chosen}
        onChoose={setChosen}
        onTakenOff={(joint, version) => {
          setOff({ joint, version });
          setChosen(null);
        }}
      />
      <SettledBefore data={data} />
      <Bought data={data} />
    </Page>
  );
}

/** Joints count in a system as it was settled: where they were others then, it is settled anew. */
function SettledBefore({ data: { job, settledBefore } }: { data: Data }) {
  if (settledBefore.length === 0) return null;
  return (
    <p className="mt-3 border-l-4 border-ochre bg-wash px-3 py-2">
      {settledBefore.map(({ id, name }, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Link
            className="inline-flex min-h-[44px] items-center font-semibold underline wide:min-h-0"
            to={`/jobs/${job.id}/surfaces/${id}`}
          >
            {name}
          </Link>
        </span>
      ))}{' '}
      {settledBefore.length === 1 ? 'was' : 'were'} settled before these joints stood so. Settle the system there anew,
      and they are in its work, its price and what is bought.
    </p>
  );
}

/** What the lines say. */
const Legend = () => (
  <p className="mt-1 text-sm text-faded">
    <strong className="text-ink">Dark</strong>: painted over. <strong className="text-verdigris">Green</strong>: a bead
    that is not painted. <strong className="text-madder">Broken</strong>: nobody knows yet what is in it.
  </p>
);

const NOTES = [
  {
    n: 1,
    text: 'From its two sides, whether it moves, gets wet and is painted, and how wide it is. What stands here is in the system of the surface that it is done with, in its price and its plan.',
  },
  {
    n: 2,
    text: 'What the joint adds to its surface in hours, money and waiting; and how the joint holds by itself, beside the way by which the same goes wrong least often.',
  },
];
