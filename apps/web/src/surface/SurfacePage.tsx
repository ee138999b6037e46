import { sayVolume } from '@rustic/core';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Departure } from '@rustic/core';
import { Section } from '../drawing/Section.tsx';
import { Act } from '../page/Act.tsx';
import { More } from '../page/More.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { LogWork, type Corrected } from '../today/LogWork.tsx';
import { WorkDone } from './WorkDone.tsx';
import { SurfaceForm } from '../surfaceForm/SurfaceForm.tsx';
import { capital, sayHours, sayRoundMoney, isTold } from '../words/figures.ts';
import { nowMinute, sayFromNow } from '../words/time.ts';
import { AddPhoto, Photos } from '../photos/Photos.tsx';
import { ExclusionForm, LeftOut } from './Exclusions.tsx';
import { PartsHere } from '../colourParts/PartsHere.tsx';
import { FindingForm, FindingsOf } from './Findings.tsx';
import { LayPatches } from './LayPatches.tsx';
import { PatchesLaid } from './PatchesLaid.tsx';
import { RecordTest } from './RecordTest.tsx';
import { TakeOut } from '../takenOut/TakeOut.tsx';
import { TakeTestBack } from './TakeTestBack.tsx';
import { useMay } from '../store/useMay.ts';
import { reasonsOf } from './reasons.ts';
import { WayBack } from './WayBack.tsx';
import { WhatGoesOn } from './WhatGoesOn.tsx';
import { WhatIsThere } from './WhatIsThere.tsx';
import { now } from '../clock/clock.ts';
import {
  type SurfacePage as SurfaceData,
  type TestRow,
  useSurfaceQuery,
  useWhatIfQuery,
  type WhatIfAnswer,
  type WorkLog,
} from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import type { Measures } from '../words/measures.ts';
import { useMeasures } from '../words/useMeasures.ts';

