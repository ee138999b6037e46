import { useState, type FormEvent } from 'react';
import type { Departure } from '@rustic/core';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { sayConsequence, sayInHundred } from '../words/consequence.ts';
import { capital, sayHours, sayRoundMoney } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { sayDeparture } from './departures.ts';
import { newId } from '../store/newId.ts';
import { type SurfacePage, useChooseSystemMutation, type WhatIfAnswer } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

interface Props {
  data: SurfacePage;
  departures: readonly Departure[];
  answer: WhatIfAnswer | undefined;
  error: unknown;
  onClear: () => void;
}

/** What follows from the departures that were asked about, and, where it may be, the place to sign for them. */
export function WhatIfPanel({ data, departures, answer, error, onClear }: Props) {
  const words = useWords();
  const { inOurWords } = words;
  const [signing, setSigning] = useState(false);
  const { currency } = data.firm;
  const never = answer ? [...answer.forbidden.map((b) => `${b.text} Until: ${b.until}`), ...answer.refused] : [];
  return (
    <div role="region" aria-label="What follows" className="mt-2 border-l-4 border-madder bg-leaf py-2 pr-2 pl-3">
      <p className="font-semibold">{departures.map((d) => sayDeparture(d, data.lines, words)).join('; ')}</p>
      <Refused error={error} />
      {!answer && !error && <p className="text-faded">Working it out …</p>}
      {answer && (
        <>
          {answer.consequences.length === 0 && <p>Nothing is known to follow.</p>}
          <ul>
            {answer.consequences.map((one) => (
              <li key={one.text} className="py-0.5">
                <strong>{capital(sayConsequence(one, currency))}.</strong> {inOurWords(one.text)}
              </li>
            ))}
          </ul>
          <p className="text-sm text-faded">{savesIn(answer, currency)}</p>
          {never.map((text) => (
            <p key={text} className="mt-1">
              <strong className="text-madder">Nobody may sign for this.</strong> {inOurWords(text)}
            </p>
          ))}
          {signing && never.length === 0 ? (
            <SignFor data={data} departures={departures} onDone={onClear} onLeave={() => setSigning(false)} />
          ) : (
            <div className="mt-1 flex gap-4">
              {never.length === 0 && data.work.length === 0 && (
                <button type="button" className="min-h-[44px] font-semibold underline" onClick={() => setSigning(true)}>
                  Sign for it
                </button>
              )}
              <button type="button" className="min-h-[44px] underline" onClick={onClear}>
                As it was
              </button>
            </div>
          )}
        </>
      )}
    </div>
  );
}

function savesIn({ saves, odds, expectedCost = 0 }: WhatIfAnswer, currency: string): string {
  const cheaper = saves.cost ?? 0;
  const parts = [
    saves.minutes > 0
      ? `saves ${sayHours(saves.minutes)} h`
      : saves.minutes < 0
        ? `takes ${sayHours(-saves.minutes)} h more`
        : '',
    cheaper > 0
      ? `${sayRoundMoney(cheaper, currency)} cheaper`
      : cheaper < 0
        ? `${sayRoundMoney(-cheaper, currency)} dearer`
        : '',
    saves.waitingMin > 0
      ? `${sayLength(saves.waitingMin)} less waiting`
      : saves.waitingMin < 0
        ? `${sayLength(-saves.waitingMin)} more waiting`
        : '',
  ].filter(Boolean);
  const gain = parts.length ? capital(parts.join(', ')) : 'It saves nothing';
  const loss = expectedCost > 0 ? `, against ${sayRoundMoney(expectedCost, currency)} expected to put right` : '';
  return `${gain}${loss}.${odds > 0 ? ` Something shows: ${sayInHundred(odds)}.` : ''}`;
}

interface SignProps {
  data: SurfacePage;
  departures: readonly Departure[];
  onDone: () => void;
  onLeave: () => void;
}

/** A departure is signed for, with its reason; both stand in the ledger, and the guarantee is withheld. */
function SignFor({ data, departures, onDone, onLeave }: SignProps) {
  const [reason, setReason] = useState('');
  const [signedAs, setSignedAs] = useState('');
  const [choose, { isLoading, error }] = useChooseSystemMutation();
  const send = async (event: FormEvent) => {
    event.preventDefault();
    const override = { departures: [...departures], reason, signedAs };
    const sent = await choose({ surfaceId: data.surface.id, id: newId(), key: data.key, override });
    if (!('error' in sent)) onDone();
  };
  return (
    <form onSubmit={(e) => void send(e)} className="mt-2 max-w-[560px]">
      <label className="block text-sm">
        Why it is done so
        <textarea
          value={reason}
          required
          minLength={3}
          maxLength={600}
          rows={2}
          onChange={(e) => setReason(e.target.value)}
          className="block w-full"
        />
      </label>
      <label className="mt-2 block text-sm">
        Your name, written out
        <input
          value={signedAs}
          required
          minLength={2}
          maxLength={120}
          autoComplete="off"
          onChange={(e) => setSignedAs(e.target.value)}
          className="block w-64"
        />
      </label>
      <p className="mt-1 text-sm text-faded">It stands in the ledger under your name, and the guarantee is withheld.</p>
      <Refused error={error} />
      <FormFoot words="Sign and settle" busy={isLoading} onLeave={onLeave} className="mt-2" />
    </form>
  );
}
