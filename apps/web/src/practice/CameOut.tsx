import { useMemo } from 'react';
import {
  FAULT_LABELS,
  FINISH_LABELS,
  playedForward,
  testWords,
  type PracticeRoom,
  type PracticeScore,
  type SurfaceScore,
} from '@rustic/core';
import { Section } from '../drawing/Section.tsx';
import { sayShows } from '../words/consequence.ts';
import { capital, sayRoundMoney } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';
import { TREATMENT_WORDS } from './treatmentWords.ts';

interface Props {
  room: PracticeRoom;
  score: PracticeScore;
  currency: string;
}

/** How a room came out, surface by surface: what lay there, what it cost, what came later, and what would have told. */
export function CameOut({ room, score, currency }: Props) {
  return (
    <ul>
      {score.surfaces.map((one) => (
        <CameOutOn key={one.surface} room={room} one={one} currency={currency} />
      ))}
    </ul>
  );
}

function CameOutOn({ room, one, currency }: { room: PracticeRoom; one: SurfaceScore; currency: string }) {
  const surface = room.surfaces.find((s) => s.id === one.surface)!;
  const { layers, came } = useMemo(() => playedForward(room, surface, one.treatAs), [room, surface, one.treatAs]);
  const [first] = came;
  const { inOurWords } = useWords();
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
            : `That costs about ${sayRoundMoney(one.lost, currency)} against knowing it.`}
        </p>
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
