import { useCallback, useMemo, useState } from 'react';
import {
  PRACTICE_TESTS,
  sayArea,
  systemChosen,
  TEST_LABELS,
  TREATMENTS,
  type Departure,
  type SystemChosen,
  type TestKind,
  type Treatment,
} from '@rustic/core';
import { Choice } from '../form/atOnce.tsx';
import { Chip } from '../page/Act.tsx';
import type { Note } from '../page/notes.tsx';
import { MethodCard } from '../surface/MethodCard.tsx';
import { WhichTest } from '../surface/WhichTest.tsx';
import { useSight } from '../store/store.ts';
import { FirstTest, TestButton } from '../walkround/FirstTest.tsx';
import { KnownHere } from '../walkround/KnownHere.tsx';
import { StopPage } from '../walkround/StopPage.tsx';
import { useWords } from '../words/Words.tsx';
import { SureRange } from './SureRange.tsx';
import { SystemToChoose } from './SystemToChoose.tsx';
import { TREATMENT_WORDS } from './treatmentWords.ts';
import type { Walk } from './useWalk.ts';
import { WalkTotals } from './WalkTotals.tsx';

const RUB: TestKind = 'spirit-rub';
const KINDS = PRACTICE_TESTS.map(({ kind }) => kind);
const OPTIONS = TREATMENTS.map((t) => [t, TREATMENT_WORDS[t]] as const);

interface Props {
  walk: Walk;
  currency: string;
  at: number;
  /** Goes to another surface, or to the room. */
  onGo: (surface: string | null) => void;
}

/** A stop in a room to practise in, as on a real walk: but what a test shows is drawn, and what goes on it is one's own choice. */
export function PracticeStop({ walk, currency, at, onGo }: Props) {
  const { room } = walk;
  const { inOurWords } = useWords();
  const units = useSight((s) => s.units);
  const [kind, setKind] = useState<TestKind | null>(null);
  const surface = room.surfaces[at]!;
  const { id, name, surface: facts } = surface;
  const settled = walk.settledOn(id);
  const next = room.surfaces[at + 1];
  const { treatAs, departures } = settled;
  const chosenWith = useCallback(
    (otherwise: Departure[]) => treatAs && systemChosen(room, surface, walk.tests, { treatAs, departures: otherwise }),
    [room, surface, walk.tests, treatAs],
  );
  const chosen = useMemo(() => chosenWith(departures), [chosenWith, departures]);
  const reasons = reasonsOf(chosen?.lines ?? []);
  const make = (one: TestKind) => {
    walk.test(id, one);
    setKind(null);
  };
  return (
    <StopPage
      title={inOurWords(name)}
      above={
        <>
          <button type="button" className="min-h-[44px] hover:underline wide:min-h-0" onClick={() => onGo(null)}>
            {room.name}
          </button>{' '}
          › Practice · {at + 1} of {room.surfaces.length} · {sayArea(facts.areaM2 ?? 0, units)}
        </>
      }
      onBack={at === 0 ? null : () => onGo(room.surfaces[at - 1]!.id)}
      onNext={() => onGo(next?.id ?? null)}
      next={
        next
          ? { words: `Next: ${inOurWords(next.name)}`, onGo: () => onGo(next.id) }
          : { words: 'To the room', onGo: () => onGo(null) }
      }
      notes={reasons.notes}
      footing={<WalkTotals walk={walk} currency={currency} />}
    >
      {kind === null ? (
        <FirstTest kind={RUB}>
          <div className="flex flex-wrap items-center gap-2">
            <TestButton onPress={() => make(RUB)}>Rub it, {minutesOf(RUB)} min</TestButton>
            <Chip onPress={() => setKind(KINDS.find((k) => k !== RUB)!)}>Another test …</Chip>
          </div>
        </FirstTest>
      ) : (
        <section aria-label="Another test" className="border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
          <WhichTest kinds={KINDS} kind={kind} onKind={setKind} />
          <MethodCard key={kind} kind={kind} />
          <TestButton onPress={() => make(kind)}>
            {TEST_LABELS[kind]}, {minutesOf(kind)} min
          </TestButton>
          <button type="button" className="ml-2 min-h-[44px] px-2 underline" onClick={() => setKind(null)}>
            Leave it
          </button>
        </section>
      )}
      <div aria-live="polite">
        <KnownHere tests={walk.shownOn(id)} conditions={facts.conditions} />
      </div>
      <div className="mt-5 flex flex-wrap items-end gap-x-6 gap-y-2">
        <Choice
          words="What you would do"
          value={settled.treatAs ?? ''}
          unsaid="not settled yet"
          options={OPTIONS}
          onChoose={(said) =>
            walk.settle(id, { ...settled, treatAs: (said || null) as Treatment | null, departures: [] })
          }
        />
        <SureRange sure={settled.sure} onSay={(sure) => walk.settle(id, { ...settled, sure })} />
      </div>
      {chosen && (
        <SystemToChoose
          key={treatAs}
          surface={surface}
          chosen={chosen}
          refusedIf={(otherwise) => chosenWith(otherwise)?.refused ?? []}
          departures={departures}
          noteOf={reasons.ofLine}
          currency={currency}
          onChange={(otherwise) => walk.settle(id, { ...settled, departures: otherwise })}
        />
      )}
    </StopPage>
  );
}

/** Why each line is there, a reason that several share told once. */
function reasonsOf(lines: SystemChosen['lines']): { notes: Note[]; ofLine: number[] } {
  const texts = lines.map(({ step }) => step.why.join(' '));
  const told = [...new Set(texts)];
  return { notes: told.map((text, i) => ({ n: i + 1, text })), ofLine: texts.map((text) => told.indexOf(text) + 1) };
}

const minutesOf = (kind: TestKind) => PRACTICE_TESTS.find((t) => t.kind === kind)!.minutes;
