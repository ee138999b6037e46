import { useState } from 'react';
import { type SketchPlace, testWords } from '@rustic/core';
import { Refused } from '../page/Page.tsx';
import { resized } from './resize.ts';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { type Photo, type TestRow, useKeepPhotoMutation } from '../store/endpoints.ts';
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
  const [keep, { isLoading, error }] = useKeepPhotoMutation();
  const [refused, setRefused] = useState<string | null>(null);
  const [reading, setReading] = useState(false);
  const send = async (file: File) => {
    setRefused(null);
    setReading(true);
    const picture = await resized(file);
    setReading(false);
    if ('refused' in picture) return setRefused(picture.refused);
    await keep({
      jobId,
      id: newId(),
      body: picture,
      roomId,
      at: nowText(),
      ...(surfaceId ? { surfaceId } : {}),
      ...(testId ? { testId } : {}),
      ...mark,
    });
  };
  const busy = reading || isLoading;
  return (
    <div className="no-print">
      <FilePick accept="image/*" look="quiet" disabled={busy} onPick={(file) => void send(file)}>
        {reading ? 'Reading the photo …' : isLoading ? 'Sending …' : words}
      </FilePick>
      {refused && (
        <p role="alert" className="mt-1 border-l-4 border-madder pl-3 text-sm font-semibold">
          {refused}
        </p>
      )}
      <Refused error={error} />
    </div>
  );
}

/** Photos kept, each with who took it, when, and the test it shows. */
export function Photos({ photos, tests = [] }: { photos: readonly Photo[]; tests?: readonly TestRow[] }) {
  const { sayTime } = useWords();
  if (photos.length === 0) return null;
  const shown = (p: Photo) => tests.find((t) => t.id === p.testId);
  return (
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
        </li>
      ))}
    </ul>
  );
}
