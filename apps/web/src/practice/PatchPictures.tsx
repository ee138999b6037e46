import { useEffect, useMemo, useRef } from 'react';
import { patchPictures } from '@rustic/core';
import { sayLength } from '../words/time.ts';

/** Pictures of patches made by the model, one for each look. */
export function PatchPictures({ seed }: { seed: number }) {
  const pictures = useMemo(() => patchPictures(seed), [seed]);
  return (
    <div className="mb-3 flex flex-wrap gap-4">
      {pictures.map(({ hours, picture }) => (
        <figure key={hours}>
          <Drawn picture={picture} words={`Three patches across a strong brown, after ${sayLength(hours * 60)}`} />
          <figcaption className="text-sm text-faded">after {sayLength(hours * 60)}</figcaption>
        </figure>
      ))}
    </div>
  );
}

type Picture = ReturnType<typeof patchPictures>[number]['picture'];

function Drawn({ picture: { width, height, data }, words }: { picture: Picture; words: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    canvas.current?.getContext('2d')?.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  }, [data, width, height]);
  return (
    <canvas
      ref={canvas}
      width={width}
      height={height}
      role="img"
      aria-label={words}
      className="w-[390px] max-w-full border border-strong"
    />
  );
}
