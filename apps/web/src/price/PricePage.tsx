import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { chanceOfLoss } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import { More } from '../page/More.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { sayHours, sayMoney, sayPercent, sayRoundMoney } from '../words/figures.ts';
import { FanDrawing } from './FanDrawing.tsx';
import { fanRows } from './fanRows.ts';
import { priceNotes } from './priceNotes.ts';
import { Apart, QuoteLines } from './QuoteLines.tsx';
import { PhotosForClient } from './PhotosForClient.tsx';
import { PriceSettings } from './PriceSettings.tsx';
import { ClientSaid } from './ClientSaid.tsx';
import { ClientLink, SentVersions, Standing } from './Sending.tsx';
import { useFan } from './useFan.ts';
import { type PricePage as Data, useFanQuery, usePriceQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Typed } from '../form/atOnce.tsx';
import { useDraft } from '../form/useDraft.ts';

/** What a job costs, what that still rests on, and what was sent to the client. */
export default function PricePage() {
  const { inOurWords } = useWords();
  const { jobId = '' } = useParams();
  const navigate = useNavigate();
  const { data, error, refetch } = usePriceQuery(jobId);
  const [token, setToken] = useState<string | null>(null);
  const [settings, setSettings] = useState(false);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const { draft, sums } = data;
  const { notes, ofLine } = priceNotes(data, inOurWords);
  const paper = (kind: string) => void navigate(`/jobs/${jobId}/papers/${kind}`);
  return (
    <Page
      title="Price"
      notes={notes}
      above={
        <Link className="hover:underline" to={`/jobs/${jobId}`}>
          {data.job.title}
        </Link>
      }
      acts={
        <>
          <Act
            letter="s"
            words={data.latest ? 'Send anew' : 'Send'}
            main={!data.latest || data.changes.length > 0}
            disabled={draft.lines.length === 0}
            onAct={() => void navigate('client')}
          />
          <Act letter="b" words="Shopping" onAct={() => void navigate(`/jobs/${jobId}/shopping`)} />
          <More
            acts={[
              { letter: 'q', words: 'Quote on paper', onAct: () => paper('quote') },
              { letter: 'k', words: 'Job pack', onAct: () => paper('job-pack') },
              { letter: 'r', words: 'Run sheet', onAct: () => paper('run-sheet') },
              { letter: 't', words: 'Labels', onAct: () => paper('labels') },
              { letter: 'w', words: 'How we price', onAct: () => setSettings(!settings) },
            ]}
          />
        </>
      }
      footing={
        <>
          <Total words="hours" figure={sayHours(sums.minutes + sums.visitMinutes)} />
          <Total words="visits" figure={sums.visits} />
          <Total words="labour" figure={sayRoundMoney(sums.labour, draft.currency)} />
          <Total words="paint and sundries" figure={sayRoundMoney(sums.paint + sums.sundriesCost, draft.currency)} />
          <Total end words="to pay" figure={sayMoney(draft.total, draft.currency)} />
        </>
      }
    >
      <Standing data={data} />
      <ClientSaid data={data} />
      {settings && <PriceSettings data={data} onDone={() => setSettings(false)} />}
      {draft.lines.length === 0 ? (
        <p className="py-6">Nothing to price yet. Walk round first: rooms, surfaces, a test on each.</p>
      ) : (
        <>
          <FanSection data={data} />
          <QuoteLines data={data} ofLine={ofLine} />
          <StandIns data={data} />
        </>
      )}
      <Apart data={data} />
      <PhotosForClient data={data} />
      <ClientLink data={data} token={token} onToken={setToken} />
      <SentVersions data={data} />
    </Page>
  );
}

/** The kinds that the firm has no product of: what stands in for them, said where it is priced. */
function StandIns({ data }: { data: Data }) {
  const { sayFamily } = useWords();
  if (data.typical.length === 0) return null;
  return (
    <p className="mt-3 border-l-[3px] border-ochre pl-3 text-[15px]">
      No product of your own yet for {data.typical.map(sayFamily).join(', ')}: typical figures stand in, at a typical
      price.{' '}
      <Link className="underline" to="/shelf">
        To the shelf
      </Link>
    </p>
  );
}

/** The price under what is not known: simulated in a worker, with progress and a stop. */
function FanSection({ data }: { data: Data }) {
  const { data: input, isFetching } = useFanQuery(data.job.id);
  const { result, progress, failed, stopped, stop, again } = useFan(input);
  // What was asked stays when the page is loaded again, until the price moves under it.
  const kept = useDraft(`asked-at/${data.job.id}/${data.draft.net}`, { net: '' });
  const said = kept.said.net || null;
  const { currency } = data.draft;
  const typed = said === null ? data.draft.net : Math.round(Number(said.replace(',', '.')) * 100);
  const asked = Number.isFinite(typed) && typed > 0 ? typed : data.draft.net;
  const nameOf = (id: string) => data.draft.lines.find((l) => l.surfaceId === id)?.name ?? '';
  const working = progress !== null || (isFetching && !result);
  return (
    <section aria-labelledby="fan" className="mb-5 border border-dashed border-ochre bg-wash px-3 py-2.5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="fan" className="text-[17px]">
          {result ? (
            <>
              A loss in {sayPercent(chanceOfLoss(result.costs, asked))} of jobs like it
              <Mark n={1} />
            </>
          ) : (
            'How sure the price is'
          )}
        </h2>
        <Typed
          words="Were it asked at, net"
          asked="before"
          inputMode="decimal"
          value={said ?? (data.draft.net / 100).toFixed(2)}
          onType={(net) => kept.say({ net })}
          width="w-28 text-right"
        />
      </div>
      <NotesUnder ns={[1]} />
      {working && (
        <p role="status" className="text-sm text-faded">
          {progress === null ? 'Laying out what may turn up …' : `Playing the job through: ${sayPercent(progress)}`}{' '}
          {progress !== null && (
            <button type="button" className="min-h-[44px] underline wide:min-h-[28px]" onClick={stop}>
              Stop
            </button>
          )}
        </p>
      )}
      {stopped && (
        <button type="button" className="min-h-[44px] text-sm underline" onClick={again}>
          Stopped. Play it through
        </button>
      )}
      {failed && (
        <p className="text-madder">The simulation did not run. The price below stands; reload the page to try again.</p>
      )}
      {result && input && (
        <FanDrawing
          fan={result.fan}
          rows={fanRows(result, nameOf)}
          asked={asked}
          margin={input.margin}
          currency={currency}
          jobId={data.job.id}
        />
      )}
    </section>
  );
}
