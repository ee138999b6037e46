import { useState } from 'react';
import type { LaidPatches } from '../store/endpoints.ts';
import { sayLength } from '../words/time.ts';
import type { Pictured } from './PicturePatches.tsx';

interface Props {
  laid: LaidPatches;
  /** A photo that is kept is set anew. */
  onAgain: (pictured: Pictured) => void;
}

/** The photos of patches that were measured, each by its age; their corners can be set again. */
export function PicturesOf({ laid, onAgain }: Props) {
  const [refused, setRefused] = useState(false);
  const again = async ({ photoId, at, setting, coats }: LaidPatches['pictures'][number]) => {
    const photo = await fetch(`/api/photos/${photoId}`).catch(() => null);
    setRefused(!photo?.ok);
    if (photo?.ok) onAgain({ file: new File([await photo.blob()], photoId), photoId, at, setting, coats });
  };
  return (
    <>
      <ul className="flex flex-wrap gap-2">
        {laid.pictures.map((picture) => (
          <li key={picture.id}>
            <button
              type="button"
              className="block text-left text-sm text-faded hover:text-ink hover:underline"
              title="Set its corners again"
              onClick={() => void again(picture)}
            >
              <img
                src={`/api/photos/${picture.photoId}`}
                alt=""
                loading="lazy"
                className="h-[44px] w-[72px] border border-strong object-cover"
              />
              {sayLength(picture.minutes)}
            </button>
          </li>
        ))}
      </ul>
      {refused && (
        <p role="alert" className="text-sm font-semibold">
          The photo cannot be fetched now. What was measured in it stands.
        </p>
      )}
    </>
  );
}
