import { useState } from 'react';
import type { Departure, PracticeSurface, SystemChosen } from '@rustic/core';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { asking, sayDeparture } from '../surface/departures.ts';
import { LineDetail } from '../surface/LineDetail.tsx';
import { SystemTable } from '../surface/SystemTable.tsx';
import { capital, sayRoundMoney } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';

interface Props {
  surface: PracticeSurface;
  chosen: SystemChosen;
  /** Why it may not be done so. */
  refusedIf: (departures: Departure[]) => readonly string[];
  departures: readonly Departure[];
  /** The note with the reason of each line. */
  noteOf: readonly number[];
  currency: string;
  onChange: (departures: Departure[]) => void;
}

/** What goes on it, by what somebody takes it for: lines may be left out, moved, or done with something else. */
export function SystemToChoose({ surface, chosen, refusedIf, departures, noteOf, currency, onChange }: Props) {
  const words = useWords();
  const [open, setOpen] = useState<number | null>(null);
  const { lines, after } = chosen;
  const [refused, setRefused] = useState<readonly string[]>([]);
  // What nobody may do is said, and not done.
  const change = (wanted: Departure[]) => {
    const never = refusedIf(wanted);
    setRefused(never);
    if (never.length === 0) onChange(wanted);
  };
  const of = (at: number) => departures.find((d) => d.step === at);
  const instead = (at: number) => {
    const one = of(at);
    if (one?.act === 'swap') return `${words.sayFamily(one.family)} instead`;
    return one?.act === 'move' ? (one.to < at ? 'done earlier' : 'done later') : null;
  };
  return (
    <section aria-label="What goes on it" className="mt-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-[19px]">What goes on it</h2>
        <span className="text-sm text-faded">press a line to leave it out, or to do it otherwise</span>
      </div>
      <SystemTable
        lines={lines}
        areaM2={surface.surface.areaM2}
        total={after.price}
        open={open}
        onToggle={(at) => {
          setRefused([]);
          setOpen(open === at ? null : at);
        }}
        struck={(at) => (of(at)?.act === 'skip' ? 'left out' : null)}
        instead={instead}
        beside={(at) => (
          <>
            <Mark n={noteOf[at]!} />
            <NotesUnder ns={[noteOf[at]!]} />
          </>
        )}
        detail={(line, at) => (
          <>
            <LineDetail
              line={line}
              at={at}
              last={lines.length - 1}
              asked={of(at)}
              words="It is"
              onAsk={(d) =>
                // Pressed again it stands as it was.
                change(
                  d.act === 'skip' && of(at)?.act === 'skip'
                    ? departures.filter((o) => o.step !== at)
                    : asking(departures, d),
                )
              }
            />
            {refused.map((text) => (
              <p key={text} role="alert" className="mt-2 border-l-4 border-madder pl-3">
                <strong className="text-madder">Nobody may do that.</strong> {words.inOurWords(text)}
              </p>
            ))}
          </>
        )}
      />
      {departures.length > 0 && (
        <div className="mt-2 flex flex-wrap items-center gap-x-4 border-l-4 border-madder bg-leaf py-1 pr-2 pl-3">
          <p className="flex-1">
            <strong className="font-semibold">
              {capital(departures.map((d) => sayDeparture(d, lines, words)).join('; '))}.
            </strong>{' '}
            What it does shows once it is played forward.
          </p>
          <button type="button" className="min-h-[44px] underline" onClick={() => change([])}>
            As it was
          </button>
        </div>
      )}
      <p className="mt-2 text-sm text-faded">About {sayRoundMoney(after.price.cost, currency)}, work and paint.</p>
    </section>
  );
}
