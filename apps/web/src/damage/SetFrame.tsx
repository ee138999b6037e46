import { useRef, useState } from 'react';
import { cornersRefused, type Corners, type PhotoFrame, type SketchWall } from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { CornerLines } from '../drawing/CornerLines.tsx';
import { Handle } from '../drawing/Handle.tsx';
import { Button } from '../form/Button.tsx';
import { Choice } from '../form/atOnce.tsx';
import { Refused } from '../page/Refused.tsx';
import { CORNERS, UNSET } from '../patchPicture/setting.ts';
import { newId } from '../store/newId.ts';
import { useFramePhotoMutation } from '../store/endpoints.ts';

interface Props {
  photoId: string;
  surfaceId: string;
  walls: readonly SketchWall[];
  /** As it was set before. */
  before: PhotoFrame | null;
  onSet: () => void;
}

/** A part of a wall whose corners can be found in a photo: the whole of it, or what is cut into it. */
interface WallPart {
  words: string;
  wall: number;
  part: PhotoFrame['part'];
}

const partsOf = (walls: readonly SketchWall[]): WallPart[] =>
  walls.flatMap(({ widthM, heightM, openings }, wall) => {
    const on = walls.length > 1 ? ` on wall ${wall + 1}` : '';
    return [
      {
        words: walls.length > 1 ? `the whole of wall ${wall + 1}` : 'the whole wall',
        wall,
        part: { x: 0, y: 0, widthM, heightM },
      },
      ...openings.map(({ kind, x, y, widthM: wide, heightM: high }) => ({
        words: `the ${kind}${on}`,
        wall,
        part: { x, y, widthM: wide, heightM: high },
      })),
    ];
  });

/** Four corners in a photo, and what of the wall they are the corners of. */
export function SetFrame({ photoId, surfaceId, walls, before, onSet }: Props) {
  const picture = useRef<HTMLDivElement>(null);
  const parts = partsOf(walls);
  const [corners, setCorners] = useState<Corners>(before?.corners ?? UNSET.corners);
  const [at, setAt] = useState(0);
  const [send, { isLoading, error }] = useFramePhotoMutation();
  const crossed = cornersRefused(corners);
  const keep = async () => {
    const { wall, part } = parts[at]!;
    const sent = await send({ surfaceId, id: newId(), photoId, corners, wall, part, at: nowText() });
    if (sent.data) onSet();
  };
  return (
    <>
      <p className="mb-2">Draw the rings to four corners that you know on the wall, and say of what.</p>
      <div ref={picture} className="relative w-full max-w-[640px] overflow-hidden border border-strong select-none">
        <img src={`/api/photos/${photoId}`} alt="The wall, as photographed" className="block w-full" />
        <CornerLines corners={corners} />
        {CORNERS.map(({ name, words }) => (
          <Handle
            key={name}
            words={`${words} corner`}
            at={corners[name]}
            picture={picture}
            look="corner"
            onMove={(to) => setCorners({ ...corners, [name]: to })}
          />
        ))}
      </div>
      <Refused error={error} />
      {crossed && (
        <p role="alert" className="text-madder">
          {crossed}
        </p>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Choice
          words="They are the corners of"
          value={String(at)}
          options={parts.map(({ words }, i) => [String(i), words] as const)}
          onChoose={(i) => setAt(Number(i))}
        />
        <Button look="main" busy={isLoading} disabled={crossed !== null} onClick={() => void keep()}>
          So it lies
        </Button>
      </div>
    </>
  );
}
