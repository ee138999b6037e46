import { useState } from 'react';
import { placeOnWall, type SketchPlace } from '@rustic/core';
import type { DamagePage } from '../store/endpoints.ts';
import { Chip } from '../page/Act.tsx';
import { useWords } from '../words/Words.tsx';
import { MarkedPhoto } from './MarkedPhoto.tsx';
import { SetFrame } from './SetFrame.tsx';

interface Props {
  data: DamagePage;
  mayMark: boolean;
  /** A place of the wall, tapped in a photo of it. */
  onPlace: (place: SketchPlace) => void;
}

/** The marks in the photos of the surface: a photo is set to its part of the wall once, and is tapped like the sketch. */
export function PhotoMarks({ data, mayMark, onPlace }: Props) {
  const { photos, walls, surface } = data;
  const { sayTime } = useWords();
  const [chosen, setChosen] = useState<string | null>(null);
  const [anew, setAnew] = useState(false);
  const [beside, setBeside] = useState(false);
  if (photos.length === 0 || walls.length === 0) return null;
  const photo = photos.find((p) => p.id === chosen);
  const frame = anew ? null : photo?.frame;
  const choose = (id: string) => {
    setChosen(chosen === id ? null : id);
    setAnew(false);
    setBeside(false);
  };
  return (
    <section aria-label="On a photo" className="mt-4">
      <h2 className="border-b-2 border-ink text-[18px]">On a photo</h2>
      <div role="group" aria-label="Which photo" className="my-2 flex flex-wrap gap-1.5">
        {photos.map(({ id, note, byName, at }) => (
          <Chip key={id} pressed={id === chosen} onPress={() => choose(id)}>
            {note || `${byName}, ${sayTime(at)}`}
          </Chip>
        ))}
      </div>
      {photo && frame && (
        <>
          <MarkedPhoto
            photo={photo}
            frame={frame}
            marks={data.marks}
            {...(mayMark
              ? {
                  onTap: (point) => {
                    const place = placeOnWall(frame, point, walls);
                    setBeside(place === null);
                    if (place) onPlace(place);
                  },
                }
              : {})}
          />
          <p className="mt-1 text-sm text-faded" role="status">
            {beside ? 'That lies beside the wall: nothing was marked. ' : mayMark && 'Tap where it is. '}
            {mayMark && (
              <button type="button" className="min-h-[44px] underline wide:min-h-[26px]" onClick={() => setAnew(true)}>
                Set its corners anew
              </button>
            )}
          </p>
        </>
      )}
      {photo && !frame && mayMark && (
        <SetFrame
          key={photo.id}
          photoId={photo.id}
          surfaceId={surface.id}
          walls={walls}
          before={photo.frame}
          onSet={() => setAnew(false)}
        />
      )}
      {photo && !frame && !mayMark && <p>Nobody has set yet what of the wall it shows.</p>}
    </section>
  );
}
