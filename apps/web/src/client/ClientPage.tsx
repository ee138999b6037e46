import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { asShown, changesShown, footOf, LEFT_OUT_WORDS, optionFault, printMoney, quoteTotals } from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { Coming } from '../page/Page.tsx';
import { ClientColours } from './ClientColours.tsx';
import { FirmLogo, Letterhead } from '../papers/PaperBlocks.tsx';
import { Care } from './Care.tsx';
import { type ClientView, type ShownQuote, useClientQuery } from '../store/endpoints.ts';
import { useWords, WordsProvider } from '../words/Words.tsx';
import { Agree } from './Agree.tsx';
import { Replies } from './Replies.tsx';
import { Tick } from '../form/Tick.tsx';

/** What a client sees behind the private link: the work, its price, what is left out, and a place to agree. */
export default function ClientPage() {
  const { token = '' } = useParams();
  const { data, error, refetch } = useClientQuery(token);
  useEffect(() => {
    document.title = data ? `${data.quote.job} · ${data.quote.firm}` : 'A quote';
  }, [data]);
  if (!data)
    return (
      <main className="mx-auto max-w-[720px]">
        <Coming error={error} again={() => void refetch()} />
      </main>
    );
  return (
    <WordsProvider timeZone={data.timeZone}>
      <Shown data={data} token={token} onReload={() => void refetch()} />
    </WordsProvider>
  );
}

/** The page itself; without a token it is only looked at, by the one who will send it. */
export function Shown({ data, token, onReload }: { data: ClientView; token?: string; onReload?: () => void }) {
  const { sayDate } = useWords();
  const { quote, agreement } = data;
  const [taken, setTaken] = useState<readonly string[]>([]);
  const chosen = agreement?.options ?? taken;
  // Looked at beforehand it stands within a page that has its own.
  const Whole = token ? 'main' : 'div';
  const money = (minor: number) => printMoney(minor, quote.currency);
  const foot = footOf(quote, quoteTotals(quote, chosen));
  const shown = asShown(quote, chosen);
  const toggle = (id: string) => setTaken(taken.includes(id) ? taken.filter((t) => t !== id) : [...taken, id]);
  return (
    <Whole className="mx-auto max-w-[760px] px-4 py-6 wide:px-8">
      <FirmLogo logo={quote.logo} firm={quote.firm} />
      <p className="flex flex-wrap justify-between gap-x-4 text-sm text-faded">
        <strong>{quote.firm}</strong>
        <span>
          {data.marked}, {sayDate(data.sentAt)}
        </span>
      </p>
      <Letterhead lines={quote.letterhead ?? []} />
      <h1 className="mt-1 text-[28px] leading-tight">{quote.job}</h1>
      <p className="mb-4 text-faded">
        {quote.place}
        {quote.client && <> · for {quote.client}</>}
      </p>
      {data.care && token && <Care care={data.care} token={token} />}
      <Changed data={data} />
      <WorkAndPrice quote={shown} />
      <Options quote={shown} chosen={chosen} fixed={agreement !== null} onToggle={toggle} />
      <dl className="mt-4 ml-auto w-full max-w-[360px]">
        {foot.before.map(([words, figure]) => (
          <Figure key={words} words={words} figure={money(figure)} />
        ))}
        <div className="flex justify-between border-t border-b-4 border-ink py-1.5 font-semibold [border-bottom-style:double]">
          <dt>To pay</dt>
          <dd className="font-serif text-[20px]">{money(foot.toPay)}</dd>
        </div>
        {foot.after.map(([words, figure]) => (
          <Figure key={words} words={words} figure={money(figure)} />
        ))}
      </dl>
      <LeftOut quote={shown} />
      <ClientColours quote={quote} />
      <Photographs quote={quote} pairs={data.pairs} from={token ? `/api/client/${token}/photos` : '/api/photos'} />
      {quote.terms && quote.terms.length > 0 && (
        <section className="mt-6" aria-labelledby="terms">
          <h2 id="terms" className="text-[19px]">
            Terms
          </h2>
          {quote.terms.map((text) => (
            <p key={text} className="py-0.5">
              {text}
            </p>
          ))}
        </section>
      )}
      {quote.cautions.length > 0 && (
        <section className="mt-6" aria-labelledby="cautions">
          <h2 id="cautions" className="text-[19px]">
            While we work
          </h2>
          <ul className="list-disc pl-5">
            {quote.cautions.map((c) => (
              <li key={c} className="py-0.5">
                {c}
              </li>
            ))}
          </ul>
        </section>
      )}
      {token && onReload && (
        <>
          <p className="mt-6">
            <a className="inline-block py-3 underline" href={`/api/client/${token}/paper?format=pdf`}>
              The whole specification as a PDF
            </a>
          </p>
          <Agree data={data} token={token} chosen={chosen} total={money(foot.toPay)} onReload={onReload} />
          <Replies data={data} token={token} onSaid={onReload} />
        </>
      )}
    </Whole>
  );
}

