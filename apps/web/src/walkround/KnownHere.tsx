import { CONDITION_LABELS, testWords, type Condition, type TestRecord } from '@rustic/core';

interface Props<T extends { test: TestRecord }> {
  tests: readonly T[];
  conditions: readonly Condition[];
  /** What pressing a test does; nothing where it stands as it is. */
  press?: { title: string; onTest: (row: T) => void };
}

const BOX = 'min-h-[44px] rounded-sm border px-2.5';

/** What is known of a surface by now: its tests, and its conditions. */
export function KnownHere<T extends { test: TestRecord }>({ tests, conditions, press }: Props<T>) {
  if (tests.length + conditions.length === 0) return null;
  return (
    <ul className="mt-4 flex flex-wrap gap-2 text-[14.5px]" aria-label="Known here">
      {tests.map((row, i) => {
        const words = (
          <>
            {testWords(row.test)}
            {row.test.place && <span className="text-faded">, {row.test.place}</span>}
          </>
        );
        return (
          <li key={i} className={press ? '' : `${BOX} flex items-center border-strong bg-leaf`}>
            {press ? (
              <button
                type="button"
                title={press.title}
                className={`${BOX} border-strong bg-leaf text-left hover:underline`}
                onClick={() => press.onTest(row)}
              >
                {words}
              </button>
            ) : (
              <span>{words}</span>
            )}
          </li>
        );
      })}
      {conditions.map((c) => (
        <li key={c} className={`${BOX} flex items-center border-rule`}>
          {CONDITION_LABELS[c]}
        </li>
      ))}
    </ul>
  );
}