/** One surface: what is there, what goes on it, and why. */
export default function SurfacePage() {
  const { surfaceId = '' } = useParams();
  const navigate = useNavigate();
  const measures = useMeasures();
  const may = useMay();
  const { data, error, startedTimeStamp = 0, isFetching, refetch } = useSurfaceQuery(surfaceId);
  const [written, setWritten] = useState<{ steps: readonly string[]; at: number } | null>(null);
  const [open, setOpen] = useState<
    'test' | 'log' | 'edit' | 'found' | 'out' | 'wrong' | 'patches' | 'away' | 'back' | null
  >(null);
  const [corrects, setCorrects] = useState<TestRow | null>(null);
  // What is being logged stays itself while the page behind it moves on to the next step.
  const [logging, setLogging] = useState<SurfaceData['standing'] | null>(null);
  const [putRight, setPutRight] = useState<Corrected | null>(null);
  const [departures, setDepartures] = useState<Departure[]>([]);
  const whatIf = useWhatIfQuery(
    { surfaceId, key: data?.key ?? '', departures },
    { skip: !data || departures.length === 0 },
  );
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const answer = departures.length ? whatIf.currentData : undefined;
  const reasons = reasonsOf(data);
  const close = () => {
    setOpen(null);
    setCorrects(null);
    setLogging(null);
    setPutRight(null);
  };
  const correct = (log: WorkLog) => {
    const step = data.steps.find((w) => w.plan.id === log.stepId);
    if (!step) return;
    setLogging({ ...data.standing, next: step });
    setPutRight({ id: log.id, said: saidOf(log, measures) });
    setOpen('log');
  };
  const next = data.standing.next;
  // Until the page has been read again, its next step may be one that was just written.
  const isStale =
    next !== null &&
    written !== null &&
    written.steps.includes(next.plan.id) &&
    (isFetching || startedTimeStamp <= written.at);
  // The rub comes first and takes two taps; after it, the test that is worth most.
  const rubbed = data.tests.some((t) => t.test.kind === 'spirit-rub');
  return (
    <Page
      title={data.surface.name}
      notes={reasons.notes}
      above={
        <>
          <Link className="hover:underline" to={`/jobs/${data.job.id}`}>
            {data.job.title}
          </Link>{' '}
          › {data.room.name}
        </>
      }
      acts={
        <>
          <More
            acts={[
              { letter: 'e', words: 'Change', onAct: () => setOpen(open === 'edit' ? null : 'edit') },
              { letter: 'p', words: 'Lay patches', onAct: () => setOpen(open === 'patches' ? null : 'patches') },
              { letter: 'f', words: 'Found while working', onAct: () => setOpen(open === 'found' ? null : 'found') },
              { letter: 'x', words: 'Leave part out', onAct: () => setOpen(open === 'out' ? null : 'out') },
              { letter: 'b', words: 'It looks wrong', onAct: () => setOpen(open === 'wrong' ? null : 'wrong') },
              { letter: 'd', words: 'Where it is bad', onAct: () => void navigate('damage') },
              {
                letter: 'j',
                words: 'Joints of the room',
                onAct: () => void navigate(`/jobs/${data.job.id}/rooms/${data.room.id}/joints`),
              },
              { letter: 'u', words: 'Parts in colours', onAct: () => void navigate('parts') },
              { letter: 'o', words: 'House rules here', onAct: () => void navigate('rules') },
              ...(may.make
                ? [{ letter: 'a', words: 'Take out', onAct: () => setOpen(open === 'away' ? null : 'away') }]
                : []),
            ]}
          />
          <Act letter="t" words="Test" onAct={() => setOpen(open === 'test' ? null : 'test')} />
          <Act
            letter="c"
            words="Log coat"
            main
            disabled={!next || isStale}
            onAct={() => {
              setLogging(data.standing);
              setOpen(open === 'log' ? null : 'log');
            }}
          />
        </>
      }
      beside={<SectionColumn data={data} answer={answer} />}
      footing={<Totals data={data} />}
    >
      {open === 'test' && (
        <RecordTest
          key={corrects?.id ?? 'new'}
          surfaceId={surfaceId}
          corrects={corrects}
          first={rubbed ? (data.nextTests[0]?.kind ?? 'spirit-rub') : 'spirit-rub'}
          places={[...new Set(data.tests.flatMap((t) => (t.test.place ? [t.test.place] : [])))]}
          onDone={close}
          {...(corrects ? { onTakeBack: () => setOpen('back') } : {})}
        />
      )}
      {open === 'back' && corrects && <TakeTestBack jobId={data.job.id} row={corrects} onDone={close} />}
      {open === 'away' && (
        <TakeOut
          what="surface"
          id={surfaceId}
          name={data.surface.name}
          onOut={() => void navigate(`/jobs/${data.job.id}`)}
          onLeave={close}
        />
      )}
      {open === 'patches' && <LayPatches surfaceId={surfaceId} asked={patchesAsked(data)} onDone={close} />}
      {open === 'wrong' && <WayBack data={data} onDone={close} />}
      {open === 'found' && <FindingForm surfaceId={surfaceId} onDone={close} />}
      {open === 'out' && <ExclusionForm surface={data.surface} sketch={data.room.sketch} onDone={close} />}
      {open === 'log' && logging?.next && (
        <LogWork
          key={putRight?.id ?? 'new'}
          onLogged={(steps) => setWritten({ steps, at: Date.now() })}
          {...(putRight ? { corrects: putRight } : {})}
          line={{
            ...logging,
            jobId: data.job.id,
            roomId: data.surface.roomId,
            surfaceId,
            name: data.surface.name,
            work: data.steps,
            done: data.work,
            offered: {
              batch: null,
              temperatureC: data.job.temperatureC,
              relativeHumidityPct: data.job.relativeHumidityPct,
            },
          }}
          onDone={close}
        />
      )}
      {open === 'edit' && (
        <SurfaceForm jobId={data.job.id} roomId={data.surface.roomId} surface={data.surface} onDone={close} />
      )}
      <details className="mb-3 wide:hidden">
        <summary className="min-h-[44px] cursor-pointer py-2.5">Section through the paint</summary>
        <Section layers={answer?.section ?? data.section} fails={answer?.fails ?? null} width={340} />
      </details>
      <WhatIsThere
        data={data}
        reasons={reasons}
        onCorrect={(row) => {
          setCorrects(row);
          setOpen('test');
        }}
      />
      <PatchesLaid jobId={data.job.id} roomId={data.room.id} surfaceId={surfaceId} />
      <FindingsOf data={data} />
      <LeftOut surface={data.surface} />
      <PartsHere surface={data.surface} colours={data.job.colours} />
      <div className="mt-3">
        <AddPhoto jobId={data.job.id} roomId={data.surface.roomId} surfaceId={surfaceId} />
        <Photos
          photos={data.photos}
          tests={data.tests}
          {...(may.work ? { again: { jobId: data.job.id, roomId: data.surface.roomId } } : {})}
        />
      </div>
      <WorkDone jobId={data.job.id} surfaceId={surfaceId} work={data.work} onCorrect={correct} />
      <WhatGoesOn
        data={data}
        reasons={reasons}
        asked={{ departures, answer, error: whatIf.error, onAsk: setDepartures }}
      />
    </Page>
  );
}

