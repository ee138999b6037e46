import { useEffect, useRef } from 'react';
import { drawnOn } from './drawnOn.ts';

/** A page shows no longer side than this. */
const SHOWN_PX = 1280;

/** A picture that is on this device alone, drawn: a page of ours takes no picture by an address that is not the server's. */
export function ShownPicture({ file, words }: { file: Blob; words: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    // What is no picture is said by whoever measures in it.
    if (canvas.current) drawnOn(canvas.current, file, SHOWN_PX).catch(() => undefined);
  }, [file]);
  return <canvas ref={canvas} role="img" aria-label={words} className="block w-full" />;
}
