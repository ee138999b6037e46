import { placedWords, placeInPhoto, type PhotoFrame, type PicturePoint } from '@rustic/core';
import type { DamagePage } from '../store/endpoints.ts';
import { CornerLines } from '../drawing/CornerLines.tsx';

interface Props {
  photo: DamagePage['photos'][number];
  frame: PhotoFrame;
  marks: DamagePage['marks'];
  onTap?: (point: PicturePoint) => void;
}

/** A photo with the marks of the wall in it, each by its number; tapped where something is. */
export function MarkedPhoto({ photo, frame, marks, onTap }: Props) {
  return (
    <div
      className={`relative w-full max-w-[640px] overflow-hidden border border-strong select-none ${onTap ? 'cursor-crosshair touch-manipulation' : ''}`}
      onClick={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        onTap?.({ x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height });
      }}
    >
      <img src={`/api/photos/${photo.id}`} alt={photo.note || 'The wall, as photographed'} className="block w-full" />
      <CornerLines corners={frame.corners} />
      {marks.map((mark, i) => {
        const at = placeInPhoto(frame, mark.place);
        return (
          at && (
            <span
              key={mark.id}
              title={`${i + 1}: ${placedWords(mark.what)}`}
              className={`pointer-events-none absolute flex h-6 w-6 -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border-2 bg-leaf text-[13px] font-bold ${mark.there ? 'border-madder text-madder' : 'border-ink'}`}
              style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%` }}
            >
              {i + 1}
            </span>
          )
        );
      })}
    </div>
  );
}