/** The primers that the system asks to be tried side by side. */
const patchesAsked = ({ lines }: SurfaceData) =>
  lines.flatMap(({ step }) => (step.kind === 'test-patch' && step.family ? [step.family] : []));

/** What a log said, as its form holds it. */
const saidOf = (log: WorkLog, { temperature, film, volume }: Measures): Corrected['said'] => ({
  productId: log.productId,
  batch: log.batch ?? '',
  t: log.temperatureC === null ? '' : temperature.say(log.temperatureC),
  rh: log.relativeHumidityPct === null ? '' : String(log.relativeHumidityPct),
  surfaceT: log.surfaceC === null ? '' : temperature.say(log.surfaceC),
  wetFilm: log.wetFilmUm === null ? '' : film.say(log.wetFilmUm),
  litres: log.litres === null ? '' : volume.say(log.litres),
  method: log.method ?? '',
  helper: log.helper ?? '',
  note: log.note,
  instead: log.instead ?? '',
  handsOn: log.handsOnMin === null ? '' : String(log.handsOnMin),
  minutesAgo: String(Math.max(0, Math.round((now() - Date.parse(log.endedAt)) / 60_000))),
});

function SectionColumn({ data, answer }: { data: SurfaceData; answer: WhatIfAnswer | undefined }) {
  return (
    <>
      <h2 className="mb-2 font-sans text-sm font-normal text-faded">
        {answer ? 'Section, were it done so' : 'Section through the paint'}
      </h2>
      <Section layers={answer?.section ?? data.section} fails={answer?.fails ?? null} width={224} />
      {!answer &&
        data.places.map(({ place, layers }) => (
          <figure key={place} className="mt-4">
            <figcaption className="mb-1 text-[13.5px] font-semibold">{capital(place)}</figcaption>
            <Section layers={layers} width={224} low />
          </figure>
        ))}
      <p className="mt-3 text-[13px] text-faded">
        Solid: found or laid. Fine broken: inferred. Long broken: to come. Hairlines: waterborne. Dots: oil. Stipple:
        alcohol-borne. Diagonals: clear. Red dashes: a weak bond. A red seam: it let go.
      </p>
    </>
  );
}

function Totals({ data }: { data: SurfaceData }) {
  const { units } = useMeasures();
  const { sayStep, sayTime } = useWords();
  const { opensAt, closesAt, standing, next } = data.standing;
  return (
    <>
      <Total words="hours" figure={sayHours(data.price.minutes)} />
      <Total words="paint" figure={sayVolume(data.price.litres, units)} />
      {isTold(data.price.cost) && (
        <Total words="labour and paint" figure={sayRoundMoney(data.price.cost, data.firm.currency)} />
      )}
      {standing === 'drying' && opensAt !== null && (
        <Total words="opens" figure={`${sayTime(opensAt)}, ${sayFromNow(opensAt, nowMinute())}`} />
      )}
      {closesAt !== null && next && <Total words="closes" figure={sayTime(closesAt)} />}
      <Total
        end
        words="next"
        figure={
          next ? sayStep({ kind: next.plan.kind, ...(next.parts ? { scope: next.parts } : {}), why: [] }) : 'done'
        }
      />
    </>
  );
}
