import { useState } from 'react';
import type { PatchSetting } from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { Typed } from '../form/atOnce.tsx';
import { Act } from '../page/Act.tsx';
import { Refused } from '../page/Refused.tsx';
import { resized } from '../photos/resize.ts';
import { newId } from '../store/newId.ts';
import { type LaidPatches, useKeepPatchPictureMutation, useKeepPhotoMutation } from '../store/endpoints.ts';
import { capital } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';
import { SetPicture } from './SetPicture.tsx';
import { UNSET } from './setting.ts';
import { useMeasured } from './useMeasured.ts';

/** A picture that is being set: a file of this device, or a photo that is kept already. */
export interface Pictured {
  file: File;
  /** The photo's id, where it is kept. */
  photoId?: string;
  at: string;
  setting?: PatchSetting;
  coats?: number;
}

interface Props {
  laid: LaidPatches;
  pictured: Pictured;
  jobId: string;
  roomId: string;
  surfaceId: string;
  onDone: () => void;
}

/** What shows through each patch is measured in a picture of them, while its corners are drawn to their places. */
export function PicturePatches({ laid, pictured, jobId, roomId, surfaceId, onDone }: Props) {
  const { sayFamily } = useWords();
  const before = laid.pictures.at(-1);
  const [setting, setSetting] = useState(pictured.setting ?? before?.setting ?? UNSET);
  const [coats, setCoats] = useState(String(pictured.coats ?? before?.coats ?? laid.coats));
  const [keepPhoto, photoKept] = useKeepPhotoMutation();
  const [keepPicture, pictureKept] = useKeepPatchPictureMutation();
  const [refused, setRefused] = useState<string | null>(null);
  const measured = useMeasured(pictured.file, setting, laid.families.length);
  const shows = Array.isArray(measured) ? measured : null;
  const isRead = shows !== null && /^[1-4]$/.test(coats.trim());
  const keep = async () => {
    if (!shows) return;
    let { photoId } = pictured;
    if (!photoId) {
      const body = await resized(pictured.file);
      if ('refused' in body) return setRefused(body.refused);
      photoId = newId();
      const kept = await keepPhoto({ jobId, id: photoId, body, roomId, surfaceId, at: pictured.at });
      if ('error' in kept) return;
    }
    const said = { photoId, setting, coats: Number(coats), shows, at: pictured.at };
    const kept = await keepPicture({ surfaceId, patchId: laid.id, id: newId(), ...said });
    if (!('error' in kept)) onDone();
  };
  return (
    <section aria-label="A picture of the patches" className="my-3 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
      <p className="mb-2 max-w-[62ch] text-sm">
        Draw the corners to the corners of the patches, and the two broken lines to the edges of the strong colour.
        Plain ground has to stay above it or below it: each primer is held against itself.
      </p>
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        <SetPicture file={pictured.file} setting={setting} count={laid.families.length} onSet={setSetting} />
        <div className="min-w-[220px]">
          <table className="text-[15px]">
            <caption className="pb-1 text-left text-sm text-faded">What shows through, now</caption>
            <tbody>
              {laid.families.map((family, i) => (
                <tr key={family}>
                  <td className="pr-2 text-faded">{i + 1}</td>
                  <td className="pr-4">{capital(sayFamily(family))}</td>
                  <td className="text-right font-semibold">{shows?.[i]?.difference.toFixed(1) ?? '–'}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-1 max-w-[34ch] text-sm text-faded">
            A difference of colour: from about 1 an eye tells it, from 2 on it has still to be hidden.
          </p>
          {measured === null && <p className="mt-2 text-sm">Reading the picture …</p>}
          {measured && 'unread' in measured && (
            <p role="alert" className="mt-2 max-w-[34ch] border-l-4 border-ochre pl-3 text-sm font-semibold">
              {measured.unread}
            </p>
          )}
          <Typed
            words="Coats on them by now"
            value={coats}
            onType={setCoats}
            inputMode="numeric"
            maxLength={1}
            width="w-20"
          />
        </div>
      </div>
      {refused && (
        <p role="alert" className="mt-2 border-l-4 border-madder pl-3 text-sm font-semibold">
          {refused}
        </p>
      )}
      <Refused error={photoKept.error ?? pictureKept.error} />
      <div className="mt-3 flex gap-2">
        <Act
          words={photoKept.isLoading || pictureKept.isLoading ? 'Being kept …' : 'Keep it'}
          main
          disabled={!isRead || photoKept.isLoading || pictureKept.isLoading}
          onAct={() => void keep()}
        />
        <Act words="Leave" onAct={onDone} />
      </div>
    </section>
  );
}

/** The moment that a file from this device is of: now. */
export const picturedNow = (file: File): Pictured => ({ file, at: nowText() });
