import {
  PRACTICE_TESTS,
  sayArea,
  TEST_LABELS,
  testWords,
  TREATMENTS,
  type PracticeSurface,
  type TestKind,
  type TestRecord,
  type Treatment,
} from '@rustic/core';
import { Choice } from '../form/atOnce.tsx';
import { MethodCard } from '../surface/MethodCard.tsx';
import { SureRange } from './SureRange.tsx';
import { TREATMENT_WORDS } from './treatmentWords.ts';
import { useWords } from '../words/Words.tsx';
import { useSight } from '../store/store.ts';

/** What somebody settles for on one surface; nothing yet: null. */
export interface Settled {
  treatAs: Treatment | null;
  sure: number;
}

interface Props {
  surface: PracticeSurface;
  tests: readonly TestRecord[];
  settled: Settled;
  isOpen: boolean;
  onOpen: () => void;
  onTest: (kind: TestKind) => void;
  onSettle: (settled: Settled) => void;
}

const OPTIONS = TREATMENTS.map((t) => [t, TREATMENT_WORDS[t]] as const);

/** One surface of a room to practise in: its tests, what they showed, and what is settled for. */
export function SurfaceToJudge({ surface, tests, settled, isOpen, onOpen, onTest, onSettle }: Props) {
  const units = useSight((s) => s.units);
  const { inOurWords } = useWords();
  const { name, surface: facts } = surface;
  const last = tests.at(-1);
  return (
    <li className="border-b border-rule py-2">
      <button
        type="button"
        aria-expanded={isOpen}
        className="flex min-h-[44px] w-full flex-wrap items-baseline justify-between gap-x-4 text-left wide:min-h-[34px]"
        onClick={onOpen}
      >
        <strong className="font-serif text-[17px] font-semibold">
          {inOurWords(name)}
          <span className="ml-2 font-sans text-sm font-normal text-faded">{sayArea(facts.areaM2 ?? 0, units)}</span>
        </strong>
        <span className="text-sm text-faded">
          {settled.treatAs
            ? `${TREATMENT_WORDS[settled.treatAs]}, ${Math.round(settled.sure * 100)} in 100`
            : tests.length
              ? 'not settled yet'
              : 'not tested, not settled'}
        </span>
      </button>
      {tests.length > 0 && (
        <ul className="mb-1 flex flex-wrap gap-2" aria-live="polite">
          {tests.map((t, i) => (
            <li key={i} className="rounded-sm border border-strong bg-leaf px-2.5 py-0.5">
              {testWords(t)}
            </li>
          ))}
        </ul>
      )}
      {isOpen && (
        <div className="pt-1 pb-2">
          <div className="flex flex-wrap gap-2" role="group" aria-label={`Test ${inOurWords(name)}`}>
            {PRACTICE_TESTS.map(({ kind, minutes }) => (
              <button
                key={kind}
                type="button"
                className="min-h-[44px] rounded border border-strong bg-leaf px-3 text-[15px] hover:border-ink wide:min-h-[34px]"
                onClick={() => onTest(kind)}
              >
                {TEST_LABELS[kind]}, {minutes} min
              </button>
            ))}
          </div>
          {last && (
            <div className="mt-3">
              <MethodCard key={last.kind} kind={last.kind} />
            </div>
          )}
          <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
            <Choice
              words="What you would do"
              value={settled.treatAs ?? ''}
              unsaid="not settled yet"
              options={OPTIONS}
              onChoose={(treatAs) => onSettle({ ...settled, treatAs: (treatAs || null) as Treatment | null })}
            />
            <SureRange sure={settled.sure} onSay={(sure) => onSettle({ ...settled, sure })} />
          </div>
        </div>
      )}
    </li>
  );
}
