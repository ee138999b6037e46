import { useState } from 'react';
import { Link, Navigate, useParams, useSearchParams } from 'react-router';
import {
  FINISH_LABELS,
  RESULT_LABELS,
  TEST_LABELS,
  TEST_RESULTS,
  type SketchPlace,
  type TestKind,
  type TestRecord,
  testsThatStand,
  testWords,
} from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { SectionIcon } from '../drawing/Section.tsx';
import { Chip } from '../page/Act.tsx';
import type { Note } from '../page/notes.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { RecordTest } from '../surface/RecordTest.tsx';
import { TakeTestBack } from '../surface/TakeTestBack.tsx';
import { capital, sayPercent, sayRoundMoney, sayWorth, isTold } from '../words/figures.ts';
import { AddPhoto, Photos } from '../photos/Photos.tsx';
import { FirstTest, TestButton } from './FirstTest.tsx';
import { KnownHere } from './KnownHere.tsx';
import { StopPage } from './StopPage.tsx';
import { ticksOf } from './ticks.ts';
import { seqUnsent } from '../outbox/keepingBaseQuery.ts';
import { useHasGone } from '../outbox/useHasGone.ts';
import { walkOrder } from './walkOrder.ts';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import {
  type SurfaceBrief,
  useJobQuery,
  type TestRow,
  useRecordTestMutation,
  useSessionQuery,
  useTakeTestBackMutation,
  type WholeJob,
} from '../store/endpoints.ts';

const RUB: TestKind = 'spirit-rub';

const needsLook = (s: SurfaceBrief) => !s.tested && s.facts.isNew !== true;

/** The walk-round, one surface after the other, made for one hand: the result is the button. */
export default function Walk() {
  const { jobId = '' } = useParams();
  const [query, setQuery] = useSearchParams();
  const { data, error, refetch } = useJobQuery(jobId);
  const { data: session } = useSessionQuery();
  const [last, setLast] = useState<TestRecord | null>(null);
  if (!data || !session) return <Coming error={error} again={() => void refetch()} />;
  const order = walkOrder(data);
  const asked = order.findIndex((s) => s.id === query.get('surface'));
  const at = asked >= 0 ? asked : Math.max(0, order.findIndex(needsLook));
  const surface = order[at];
  const go = (to: SurfaceBrief | undefined) => to && setQuery({ surface: to.id }, { replace: true });
  if (!surface)
    return (
      <Page title="Walk-round" above={<Link to={`/jobs/${jobId}`}>{data.job.title}</Link>}>
        <p className="py-6">
          No surface yet. Enter a whole room first, on the{' '}
          <Link className="underline" to={`/jobs/${jobId}`}>
            job’s page
          </Link>
          .
        </p>
      </Page>
    );
  // Where the walk stands is in the address: it stays while what is recorded here changes what is still untested.
  if (asked < 0) return <Navigate to={`?surface=${surface.id}`} replace />;
  const nextUntested = [...order.slice(at + 1), ...order.slice(0, at)].find(needsLook);
  return (
    <Stop
      key={surface.id}
      data={data}
      currency={session.firm.currency}
      surface={surface}
      at={at}
      of={order.length}
      left={order.filter(needsLook).length}
      last={last}
      onMade={setLast}
      onBack={() => go(order[at - 1])}
      onNext={() => go(order[at + 1] ?? nextUntested)}
      onUntested={nextUntested ? () => go(nextUntested) : null}
      nextName={nextUntested?.name ?? null}
    />
  );
}

interface StopProps {
  data: WholeJob;
  currency: string;
  surface: SurfaceBrief;
  at: number;
  of: number;
  left: number;
  last: TestRecord | null;
  onMade: (test: TestRecord) => void;
  onBack: () => void;
  onNext: () => void;
  onUntested: (() => void) | null;
  nextName: string | null;
}

