import { useState } from 'react';
import { currencyOfSum, minorUnits, printMoney } from '@rustic/core';
import { Button } from '../form/Button.tsx';
import { Form } from '../form/Form.tsx';
import { FigureField, SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Refused } from '../page/Page.tsx';
import { newId } from '../store/newId.ts';
import { type PricePage, usePutOwnSumsMutation } from '../store/endpoints.ts';
import { readFigure } from '../words/readFigure.ts';

type OwnSum = NonNullable<PricePage['job']['ownSums']>[number];
const LINE = 'line';
const DISCOUNT = 'discount';

/** What somebody charges or takes off by hand: each with its note, and taken out again as easily. */
export function OwnSums({ data }: { data: PricePage }) {
  const [adding, setAdding] = useState(false);
  const [put, { data: kept, isLoading, error }] = usePutOwnSumsMutation();
  const { job, draft } = data;
  // Until the page has been read again, what was kept last is what the next change is made on.
  const { version, ownSums } = kept && kept.version > job.version ? kept : job;
  const sums = ownSums ?? [];
  const keep = (all: OwnSum[]) => put({ jobId: job.id, id: newId(), version, ownSums: all });
  // A sum that was set where the job began is in the money of there, and in no price here.
  const currencyOf = (sum: OwnSum) => currencyOfSum(sum, job, draft.currency);
  const nameOf = ({ surfaceId, words }: OwnSum) => {
    const line = draft.lines.find((l) => l.surfaceId === surfaceId);
    return line ? `${line.room}, ${line.name}: own price` : words;
  };
  return (
    <section aria-label="Set by hand">
      {sums.length > 0 && (
        <ul>
          {sums.map((sum) => (
            <li key={sum.id} className="flex justify-between gap-4 border-b border-rule py-[7px]">
              <span>
                <strong className="font-semibold">{nameOf(sum)}</strong>
                <span className="block text-sm text-faded">
                  {sum.note} {currencyOf(sum) !== draft.currency && `Set in ${currencyOf(sum)}; in no price here. `}
                  <button
                    type="button"
                    disabled={isLoading}
                    aria-label={`Take out ${nameOf(sum)}`}
                    className="no-print min-h-[44px] underline wide:min-h-[28px]"
                    onClick={() => void keep(sums.filter((other) => other.id !== sum.id))}
                  >
                    Take out
                  </button>
                </span>
              </span>
              {/* The price of a surface stands in its own line. */}
              {sum.surfaceId === null && (
                <span className="whitespace-nowrap">{printMoney(sum.amount, currencyOf(sum))}</span>
              )}
            </li>
          ))}
        </ul>
      )}
      {adding ? (
        <OwnSumForm
          data={data}
          busy={isLoading}
          error={error}
          onSend={(sum) => keep([...sums.filter((s) => sum.surfaceId === null || s.surfaceId !== sum.surfaceId), sum])}
          onDone={() => setAdding(false)}
        />
      ) : (
        <>
          <Button look="plain" className="no-print text-sm" onClick={() => setAdding(true)}>
            A line, a discount or a price of your own
          </Button>
          <Refused error={error} />
        </>
      )}
    </section>
  );
}

interface FormProps {
  data: PricePage;
  busy: boolean;
  error: unknown;
  onSend: (sum: OwnSum) => Promise<{ data?: unknown; error?: unknown }>;
  onDone: () => void;
}

function OwnSumForm({ data, busy, error, onSend, onDone }: FormProps) {
  const { draft: quote, job } = data;
  const draft = useDraft(`own-sum/${job.id}`, { of: LINE, words: '', amount: '', note: '' });
  const { of } = draft.said;
  const unit = minorUnits(quote.currency);
  const isLine = of === LINE || of === DISCOUNT;
  const say = (one: string) => {
    if (one === LINE) return 'a line of its own';
    if (one === DISCOUNT) return 'a discount';
    const line = quote.lines.find((l) => l.surfaceId === one)!;
    return `the price of ${line.name}, ${line.room}`;
  };
  const send = (said: typeof draft.said) => {
    const amount = Math.round(readFigure(said.amount) * unit);
    return onSend({
      id: newId(),
      surfaceId: isLine ? null : said.of,
      words: isLine ? said.words.trim() : '',
      amount: said.of === DISCOUNT ? -Math.abs(amount) : amount,
      note: said.note.trim(),
    });
  };
  return (
    <Form
      draft={draft}
      label="Set by hand"
      words="Put it on the quote"
      busy={busy}
      error={error}
      className="mt-2 border-y-2 border-ink bg-leaf p-4"
      onSend={send}
      onSent={onDone}
      onLeave={onDone}
    >
      <div className="grid gap-3 wide:grid-cols-4">
        <SelectField
          name="of"
          words="What"
          options={[LINE, DISCOUNT, ...quote.lines.map((l) => l.surfaceId)]}
          say={say}
          className="wide:col-span-2"
        />
        {isLine && (
          <TextField
            name="words"
            words="As it stands on the quote"
            required
            maxLength={200}
            placeholder={of === DISCOUNT ? 'Both rooms in one visit' : 'Moving the piano'}
          />
        )}
        <FigureField name="amount" words={`Net, ${quote.currency}`} required isRead={(text) => readFigure(text) >= 0} />
        <TextField
          name="note"
          words="Why, for the firm alone"
          maxLength={400}
          className={isLine ? 'wide:col-span-4' : ''}
        />
      </div>
    </Form>
  );
}
