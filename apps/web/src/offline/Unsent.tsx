import { useState } from 'react';
import { useLocation } from 'react-router';
import { Page } from '../page/Page.tsx';
import { useSignal } from '../store/store.ts';
import { sayLength } from '../words/time.ts';
import { clockAhead, putRight } from '../clock/clock.ts';
import { leaveDevice } from './leaveDevice.ts';
import { COMMANDS } from '../outbox/commands.ts';
import { outbox, type Kept } from '../outbox/outbox.ts';
import { sendKept } from '../outbox/sender.ts';
import type { KeptBrief } from '../outbox/signal.ts';
import { newId } from '../store/newId.ts';
import { useSessionQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import type { Measure, Measures } from '../words/measures.ts';
import { useMeasures } from '../words/useMeasures.ts';
import { faultSentence } from '../words/fieldWords.ts';

/** What is written on this device and not with the server: what waits, and what it would not take, both sides shown. */
export default function Unsent() {
  const { sayTime } = useWords();
  const unsent = useSignal((s) => s.unsent);
  const { data: session } = useSessionQuery();
  const leaving = (useLocation().state as { leaving?: boolean } | null)?.leaving === true;
  const me = session?.person.id;
  const waiting = unsent.filter((k) => k.refused === null);
  const refused = unsent.filter((k) => k.refused !== null);
  return (
    <Page
      title="Not sent yet"
      notes={[
        {
          n: 1,
          text: 'What you write is kept on this device first. It goes in the order in which it was written, and arrives once.',
        },
        {
          n: 2,
          text: 'Nothing here is dropped by signing out. It waits until the person who wrote it signs in again on this device.',
        },
      ]}
    >
      {leaving && unsent.length > 0 && (
        <div role="alert" className="mb-4 border-l-4 border-ochre bg-leaf px-3 py-2">
          <p>
            <strong>{unsent.length} not sent yet.</strong> They stay on this device, and go when whoever wrote them
            signs in here again.
          </p>
          <button type="button" className="min-h-[44px] underline" onClick={() => void leaveDevice()}>
            Sign out all the same
          </button>
        </div>
      )}
      {unsent.length === 0 && <p className="py-4">Everything is with the server.</p>}
      {waiting.length > 0 && (
        <section className="mb-6">
          <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">Waiting for a signal</h2>
          <ul>
            {waiting.map((k) => (
              <li key={k.seq} className="flex flex-wrap gap-x-4 border-b border-rule py-2">
                <span className="font-semibold">{COMMANDS[k.command]}</span>
                <span className="text-faded">
                  {sayTime(k.at)}
                  {k.personId === me ? '' : `, by ${k.by}: goes when ${k.by} signs in here`}
                </span>
              </li>
            ))}
          </ul>
          <button
            type="button"
            className="mt-2 min-h-[44px] rounded border border-ink px-4 font-semibold"
            onClick={() => void sendKept()}
          >
            Try now
          </button>
        </section>
      )}
      {refused.length > 0 && (
        <section>
          <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">Not taken: yours to decide</h2>
          <ul>
            {refused.map((k) => (
              <Refusal key={k.seq} kept={k} />
            ))}
          </ul>
        </section>
      )}
    </Page>
  );
}

const whole = async (seq: number): Promise<Kept | undefined> => (await outbox.all()).find((k) => k.seq === seq);

/** One that the server would not take: what it says, both sides, and what can be done. */
function Refusal({ kept }: { kept: KeptBrief }) {
  const { sayTime } = useWords();
  const [busy, setBusy] = useState(false);
  const refusal = kept.refused!;
  const theirs = refusal.theirs as { id?: string; byName?: string } | undefined;
  const act = async (change: (k: Kept) => Promise<void>) => {
    setBusy(true);
    const found = await whole(kept.seq);
    if (found) await change(found);
    setBusy(false);
    void sendKept();
  };
  const asCorrection = () =>
    act((k) => {
      const id = newId();
      const body = { ...(JSON.parse(k.body as string) as object), id, corrects: theirs!.id };
      return outbox.replace(k, { id, body: JSON.stringify(body) });
    });
  const wrongBy = clockWrongBy(kept);
  const atTheRightTime = () =>
    act((k) =>
      outbox.replace(k, { id: k.id, body: JSON.stringify(putRight(JSON.parse(k.body as string) as object, wrongBy!)) }),
    );
  return (
    <li className="border-b border-rule py-2">
      <p className="font-semibold">
        {COMMANDS[kept.command]}, {sayTime(kept.at)}
      </p>
      <p className="text-madder">{refusal.message}</p>
      {refusal.errors?.map((fault) => (
        <p key={fault.path + fault.message} className="text-sm">
          {faultSentence(fault)}
        </p>
      ))}
      {wrongBy !== null && (
        <p>
          This device's clock was {sayLength(Math.round(Math.abs(wrongBy) / 60_000))} {wrongBy > 0 ? 'ahead' : 'behind'}{' '}
          when it was written down.
        </p>
      )}
      {theirs && (
        <div className="my-1 grid gap-3 text-sm wide:grid-cols-2">
          <Side words="Yours" said={kept.body} />
          <Side words={`Theirs${theirs.byName ? `, ${theirs.byName}` : ''}`} said={theirs as Record<string, unknown>} />
        </div>
      )}
      <div className="flex flex-wrap gap-4">
        {theirs?.id && refusal.code === 'already-logged' && (
          <button
            type="button"
            disabled={busy}
            className="min-h-[44px] rounded bg-ink px-4 font-semibold text-onink"
            onClick={() => void asCorrection()}
          >
            Keep both: mine as a correction
          </button>
        )}
        {wrongBy !== null && (
          <button
            type="button"
            disabled={busy}
            className="min-h-[44px] rounded bg-ink px-4 font-semibold text-onink"
            onClick={() => void atTheRightTime()}
          >
            Send it with the time put right
          </button>
        )}
        <button
          type="button"
          disabled={busy}
          className="min-h-[44px] underline"
          onClick={() => void act((k) => outbox.refuse(k, null))}
        >
          Send it again
        </button>
        <button
          type="button"
          disabled={busy}
          className="min-h-[44px] text-madder underline"
          onClick={() => void act((k) => outbox.drop(k.seq))}
        >
          Theirs stands: take mine out
        </button>
      </div>
    </li>
  );
}

/** The code of a moment that cannot have been noted. */
const NOT_NOTED_THEN = 'not-noted-then';

/** By how much the clock was wrong when a write was noted that was refused for its time; null where that is not why. */
function clockWrongBy({ body, refused, ahead = 0 }: KeptBrief): number | null {
  const forItsTime = refused?.errors?.some((fault) => fault.code === NOT_NOTED_THEN) ?? false;
  return forItsTime && body !== null && clockAhead() !== ahead ? clockAhead() - ahead : null;
}

const shownIn = ({ temperature, film, volume }: Measures): [key: string, words: string, say?: Measure['say']][] => [
  ['startedAt', 'from'],
  ['endedAt', 'until'],
  ['batch', 'batch'],
  ['temperatureC', temperature.unit, temperature.say],
  ['relativeHumidityPct', '% RH'],
  ['wetFilmUm', `wet film, ${film.unit}`, film.say],
  ['litres', `paint, ${volume.unit}`, volume.say],
  ['note', 'note'],
];

function Side({ words, said }: { words: string; said: Record<string, unknown> | null }) {
  const { sayTime } = useWords();
  const shown = shownIn(useMeasures()).filter(([key]) => said?.[key] != null && said[key] !== '');
  return (
    <div className="border border-rule bg-leaf px-3 py-2">
      <strong>{words}</strong>
      <dl>
        {shown.map(([key, label, say]) => (
          <div key={key} className="flex gap-2">
            <dt className="w-28 text-faded">{label}</dt>
            <dd>
              {key.endsWith('At') ? sayTime(String(said![key])) : say ? say(Number(said![key])) : String(said![key])}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
