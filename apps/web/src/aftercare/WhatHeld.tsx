import { Link } from 'react-router';
import { FAMILY_LABELS, FAULT_LABELS, PREPARATION_WORDS, type CallBackRate } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import type { Note } from '../page/notes.tsx';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { capital } from '../words/figures.ts';
import { Places } from './Places.tsx';
import { RateLine } from './RateLine.tsx';
import { newId } from '../store/newId.ts';
import {
  type CallBack,
  type HeldPage,
  useHeldQuery,
  useLetHeldCountMutation,
  useSessionQuery,
} from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { useMeasures } from '../words/useMeasures.ts';

const NOTES: Note[] = [
  {
    n: 1,
    head: 'How often it came back.',
    text: 'A film counts by the years it stood, so a young one is not taken for one that held. Peeling, cracking, blistering and the like count; a knock or a run does not. The bar is where the true rate lies, eight times in ten; the tick is what is typical for these places. Few films pull little away from the tick.',
  },
  {
    n: 2,
    head: 'By system and preparation, not by person.',
    text: 'Who laid what is mixed up with which jobs they were sent to: a rate by person would say more of the jobs than of the hand. Each call-back names its hand below, with its weather, for whoever looks into that one.',
  },
  {
    n: 3,
    head: 'Letting it count.',
    text: 'The choice of systems then weighs call-backs by these rates, as they stand on the day: the term of a guarantee, the rank of the ways, the odds of a step left out. Nothing moves again until it is let count anew.',
  },
];

/** What held and what came back: the firm's own record, with how sure it is. */
export default function WhatHeld() {
  const { sayDate } = useWords();
  const { data, error, refetch } = useHeldQuery();
  const session = useSessionQuery().data;
  const [count, counting] = useLetHeldCountMutation();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const owner = session?.person.role === 'owner';
  const let_ = (counts: boolean) => void count({ id: newId(), counts });
  return (
    <Page
      title="What held"
      above={<Places />}
      notes={NOTES}
      acts={
        owner && (
          <>
            <Act
              letter="l"
              words={data.counts ? 'Let it count anew' : 'Let it count'}
              main
              busy={counting.isLoading}
              disabled={data.films === 0}
              onAct={() => let_(true)}
            />
            {data.counts && <Act letter="x" words="Let it count no more" onAct={() => let_(false)} />}
          </>
        )
      }
      footing={
        <>
          <Total words="films" figure={data.films} />
          <Total words="years stood" figure={data.years.toFixed(1)} />
          <Total end words="came back" figure={data.callBacks.length} />
        </>
      }
    >
      <Refused error={counting.error} />
      <p className="mb-3 max-w-[64ch]">
        {data.counts
          ? `Counts in the choice of systems as it stood ${sayDate(data.counts.at)}, with ${data.counts.films} films; let count by ${data.counts.by}.`
          : 'Does not count in the choice of systems yet.'}
        <Mark n={3} />
      </p>
      <NotesUnder ns={[3]} />
      {data.films === 0 ? (
        <p className="max-w-[60ch]">
          Nothing is finished yet. When last coats are logged, how long they stand is counted here.
        </p>
      ) : (
        <Tables data={data} />
      )}
    </Page>
  );
}

function Tables({ data }: { data: HeldPage }) {
  const { inOurWords } = useWords();
  const all = [...data.systems, ...data.preparations, ...data.limits];
  const most = Math.max(0.1, ...all.map((r) => r.aYearTo));
  return (
    <>
      <Rates
        title="By system"
        n={1}
        rates={data.systems}
        most={most}
        words={({ primer, finish }) =>
          inOurWords(`${FAMILY_LABELS[finish]}${primer ? ` over ${FAMILY_LABELS[primer]}` : ', no primer'}`)
        }
      />
      <Rates
        title="By preparation"
        n={2}
        rates={data.preparations}
        most={most}
        words={(p) => inOurWords(PREPARATION_WORDS[p])}
      />
      <Rates
        title="By how it was laid"
        rates={data.limits}
        most={most}
        words={(outside) => (outside ? 'a coat outside its limits' : 'within its limits')}
      />
      <CallBacks callBacks={data.callBacks} />
    </>
  );
}

function Rates<Kind>({
  title,
  n,
  rates,
  most,
  words,
}: {
  title: string;
  n?: number;
  rates: readonly CallBackRate<Kind>[];
  most: number;
  words: (kind: Kind) => string;
}) {
  return (
    <section aria-label={title} className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">
        {title}
        {n !== undefined && <Mark n={n} />}
      </h2>
      {n !== undefined && <NotesUnder ns={[n]} />}
      <ul>
        {rates.map((rate, i) => (
          <RateLine key={i} rate={rate} words={capital(words(rate.kind))} most={most} />
        ))}
      </ul>
    </section>
  );
}

/** Each that came back, with what it is tied to. */
function CallBacks({ callBacks }: { callBacks: readonly CallBack[] }) {
  const { inUnits } = useMeasures();
  const { inOurWords } = useWords();
  if (callBacks.length === 0) return <p>Nothing has come back so far.</p>;
  return (
    <section aria-label="What came back" className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">What came back</h2>
      <ul>
        {callBacks.map((c) => (
          <li key={c.surfaceId} className="border-b border-rule py-2">
            <span className="font-semibold">{capital(FAULT_LABELS[c.fault])}</span>
            {', '}
            <Link className="hover:underline" to={`/jobs/${c.jobId}/surfaces/${c.surfaceId}`}>
              {c.name}
            </Link>
            , {c.jobTitle}, after {c.years.toFixed(1)} years
            <div className="text-sm text-faded">
              {[
                c.finish
                  ? inOurWords(FAMILY_LABELS[c.finish]) +
                    (c.primer ? inOurWords(` over ${FAMILY_LABELS[c.primer]}`) : '')
                  : '',
                inOurWords(PREPARATION_WORDS[c.preparation]),
                c.weather.temperatureC === null
                  ? ''
                  : inUnits(`last coat at ${c.weather.temperatureC} °C, ${c.weather.relativeHumidityPct} %`),
                c.hand && `laid by ${c.hand}`,
              ]
                .filter(Boolean)
                .join(' · ')}
            </div>
            {c.schools.length > 0 && <div className="text-sm text-faded">{inOurWords(c.schools.join('; '))}</div>}
          </li>
        ))}
      </ul>
    </section>
  );
}
