import { useState } from 'react';
import { type SketchPlace, testWords } from '@rustic/core';
import type { Photo, TestRow } from '../store/endpoints.ts';
import { PhotoRefused } from './PhotoRefused.tsx';
import { SameStand } from './SameStand.tsx';
import { useKeptPhoto } from './useKeptPhoto.ts';
import { useWords } from '../words/Words.tsx';
import { FilePick } from '../form/FilePick.tsx';

interface Props {
  jobId: string;
  roomId: string;
  surfaceId?: string;
  testId?: string;
  mark?: SketchPlace | null;
  words?: string;
}

/** Takes or chooses a photo, makes it small in a worker, and keeps it with what it shows. */
export function AddPhoto({ jobId, roomId, surfaceId, testId, mark, words = 'Photo' }: Props) {
  const kept = useKeptPhoto();
  const { send, reading, sending } = kept;
  const busy = reading || sending;
  return (
    <div className="no-print">
      <FilePick
        accept="image/*"
        look="quiet"
        disabled={busy}
        onPick={(file) => void send(file, { jobId, roomId, surfaceId, testId, mark })}
      >
        {reading ? 'Reading the photo …' : sending ? 'Sending …' : words}
      </FilePick>
      <PhotoRefused kept={kept} />
    </div>
  );
}

interface KeptProps {
  photos: readonly Photo[];
  tests?: readonly TestRow[];
  /** Of which job and room: then one can be taken again, from the same stand. */
  again?: { jobId: string; roomId: string };
}

/** Photos kept, each with who took it, when, and the test it shows. */
export function Photos({ photos, tests = [], again }: KeptProps) {
  const { sayTime } = useWords();
  const [first, setFirst] = useState<Photo | null>(null);
  const kept = useKeptPhoto();
  const { send, reading, sending } = kept;
  if (photos.length === 0) return null;
  const shown = (p: Photo) => tests.find((t) => t.id === p.testId);
  const take = async (file: File) => {
    if (!first || !again) return;
    const { surfaceId, mark, at } = first;
    const id = await send(file, { ...again, surfaceId, mark, note: `From the same stand as ${sayTime(at)}` });
    if (id) setFirst(null);
  };
  return (
    <>
      <ul className="mt-2 flex flex-wrap gap-3">
        {photos.map((p) => (
          <li key={p.id} className="w-[148px]">
            <a href={`/api/photos/${p.id}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/photos/${p.id}`}
                alt={p.note || `Photo by ${p.byName}, ${sayTime(p.at)}`}
                loading="lazy"
                className="h-[104px] w-full border border-strong object-cover"
              />
            </a>
            <span className="block text-[12.5px] text-faded">
              {shown(p) && <span className="block text-ink">{testWords(shown(p)!.test)}</span>}
              {p.byName}, {sayTime(p.at)}
            </span>
            {again && (
              <button
                type="button"
                className="no-print min-h-[44px] text-[12.5px] underline wide:min-h-[26px]"
                onClick={() => setFirst(p)}
              >
                Again from this stand
              </button>
            )}
          </li>
        ))}
      </ul>
      {first && (
        <SameStand
          key={first.id}
          before={first}
          busy={reading || sending}
          onTaken={(file) => void take(file)}
          onLeave={() => setFirst(null)}
        />
      )}
      <PhotoRefused kept={kept} />
    </>
  );
}
