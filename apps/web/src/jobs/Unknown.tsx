import { Link } from 'react-router';
import { TEST_LABELS } from '@rustic/core';
import { Mark, NotesUnder } from '../page/notes.tsx';
import { sayRoundMoney, isTold } from '../words/figures.ts';
import type { WholeJob } from '../store/endpoints.ts';

const SHOWN = 3;

/** What is still unknown, in money, before any price is believed; and the tests that would tell most. */
export function Unknown({ data, currency, ofTest }: { data: WholeJob; currency: string; ofTest: Map<string, number> }) {
  const { atStake, tests, more } = data.unknown;
  if (data.surfaces.length === 0) return null;
  const rest = tests.length - SHOWN + more;
  return (
    <section aria-labelledby="unknown" className="mb-5 border border-dashed border-ochre bg-wash px-3 py-2.5">
      <h2 id="unknown" className="text-[17px]">
        {tests.length === 0
          ? 'Stop testing: another test would cost more than it saves'
          : isTold(atStake)
            ? `${sayRoundMoney(atStake, currency)} of this cost rests on what nobody has tested`
            : 'Something of this rests on what nobody has tested'}
      </h2>
      {tests.length > 0 && (
        <table className="mt-1 w-full border-collapse text-[14.5px]">
          <thead className="sr-only">
            <tr>
              <th>test</th>
              <th>minutes</th>
              {isTold(atStake) && <th>worth</th>}
            </tr>
          </thead>
          <tbody>
            {tests.slice(0, SHOWN).map((t) => {
              const surface = data.surfaces.find((s) => s.id === t.surfaceId)!;
              const key = `${t.surfaceId}/${t.kind}`;
              return (
                <tr key={key} className="border-b border-rule last:border-0">
                  <td className="py-1.5">
                    <Link
                      to={`/jobs/${data.job.id}/walk?surface=${t.surfaceId}`}
                      className="font-semibold hover:underline"
                    >
                      {TEST_LABELS[t.kind]}, {surface.name}
                    </Link>
                    <Mark n={ofTest.get(key)!} />
                    {t.alsoTells > 0 && <span className="text-faded"> speaks for {t.alsoTells} more</span>}
                    <NotesUnder ns={[ofTest.get(key)!]} />
                  </td>
                  <td className="py-1.5 text-right whitespace-nowrap">{t.minutes} min</td>
                  {isTold(t.expectedSaving) && (
                    <td className="w-24 py-1.5 text-right">{sayRoundMoney(t.expectedSaving, currency)}</td>
                  )}
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
      {rest > 0 && (
        <p className="mt-1 text-sm text-faded">and {rest} more that pay; the walk-round takes them in order</p>
      )}
    </section>
  );
}

/** The note of each test shown: why, and what it is worth. */
export function unknownNotes(data: WholeJob, currency: string, first: number) {
  return data.unknown.tests.slice(0, SHOWN).map((t, i) => ({
    key: `${t.surfaceId}/${t.kind}`,
    note: {
      n: first + i,
      text: !isTold(t.expectedSaving)
        ? t.why
        : `${t.why} Knowing is worth about ${sayRoundMoney(t.expectedSaving, currency)}: what it costs to be wrong, by the odds, on every surface that hears of it.`,
    },
  }));
}
