import { useState } from 'react';
import { Refused } from '../page/Page.tsx';
import { PhotoRefused } from '../photos/PhotoRefused.tsx';
import { SameStand } from '../photos/SameStand.tsx';
import { useKeptPhoto } from '../photos/useKeptPhoto.ts';
import { newId } from '../store/newId.ts';
import { type Photo, type PricePage, useJobQuery, usePutClientPhotosMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { useDraft } from '../form/useDraft.ts';

type Pair = NonNullable<PricePage['job']['clientPhotos']>[number];

/** Photos that the client is shown: chosen one by one, and paired once there is a later one from the same stand. */
export function PhotosForClient({ data }: { data: PricePage }) {
  const { data: whole } = useJobQuery(data.job.id);
  const [put, { data: kept, isLoading, error }] = usePutClientPhotosMutation();
  const [standing, setStanding] = useState<Pair | null>(null);
  const photos = useKeptPhoto();
  const [asked, setAsked] = useState<{ after: string } | 'before' | null>(null);
  if (!whole || whole.photos.length === 0) return null;
  const { version, clientPhotos } = kept && kept.version > data.job.version ? kept : data.job;
  const chosen = clientPhotos ?? [];
  const keep = (all: Pair[]) => void put({ jobId: data.job.id, id: newId(), version, clientPhotos: all });
  const photo = (id: string) => whole.photos.find((p) => p.id === id);
  const surfaceName = (of: Photo) => whole.surfaces.find((s) => s.id === of.surfaceId)?.name ?? '';
  const leftOut = data.draft.leftOut.map((l) => `${l.name}${l.whole ? '' : `: ${l.words}`}, left out`);
  const change = (id: string, part: Partial<Pair>) => keep(chosen.map((c) => (c.id === id ? { ...c, ...part } : c)));
  const pick = (picked: Photo) => {
    if (asked === 'before')
      keep([...chosen, { id: newId(), before: picked.id, after: null, words: picked.note || surfaceName(picked) }]);
    else if (asked) change(asked.after, { after: picked.id });
    setAsked(null);
  };
  const first = standing && photo(standing.before);
  const take = async (file: File) => {
    if (!first) return;
    const { roomId, surfaceId, mark } = first;
    const after = await photos.send(file, { jobId: data.job.id, roomId, surfaceId, mark });
    if (!after) return;
    change(standing.id, { after });
    setStanding(null);
  };
  const used = new Set(chosen.flatMap((c) => [c.before, c.after]));
  return (
    <section aria-labelledby="for-client" className="no-print mt-5">
      <h2 id="for-client" className="text-[19px]">
        Photos for the client
      </h2>
      {chosen.length === 0 && (
        <p className="text-faded">None is shown yet: the client sees only what is chosen here.</p>
      )}
      <ul>
        {chosen.map((pair) => (
          <li key={pair.id} className="flex flex-wrap items-start gap-3 border-b border-rule py-2">
            <Thumb photo={photo(pair.before)} words="before" />
            {pair.after ? (
              <Thumb photo={photo(pair.after)} words="after" />
            ) : (
              <span className="flex flex-col">
                <button
                  type="button"
                  className="h-[56px] w-[128px] border border-dashed border-strong text-sm hover:border-ink"
                  onClick={() => setAsked({ after: pair.id })}
                >
                  Choose the one after
                </button>
                <button
                  type="button"
                  className="min-h-[44px] text-sm underline wide:min-h-[36px]"
                  onClick={() => setStanding(pair)}
                >
                  Take it now
                </button>
              </span>
            )}
            <PairWords pair={pair} offered={leftOut} onKeep={(words) => change(pair.id, { words })} />
            <span className="ml-auto flex flex-col items-end">
              {pair.after && (
                <button
                  type="button"
                  className="min-h-[44px] text-sm underline wide:min-h-[30px]"
                  onClick={() => change(pair.id, { after: null })}
                >
                  Another after
                </button>
              )}
              <button
                type="button"
                className="min-h-[44px] text-sm underline wide:min-h-[30px]"
                aria-label={`Do not show ${pair.words || 'this one'}`}
                onClick={() => keep(chosen.filter((c) => c.id !== pair.id))}
              >
                Do not show it
              </button>
            </span>
          </li>
        ))}
      </ul>
      {first && (
        <SameStand
          key={first.id}
          before={first}
          busy={photos.reading || photos.sending}
          onTaken={(file) => void take(file)}
          onLeave={() => setStanding(null)}
        />
      )}
      {asked ? (
        <fieldset disabled={isLoading} className="mt-2">
          <legend className="text-sm">
            {asked === 'before' ? 'As it was found: which one?' : 'As it was left, from the same stand: which one?'}
          </legend>
          <ul className="flex flex-wrap gap-2">
            {whole.photos
              .filter((p) => !used.has(p.id))
              .map((p) => (
                <li key={p.id}>
                  <button type="button" className="hover:outline-2" onClick={() => pick(p)}>
                    <Thumb photo={p} words={p.note || surfaceName(p)} />
                  </button>
                </li>
              ))}
          </ul>
          <button type="button" className="min-h-[44px] underline" onClick={() => setAsked(null)}>
            Leave it
          </button>
        </fieldset>
      ) : (
        used.size < whole.photos.length && (
          <button type="button" className="min-h-[44px] underline" onClick={() => setAsked('before')}>
            Choose a photo
          </button>
        )
      )}
      <PhotoRefused kept={photos} />
      <Refused error={error} />
    </section>
  );
}

function Thumb({ photo, words }: { photo: Photo | undefined; words: string }) {
  const { sayTime } = useWords();
  if (!photo) return null;
  return (
    <span className="block w-[128px] text-left">
      <img
        src={`/api/photos/${photo.id}`}
        alt={`${words || 'Photo'}, ${sayTime(photo.at)}`}
        loading="lazy"
        className="h-[96px] w-full border border-strong object-cover"
      />
      <span aria-hidden className="block truncate text-[12.5px] text-faded">
        {words || sayTime(photo.at)}
      </span>
    </span>
  );
}

/** What stands under the pair; parts that are left out are offered. */
function PairWords({
  pair,
  offered,
  onKeep,
}: {
  pair: Pair;
  offered: readonly string[];
  onKeep: (words: string) => void;
}) {
  const draft = useDraft(`client-photo/${pair.id}`, { words: pair.words });
  return (
    <label className="min-w-[180px] flex-1 text-sm">
      What it shows
      <input
        {...draft.form.register('words')}
        maxLength={200}
        list={`shows-${pair.id}`}
        className="block w-full"
        onBlur={() => draft.said.words.trim() !== pair.words && onKeep(draft.said.words.trim())}
      />
      <datalist id={`shows-${pair.id}`}>
        {offered.map((words) => (
          <option key={words} value={words} />
        ))}
      </datalist>
    </label>
  );
}
