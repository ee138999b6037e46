import { useState } from 'react';
import { coatsIn, RESULT_LABELS, TEST_RESULTS, type Family } from '@rustic/core';
import { now, nowText } from '../clock/clock.ts';
import { FilePick } from '../form/FilePick.tsx';
import { PicturesOf } from '../patchPicture/PicturesOf.tsx';
import { PicturePatches, picturedNow, type Pictured } from '../patchPicture/PicturePatches.tsx';
import { ShownOverTime, type Shown } from '../patchPicture/ShownOverTime.tsx';
import { Refused } from '../page/Refused.tsx';
import { newId } from '../store/newId.ts';
import { type LaidPatches, useLaidPatchesQuery, useRecordTestMutation } from '../store/endpoints.ts';
import { capital } from '../words/figures.ts';
import { minuteOf, nowMinute, sayFromNow, sayLength } from '../words/time.ts';
import { useWords } from '../words/Words.tsx';

type Read = LaidPatches['reads'][number];

/** Where patches lie: what a photo of them is kept with. */
interface On {
  jobId: string;
  roomId: string;
  surfaceId: string;
}

/** The patches on a surface: when to look, and what each showed; a look is one tap a patch. */
export function PatchesLaid(on: On) {
  const { surfaceId } = on;
  const { data } = useLaidPatchesQuery(surfaceId);
  if (!data?.patches.length) return null;
  return (
    <section aria-label="Patches laid" className="mt-4">
      {data.patches.map((laid) => (
        <Laid key={laid.id} laid={laid} on={on} />
      ))}
    </section>
  );
}

function Laid({ laid, on }: { laid: LaidPatches; on: On }) {
  const { surfaceId } = on;
  const { sayTime } = useWords();
  const [pictured, setPictured] = useState<Pictured | null>(null);
  const coats = laid.pictures.at(-1)?.coats ?? laid.coats;
  const most = Math.max(0, ...laid.pictures.flatMap((p) => p.shows.map((s) => s.difference)));
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
        coats,
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
        {laid.families.map((family, i) => (
          <PatchOf
            key={family}
            family={family}
            reads={laid.reads.filter((r) => r.family === family)}
            seen={laid.seen.find((s) => s.family === family)?.words}
            shown={laid.pictures.map(({ minutes, coats, shows }) => ({ minutes, coats, ...shows[i]! }))}
            most={most}
            busy={recording.isLoading}
            onGive={(result) => give(family, result)}
          />
        ))}
      </ul>
      <Refused error={recording.error} />
      {pictured ? (
        <PicturePatches key={pictured.at} {...on} laid={laid} pictured={pictured} onDone={() => setPictured(null)} />
      ) : (
        <div className="no-print mt-2 flex flex-wrap items-end gap-x-4 gap-y-2">
          <FilePick accept="image/*" look="quiet" onPick={(file) => setPictured(picturedNow(file))}>
            Measure them in a photo
          </FilePick>
          <PicturesOf laid={laid} onAgain={setPictured} />
        </div>
      )}
    </div>
  );
}

interface PatchProps {
  family: Family;
  reads: readonly Read[];
  /** What its pictures say, and what was measured in them. */
  seen: string | undefined;
  shown: readonly Shown[];
  /** The most that any patch beside it showed: all are drawn to one measure. */
  most: number;
  busy: boolean;
  onGive: (result: string) => void;
}

function PatchOf({ family, reads, seen, shown, most, busy, onGive }: PatchProps) {
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
      {seen && (
        <div className="mt-1 flex flex-wrap items-center gap-x-4">
          <ShownOverTime shown={shown} most={most} />
          <p className="max-w-[52ch] text-sm">{seen}</p>
        </div>
      )}
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
