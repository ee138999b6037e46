import type { AsItStands, OverWeeks, PlanChoice } from '@rustic/core';
import type { ReactNode } from 'react';
import { Chip } from '../page/Act.tsx';
import { Coming } from '../page/Coming.tsx';
import type { PlanChoices, PlanPage } from '../store/endpoints.ts';
import { sayLength } from '../words/time.ts';
import { useWords } from '../words/Words.tsx';

interface Props {
  data: PlanPage;
  /** Nothing while they are being looked for. */
  traded: PlanChoices | undefined;
  /** Why they could not be found. */
  error: unknown;
  onAgain: () => void;
  looked: PlanChoice | null;
  onLook: (choice: PlanChoice | null) => void;
}

/** Plans of which none is better in everything, side by side: whoever plans says what counts. */
export function Choices({ data, traded, error, onAgain, looked, onLook }: Props) {
  const { plan } = data;
  if (plan.status !== 'feasible') return null;
  return (
    <section className="no-print mb-3 border-y-2 border-ink bg-leaf px-4 py-3 text-[15px]" aria-label="Choices">
      {!traded && <Coming error={error} again={onAgain} words="Looking for what else can be had" />}
      {traded && (
        <>
          <Heads />
          <ul>
            <Line
              finish={plan.finish}
              visits={plan.visits}
              note={data.posted ? 'as posted, in the air of now' : 'as it stands'}
              comesTo={traded.asItStands}
            />
            {traded.choices.map((c) => (
              <Line
                key={`${c.plan.finish} ${c.plan.visits} ${c.nights} ${c.surer}`}
                finish={c.plan.finish}
                visits={c.plan.visits}
                note={c.surer ? 'surer: what hangs on the weather comes first' : ''}
                comesTo={c}
              >
                <Chip pressed={looked === c} onPress={() => onLook(looked === c ? null : c)}>
                  {looked === c ? 'Drawn below' : 'Draw it'}
                </Chip>
              </Line>
            ))}
          </ul>
          <p className="mt-2 text-sm text-faded">
            {traded.choices.length > 1
              ? 'None of these is better in everything. Draw one, and post it if it is the one.'
              : 'Nothing can be gained in one without losing in another: there is only this.'}
          </p>
        </>
      )}
    </section>
  );
}

const COLUMNS = 'sm:grid-cols-[minmax(9rem,2fr)_4rem_7rem_7rem_minmax(8rem,1.5fr)_8rem]';
const HEADS = ['Ends', 'Visits', 'Nights out', 'Paid waiting', 'Keeps its day', ''] as const;

function Heads() {
  return (
    <div className={`hidden gap-x-4 pb-1 text-sm text-faded sm:grid ${COLUMNS}`} aria-hidden>
      {HEADS.map((head, i) => (
        <span key={head} className={i > 0 && i < 4 ? 'text-right' : ''}>
          {head}
        </span>
      ))}
    </div>
  );
}

interface LineProps {
  finish: string;
  visits: number;
  note: string;
  comesTo: AsItStands | null;
  children?: ReactNode;
}

/** One plan: a ruled line of figures at the desk, each with its word on a phone. */
function Line({ finish, visits, note, comesTo, children }: LineProps) {
  const { sayTime } = useWords();
  return (
    <li className={`grid grid-cols-2 items-center gap-x-4 gap-y-1 border-t border-rule py-2 sm:py-1.5 ${COLUMNS}`}>
      <span className="col-span-2 font-semibold sm:col-span-1">
        {sayTime(finish)}
        {note && <span className="block text-sm font-normal text-faded">{note}</span>}
      </span>
      <Figure head="Visits">{visits}</Figure>
      <Figure head="Nights out">{comesTo?.nights}</Figure>
      <Figure head="Paid waiting">{comesTo && (comesTo.idleMin > 0 ? sayLength(comesTo.idleMin) : 'none')}</Figure>
      <span>{comesTo?.judged && <KeepsItsDay judged={comesTo.judged} />}</span>
      <span className="sm:text-right">{children}</span>
    </li>
  );
}

function Figure({ head, children }: { head: string; children: ReactNode }) {
  return (
    <span className="sm:text-right">
      <span className="mr-2 text-sm text-faded sm:sr-only">{head}</span>
      {children}
    </span>
  );
}

function KeepsItsDay({ judged }: { judged: OverWeeks }) {
  const { sayDay } = useWords();
  const { inTime, nineInTen } = judged;
  return (
    <>
      <span className="mr-2 text-sm text-faded sm:sr-only">Keeps its day</span>
      {Math.round(inTime * 100)} in 100
      {inTime < 0.9 && (
        <span className="block text-sm text-faded">
          {nineInTen === null ? 'nine in ten: not foreseen' : `nine in ten by ${sayDay(nineInTen)}`}
        </span>
      )}
    </>
  );
}
