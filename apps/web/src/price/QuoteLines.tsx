import { useState } from 'react';
import { Link } from 'react-router';
import { LEFT_OUT_WORDS, printMoney, type QuoteLine } from '@rustic/core';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { Refused } from '../page/Page.tsx';
import { sayHours } from '../words/figures.ts';
import { newId } from '../store/newId.ts';
import { type PricePage, usePutOffersMutation, useSurfaceQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Tick } from '../form/Tick.tsx';
import { OwnSums } from './OwnSums.tsx';
import { useMeasures } from '../words/useMeasures.ts';

const SMALL = 'no-print min-h-[44px] text-sm underline wide:min-h-[28px]';
const ROW = 'grid grid-cols-[1fr_auto] gap-x-3 wide:grid-cols-[1fr_56px_56px_104px]';
const FIGURE = 'text-right max-wide:hidden';

/** The work as ledger lines with its price, how that comes about, and the double rule under what is to be paid. */
export function QuoteLines({ data, ofLine }: { data: PricePage; ofLine: Map<string, number> }) {
  const { volume } = useMeasures();
  const { draft } = data;
  const money = (minor: number) => printMoney(minor, draft.currency);
  return (
    <section aria-label="The work and its price">
      <div className={`${ROW} border-b border-strong py-1 text-sm text-faded`} aria-hidden>
        <span>surface</span>
        <span className={FIGURE}>hours</span>
        <span className={FIGURE}>{volume.many}</span>
        <span className="text-right">price</span>
      </div>
      {[...new Set(draft.lines.map((l) => l.room))].map((room) => (
        <section key={room} aria-label={room}>
          <h2 className="pt-3 pb-0.5 text-[17px]">{room}</h2>
          <ul>
            {draft.lines
              .filter((l) => l.room === room)
              .map((line) => (
                <Line key={line.surfaceId} data={data} line={line} n={ofLine.get(line.surfaceId)} />
              ))}
          </ul>
        </section>
      ))}
      <OwnSums data={data} />
      <dl>
        <Sum words="Net" figure={money(draft.net)} ruled />
        <Sum words={`${draft.taxName}, ${draft.taxShare / 100} %`} figure={money(draft.tax)} />
        <div className="flex items-baseline justify-between border-t border-b-4 border-ink py-2 font-semibold [border-bottom-style:double]">
          <dt>To pay</dt>
          <dd className="font-serif text-[18px]">{money(draft.total)}</dd>
        </div>
      </dl>
    </section>
  );
}

function Line({ data, line, n }: { data: PricePage; line: QuoteLine; n: number | undefined }) {
  const { volume } = useMeasures();
  const own = data.lines.find((l) => l.surfaceId === line.surfaceId);
  return (
    <li className={`${ROW} border-b border-rule py-[7px]`}>
      <div className="min-w-0">
        <Link to={`/jobs/${data.job.id}/surfaces/${line.surfaceId}`} className="font-semibold hover:underline">
          {line.name}
        </Link>
        {n !== undefined && <Mark n={n} />}
        <span className="block text-sm text-faded">{line.work}</span>
        <Offers data={data} surfaceId={line.surfaceId} />
        {n !== undefined && <NotesUnder ns={[n]} />}
      </div>
      <span className={FIGURE}>{own && sayHours(own.minutes)}</span>
      <span className={FIGURE}>{own && own.litres > 0 && volume.say(own.litres)}</span>
      <span className="text-right">
        {printMoney(line.price, data.draft.currency)}
        {line.byHand && own && (
          <span className="block text-[13px] text-faded">
            by hand; {printMoney(own.price, data.draft.currency)} computed
          </span>
        )}
      </span>
    </li>
  );
}

function Sum({ words, figure, ruled = false }: { words: string; figure: string; ruled?: boolean }) {
  return (
    <div className={`flex justify-between py-1.5 ${ruled ? 'border-t border-ink' : ''}`}>
      <dt>{words}</dt>
      <dd>{figure}</dd>
    </div>
  );
}

/** Other ways to do a surface that the client may take instead: opened only where somebody wants to offer one. */
function Offers({ data, surfaceId }: { data: PricePage; surfaceId: string }) {
  const [open, setOpen] = useState(false);
  const offered = data.draft.options.filter((o) => o.kind === 'instead' && o.surfaceId === surfaceId).length;
  return (
    <>
      <button type="button" aria-expanded={open} className={SMALL} onClick={() => setOpen(!open)}>
        {offered ? `${offered} other ${offered === 1 ? 'way' : 'ways'} offered` : 'Offer another way'}
      </button>
      {open && <OtherWays data={data} surfaceId={surfaceId} />}
    </>
  );
}

function OtherWays({ data, surfaceId }: { data: PricePage; surfaceId: string }) {
  const { inOurWords } = useWords();
  const { data: surface } = useSurfaceQuery(surfaceId);
  const [put, { error, isLoading }] = usePutOffersMutation();
  const { job } = data;
  const offers = job.offers ?? [];
  if (!surface) return <p className="text-sm text-faded">Fetching the other ways …</p>;
  const offer = (key: string, on: boolean) =>
    void put({
      jobId: job.id,
      id: newId(),
      version: job.version,
      offers: on
        ? [...offers, { id: newId(), surfaceId, key }]
        : offers.filter((o) => !(o.surfaceId === surfaceId && o.key === key)),
    });
  return (
    <ul className="border-l-2 border-rule pl-3 text-sm">
      {surface.alternatives.map((a) => {
        const on = offers.some((o) => o.surfaceId === surfaceId && o.key === a.key);
        return (
          <li key={a.key}>
            <Tick checked={on} disabled={isLoading} onTick={(ticked) => offer(a.key, ticked)}>
              {inOurWords(a.differs)}
            </Tick>
          </li>
        );
      })}
      <Refused error={error} />
    </ul>
  );
}

/** What may be taken or left, and what is left out: each at its own price. */
export function Apart({ data }: { data: PricePage }) {
  const { options, leftOut, currency } = data.draft;
  if (options.length === 0 && leftOut.length === 0) return null;
  const money = (minor: number | null) =>
    minor === null ? '' : `${minor > 0 ? '+ ' : minor < 0 ? '− ' : ''}${printMoney(Math.abs(minor), currency)}`;
  return (
    <section aria-labelledby="apart" className="mt-5">
      <h2 id="apart" className="text-[19px]">
        Priced apart
      </h2>
      <ul>
        {options.map((o) => (
          <li key={o.id} className="flex justify-between gap-4 border-b border-rule py-[7px]">
            <span>
              <strong>
                {o.room}, {o.name}
              </strong>{' '}
              <span className="text-faded">
                {o.kind === 'extra' ? 'not decided: the client may take it.' : 'instead:'} {o.words}
              </span>
            </span>
            <span className="whitespace-nowrap">{money(o.price)}</span>
          </li>
        ))}
        {leftOut.map((l) => (
          <li key={`${l.surfaceId}/${l.words}`} className="flex justify-between gap-4 border-b border-rule py-[7px]">
            <span>
              <strong>
                {l.room}, {l.name}
              </strong>{' '}
              <span className="text-faded">
                {l.whole ? 'left out' : `${l.words} is left out`}; {LEFT_OUT_WORDS[l.reason]}
              </span>
            </span>
            <span className="whitespace-nowrap text-faded">
              {l.price === null ? 'taken off' : `${money(l.price)} if done`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
