import { useMemo } from 'react';
import {
  doneOtherwise,
  FAULT_LABELS,
  FINISH_LABELS,
  playedForward,
  testWords,
  type PracticeScore,
  type SurfaceScore,
} from '@rustic/core';
import { Section } from '../drawing/Section.tsx';
import { sayConsequence, sayShows } from '../words/consequence.ts';
import { sayDeparture } from '../surface/departures.ts';
import { capital, sayRoundMoney } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';
import { TREATMENT_WORDS } from './treatmentWords.ts';
import type { Walk } from './useWalk.ts';

/** More consequences of what was done otherwise nobody reads. */
const TOLD = 2;

/** What doing it otherwise came to, on what lay there. */
const sayOtherwise = (cost: number, currency: string) =>
  Math.abs(cost) < 100
    ? 'That made no difference here.'
    : `That ${cost > 0 ? 'costs' : 'saves'} about ${sayRoundMoney(Math.abs(cost), currency)} here, calls and all.`;

interface Props {
  walk: Walk;
  score: PracticeScore;
  currency: string;
}

/** How a room came out, surface by surface: what lay there, what it cost, what came later, and what would have told. */
export function CameOut({ walk, score, currency }: Props) {
  return (
    <ul>
      {score.surfaces.map((one) => (
        <CameOutOn key={one.surface} walk={walk} one={one} currency={currency} />
      ))}
    </ul>
  );
}

function CameOutOn({ walk, one, currency }: { walk: Walk; one: SurfaceScore; currency: string }) {
  const { room, tests, decisions } = walk;
  const surface = room.surfaces.find((s) => s.id === one.surface)!;
  const decision = decisions.find((d) => d.surface === one.surface)!;
  const { made, steps, consequences } = useMemo(
    () => doneOtherwise(room, surface, tests, decision),
    [room, surface, tests, decision],
  );
  const { layers, came } = useMemo(() => playedForward(room, surface, steps), [room, surface, steps]);
  const [first] = came;
  const words = useWords();
  const lines = made.map((step) => ({ step }));
  const { inOurWords } = words;
  return (
    <li className="grid gap-x-6 gap-y-3 border-b border-rule py-3 wide:grid-cols-[1fr_240px]">
      <div>
        <h3 className="font-serif text-[17px] font-semibold">
          {inOurWords(surface.name)}: {FINISH_LABELS[one.truth]}
        </h3>
        <p className={one.right ? '' : 'font-semibold text-madder'}>
          You would {TREATMENT_WORDS[one.treatAs]}, {Math.round(one.sure * 100)} in 100.{' '}
          {one.right
            ? 'That is right for it.'
            : `That costs about ${sayRoundMoney(one.lost - one.otherwise, currency)} against knowing it.`}
        </p>
        {decision.departures.length > 0 && (
          <p className="mt-1">
            {capital(decision.departures.map((d) => sayDeparture(d, lines, words)).join('; '))}.{' '}
            {sayOtherwise(one.otherwise, currency)}
            {consequences.slice(0, TOLD).map((c) => (
              <span key={c.text + c.fault} className="block text-[15px] text-faded">
                {capital(sayConsequence(c, currency))}. {inOurWords(c.text)}
              </span>
            ))}
          </p>
        )}
        {came.map(({ fault, by, because }) => (
          <p key={fault} className="mt-1 text-[15px]">
            <strong className="font-semibold">
              {capital(FAULT_LABELS[fault])} {sayShows(by)}.
            </strong>{' '}
            {inOurWords(because)}
          </p>
        ))}
        {came.length === 0 && <p className="mt-1 text-[15px]">Nobody called: it held.</p>}
        <p className="mt-1 text-sm text-faded">
          On the same tests the engine would {TREATMENT_WORDS[one.engine.treatAs]}, {Math.round(one.engine.sure * 100)}{' '}
          in 100
          {one.engine.lost > 0 ? `, and lose ${sayRoundMoney(one.engine.lost, currency)}` : ''}.
          {one.another && ` One more test still paid, ${one.another.minutes} min: ${testWords(one.another.test)}.`}
        </p>
      </div>
      <Section low layers={layers} fails={first ? { fault: first.fault, where: first.where } : null} width={236} />
    </li>
  );
}
