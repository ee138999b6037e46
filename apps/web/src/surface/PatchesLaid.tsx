import { coatsIn, RESULT_LABELS, TEST_RESULTS, type Family } from '@rustic/core';
import { now, nowText } from '../clock/clock.ts';
import { Refused } from '../page/Refused.tsx';
import { newId } from '../store/newId.ts';
import { type LaidPatches, useLaidPatchesQuery, useRecordTestMutation } from '../store/endpoints.ts';
import { capital } from '../words/figures.ts';
import { sayFromNow, sayLength, nowMinute } from '../words/time.ts';
import { useWords } from '../words/Words.tsx';

type Read = LaidPatches['reads'][number];
const minuteOf = (iso: string) => Math.round(Date.parse(iso) / 60_000);

/** The patches on a surface: when to look, and what each showed; a look is one tap a patch. */
export function PatchesLaid({ surfaceId }: { surfaceId: string }) {
  const { data } = useLaidPatchesQuery(surfaceId);
  if (!data?.patches.length) return null;
  return (
    <section aria-label="Patches laid" className="mt-4">
      {data.patches.map((laid) => (
        <Laid key={laid.id} laid={laid} surfaceId={surfaceId} />
      ))}
    </section>
  );
}

function Laid({ laid, surfaceId }: { laid: LaidPatches; surfaceId: string }) {
  const { sayTime } = useWords();
  const [record, recording] = useRecordTestMutation();
  const { next } = laid;
  const age = Math.max(0, Math.round((now() - Date.parse(laid.at)) / 60_000));
  const give = (family: Family, result: string) =>
    void record({
      surfaceId,
      id: newId(),
      at: nowText(),
      test: {
        kind: 'test-patch',
        result,
        family,
        coats: laid.coats,
        minutes: age,
        ...(laid.place ? { place: laid.place } : {}),
      },
    });
  return (
    <div className="mb-4">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">
        Patches{laid.place && `, ${laid.place}`}
        <span className="ml-2 font-sans text-sm font-normal text-faded">
          {coatsIn(laid.coats)} each, laid {sayTime(laid.at)}, {sayLength(age)} ago
        </span>
      </h2>
      <p
        className={`py-1 text-sm ${next && minuteOf(next.due) <= nowMinute() ? 'font-semibold text-ochre-ink' : 'text-faded'}`}
      >
        {next
          ? minuteOf(next.due) <= nowMinute()
            ? `Look now. ${next.words}`
            : `Look ${sayFromNow(minuteOf(next.due), nowMinute())}, ${sayTime(next.due)}. ${next.words}`
          : 'Every look is made.'}
      </p>
      <ul>
        {laid.families.map((family) => (
          <PatchOf
            key={family}
            family={family}
            reads={laid.reads.filter((r) => r.family === family)}
            busy={recording.isLoading}
            onGive={(result) => give(family, result)}
          />
        ))}
      </ul>
      <Refused error={recording.error} />
    </div>
  );
}

interface PatchProps {
  family: Family;
  reads: readonly Read[];
  busy: boolean;
  onGive: (result: string) => void;
}

function PatchOf({ family, reads, busy, onGive }: PatchProps) {
  const { sayFamily } = useWords();
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <strong className="font-semibold">{capital(sayFamily(family))}</strong>
        <span className="text-sm text-faded">
          {reads.length
            ? reads.map((r) => `${RESULT_LABELS[r.result]} after ${sayLength(r.minutes)}`).join('; ')
            : 'not looked at yet'}
        </span>
      </div>
      <div className="mt-1 flex flex-wrap gap-1.5" role="group" aria-label={`What ${sayFamily(family)} shows now`}>
        {TEST_RESULTS['test-patch'].map((result) => (
          <button
            key={result}
            type="button"
            disabled={busy}
            className="min-h-[44px] rounded border border-strong bg-leaf px-3 text-sm hover:border-ink disabled:opacity-50 wide:min-h-[34px]"
            onClick={() => onGive(result)}
          >
            {capital(RESULT_LABELS[result] ?? result)}
          </button>
        ))}
      </div>
    </li>
  );
}
