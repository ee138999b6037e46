import { useState } from 'react';
import type { Departure } from '@rustic/core';
import { Refused } from '../page/Page.tsx';
import { sayConsequence, sayInHundred } from '../words/consequence.ts';
import { capital, sayHours, sayRoundMoney } from '../words/figures.ts';
import { sayLength } from '../words/time.ts';
import { sayDeparture } from './departures.ts';
import { newId } from '../store/newId.ts';
import { type SurfacePage, useChooseSystemMutation, type WhatIfAnswer } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { LinesField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

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
  const draft = useDraft(`sign/${data.surface.id}/${JSON.stringify(departures)}`, { reason: '', signedAs: '' });
  const [choose, { isLoading, error }] = useChooseSystemMutation();
  const send = ({ reason, signedAs }: typeof draft.said) => {
    const override = { departures: [...departures], reason, signedAs };
    return choose({ surfaceId: data.surface.id, id: newId(), key: data.key, override });
  };
  return (
    <Form
      draft={draft}
      label="Sign for it"
      words="Sign and settle"
      busy={isLoading}
      error={error}
      className="mt-2 max-w-[560px]"
      footClass="mt-2"
      onSend={send}
      onSent={onDone}
      onLeave={onLeave}
    >
      <LinesField name="reason" words="Why it is done so" required minLength={3} maxLength={600} />
      <TextField
        name="signedAs"
        words="Your name, written out"
        required
        minLength={2}
        maxLength={120}
        autoComplete="off"
        className="mt-2"
        width="w-64"
      />
      <p className="mt-1 text-sm text-faded">It stands in the ledger under your name, and the guarantee is withheld.</p>
    </Form>
  );
}