function Stop({
  data,
  currency,
  surface,
  at,
  of,
  left,
  last,
  onMade,
  onBack,
  onNext,
  onUntested,
  nextName,
}: StopProps) {
  const room = data.rooms.find((r) => r.id === surface.roomId)!;
  const asks = data.unknown.tests.filter((t) => t.surfaceId === surface.id);
  const [made, setMade] = useState<{ test: TestRecord; id: string; unsent: number | null } | null>(null);
  const gone = useHasGone(made?.unsent ?? null);
  const [other, setOther] = useState(false);
  const [taking, setTaking] = useState<TestRow | null>(null);
  const [takeBack, slip] = useTakeTestBackMutation();
  const [place, setPlace] = useState<SketchPlace | null>(null);
  const [record, { isLoading, error }] = useRecordTestMutation();
  const done = (test?: TestRecord, id?: string, unsent: number | null = null) => {
    setOther(false);
    if (!test || !id) return;
    setMade({ test, id, unsent });
    onMade(test);
  };
  const send = async (test: TestRecord) => {
    const id = newId();
    const sent = await record({
      surfaceId: surface.id,
      id,
      at: nowText(),
      test,
      ...(place ? { mark: place } : {}),
    });
    if (!('error' in sent)) done(test, id, seqUnsent(sent.data));
  };
  const notes: Note[] = asks.map((t, i) => ({
    n: i + 1,
    head: `${TEST_LABELS[t.kind]}.`,
    text: `${t.why} It takes ${t.minutes} min${sayWorth(t.expectedSaving, currency)} to know${t.alsoTells ? `; it speaks for ${t.alsoTells} more` : ''}.`,
  }));
  const here = testsThatStand(surface.tests);
  return (
    <StopPage
      title={surface.name}
      notes={notes}
      above={
        <>
          <Link className="hover:underline" to={`/jobs/${data.job.id}`}>
            {data.job.title}
          </Link>{' '}
          › {room.name} · {at + 1} of {of}
        </>
      }
      onBack={at === 0 ? null : onBack}
      onNext={onNext}
      next={
        onUntested
          ? { words: `Next: ${nextName}`, onGo: onUntested }
          : { words: 'All looked at: to the job', to: `/jobs/${data.job.id}` }
      }
      footing={
        <>
          <Total words="not looked at" figure={left} />
          {isTold(data.unknown.atStake) && (
            <Total end words="rests on odds" figure={sayRoundMoney(data.unknown.atStake, currency)} />
          )}
        </>
      }
    >
      <div className="mb-3 flex items-center gap-3">
        <SectionIcon layers={surface.section} />
        <p>
          {capital(FINISH_LABELS[surface.likeliest.code])} {sayPercent(surface.likeliest.probability)}
          <span className="text-faded"> {surface.inferred ? 'inferred' : 'tested'}</span>
        </p>
      </div>
      {made && (
        <div role="status" className="mb-3 flex flex-wrap items-center gap-3 border-l-4 border-ink bg-leaf px-3 py-2">
          <p className="flex-1">
            <strong>{testWords(made.test)}</strong>{' '}
            {gone ? 'is in the ledger.' : 'is kept on this device. It goes to the server when there is a signal.'}
          </p>
          <button
            type="button"
            disabled={slip.isLoading}
            className="min-h-[44px] px-2 underline"
            onClick={() =>
              void takeBack({
                testId: made.id,
                id: newId(),
                note: 'Given by a slip, and taken back at once.',
              }).then((sent) => {
                if (!('error' in sent)) setMade(null);
              })
            }
          >
            Take it back
          </button>
          <AddPhoto
            words="Photo of it"
            jobId={data.job.id}
            roomId={room.id}
            surfaceId={surface.id}
            testId={made.id}
            mark={place}
          />
        </div>
      )}
      {!other && (
        <FirstTest kind={RUB}>
          <div className="grid gap-2 wide:flex wide:flex-wrap" role="group" aria-label="Result">
            {TEST_RESULTS[RUB].map((result) => (
              <TestButton key={result} busy={isLoading} onPress={() => void send({ kind: RUB, result })}>
                {capital(RESULT_LABELS[result]!)}
              </TestButton>
            ))}
          </div>
          {last && !made && (
            <button
              type="button"
              disabled={isLoading}
              className="mt-2 min-h-[48px] w-full rounded border border-dashed border-strong px-4 text-left wide:w-auto"
              onClick={() => void send({ ...last, place: undefined })}
            >
              Same as the last: {testWords(last)}
            </button>
          )}
          <div className="mt-3 flex flex-wrap gap-2">
            <Chip onPress={() => setOther(true)}>Another test …</Chip>
            <AddPhoto jobId={data.job.id} roomId={room.id} surfaceId={surface.id} mark={place} />
          </div>
        </FirstTest>
      )}
      {other && (
        <RecordTest
          surfaceId={surface.id}
          first={asks[0]?.kind ?? 'sheen-look'}
          places={here.flatMap((t) => (t.test.place ? [t.test.place] : []))}
          mark={place}
          onDone={done}
        />
      )}
      <Refused error={error ?? slip.error} />
      {taking && <TakeTestBack jobId={data.job.id} row={taking} onDone={() => setTaking(null)} />}
      {room.sketch && (
        <details className="mt-4" open>
          <summary className="min-h-[44px] cursor-pointer py-2.5">
            Where on the walls{place ? `: wall ${place.wall + 1}` : ''}
          </summary>
          <RoomSketch
            sketch={room.sketch}
            width={700}
            ticks={ticksOf(data, room.id)}
            excluded={surface.exclusions.flatMap((e) => (e.box ? [{ ...e.box, id: e.id, words: e.words }] : []))}
            chosen={place}
            onPlace={setPlace}
          />
        </details>
      )}
      <KnownHere
        tests={here}
        conditions={surface.conditions}
        press={{ title: 'Take this test back, or move it to where it was made', onTest: setTaking }}
      />
      <Photos photos={data.photos.filter((p) => p.surfaceId === surface.id)} tests={here} />
    </StopPage>
  );
}