const Figure = ({ words, figure }: { words: string; figure: string }) => (
  <div className="flex justify-between border-b border-rule py-1">
    <dt>{words}</dt>
    <dd>{figure}</dd>
  </div>
);

/** A later version says first what it changes in what was agreed. */
function Changed({ data }: { data: ClientView }) {
  const { sayTime } = useWords();
  if (data.changes.length === 0) return null;
  const money = (minor: number) =>
    minor ? `${minor > 0 ? '+' : '−'} ${printMoney(Math.abs(minor), data.quote.currency)}` : '';
  return (
    <section aria-labelledby="changed" className="mb-5 border-l-4 border-ochre bg-wash px-3 py-2">
      <h2 id="changed" className="text-[17px]">
        {data.before ? 'What has changed since you agreed' : 'What has changed'}
      </h2>
      {data.before && (
        <p className="text-sm text-faded">
          {data.before.name} agreed {sayTime(data.before.at)} to {printMoney(data.before.total, data.quote.currency)}.
          Everything not named here stays at its price.
        </p>
      )}
      <ul>
        {changesShown(data.quote, data.changes).map((c, i) => (
          <li key={i} className="flex justify-between gap-4 py-0.5">
            <span>{c.words}</span>
            <span className="whitespace-nowrap">{money(c.price)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function WorkAndPrice({ quote }: { quote: ShownQuote }) {
  return (
    <table className="w-full border-collapse">
      <caption className="text-left font-serif text-[19px] font-semibold">What will be done</caption>
      {[...new Set(quote.lines.map((l) => l.room))].map((room) => (
        <tbody key={room}>
          <tr>
            <th colSpan={2} scope="colgroup" className="pt-3 text-left font-semibold">
              {room}
            </th>
          </tr>
          {quote.lines
            .filter((l) => l.room === room)
            .map((l) => (
              <tr key={l.surfaceId} className="border-b border-rule">
                <td className="py-2 pr-4">
                  {l.name}
                  <span className="block text-sm text-faded">
                    {l.work} {l.months !== null && `Guaranteed for ${l.months} months.`}
                    {l.months === null && l.withheld.length > 0 && `No guarantee: ${l.withheld[0]}`}
                  </span>
                </td>
                <td className="py-2 text-right align-top">{printMoney(l.price, quote.currency)}</td>
              </tr>
            ))}
        </tbody>
      ))}
      {quote.own && (
        <tbody>
          <tr>
            <th colSpan={2} scope="colgroup" className="pt-3 text-left font-semibold">
              Besides
            </th>
          </tr>
          {quote.own.map((line) => (
            <tr key={line.id} className="border-b border-rule">
              <td className="py-2 pr-4">{line.words}</td>
              <td className="py-2 text-right align-top">{printMoney(line.price, quote.currency)}</td>
            </tr>
          ))}
        </tbody>
      )}
    </table>
  );
}

interface OptionsProps {
  quote: ShownQuote;
  chosen: readonly string[];
  fixed: boolean;
  onToggle: (id: string) => void;
}

function Options({ quote, chosen, fixed, onToggle }: OptionsProps) {
  if (quote.options.length === 0) return null;
  const fault = optionFault(quote, chosen);
  return (
    <fieldset className="mt-5" disabled={fixed}>
      <legend className="font-serif text-[19px] font-semibold">To take or leave</legend>
      {quote.options.map((o) => (
        <Tick
          key={o.id}
          checked={chosen.includes(o.id)}
          onTick={() => onToggle(o.id)}
          size="size-6"
          className="grid min-h-[52px] grid-cols-[32px_1fr_auto] items-center gap-x-2 border-b border-rule"
        >
          <span className="py-1.5">
            {o.room}, {o.name}
            <span className="block text-sm text-faded">
              {o.kind === 'instead' && 'Instead: '}
              {o.words}
            </span>
          </span>
          <span className="whitespace-nowrap">
            {o.price < 0 ? '− ' : '+ '}
            {printMoney(Math.abs(o.price), quote.currency)}
          </span>
        </Tick>
      ))}
      {fault && (
        <p role="alert" className="mt-1 text-madder">
          {fault}
        </p>
      )}
    </fieldset>
  );
}

function LeftOut({ quote }: { quote: ShownQuote }) {
  if (quote.leftOut.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="left-out">
      <h2 id="left-out" className="text-[19px]">
        Left out on purpose
      </h2>
      <ul>
        {quote.leftOut.map((l) => (
          <li key={`${l.surfaceId}/${l.words}`} className="border-b border-rule py-1.5">
            {l.room}, {l.name}
            {!l.whole && `: ${l.words}`}
            <span className="text-faded">; {LEFT_OUT_WORDS[l.reason]}</span>
          </li>
        ))}
      </ul>
      {quote.sketches.map((s) => (
        <figure key={s.room} className="my-3">
          <RoomSketch sketch={s.sketch} width={700} excluded={s.excluded.map((e, i) => ({ ...e, id: String(i) }))} />
          <figcaption className="text-sm text-faded">
            {s.room}. Hatched: {s.excluded.map((e) => e.words).join('; ')}
          </figcaption>
        </figure>
      ))}
    </section>
  );
}

/** Pairs first, as it was found beside as it was left; then what there is only of before. */
function Photographs({ quote, pairs, from }: { quote: ShownQuote; pairs: ClientView['pairs']; from: string }) {
  const alone = quote.photos.filter((p) => !pairs.some(({ before }) => before === p.id));
  if (alone.length + pairs.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="photos">
      <h2 id="photos" className="text-[19px]">
        {pairs.length ? 'Before and after' : 'As it was found'}
      </h2>
      {pairs.map(({ id, before, after, words }) => (
        <figure key={id} className="mb-3">
          <div className="grid grid-cols-2 gap-2">
            <Picture src={`${from}/${before}`} alt={`Before: ${words || 'as it was found'}`} words="before" />
            <Picture src={`${from}/${after}`} alt={`After: ${words || 'as it was left'}`} words="after" />
          </div>
          {words && <figcaption className="text-sm text-faded">{words}</figcaption>}
        </figure>
      ))}
      <ul className="grid grid-cols-2 gap-3 wide:grid-cols-3">
        {alone.map((p) => (
          <li key={p.id}>
            <Picture src={`${from}/${p.id}`} alt={p.words || 'As it was found'} words={p.words} />
          </li>
        ))}
      </ul>
    </section>
  );
}

const Picture = ({ src, alt, words }: { src: string; alt: string; words: string }) => (
  <span className="block">
    <img src={src} alt={alt} loading="lazy" className="w-full border border-strong" />
    <span aria-hidden className="text-sm text-faded">
      {words}
    </span>
  </span>
);
