import { useEffect, useRef, useState } from 'react';
import type { PictureUnread } from '@rustic/core';
import type { AskedOfPicture, ToldOfPicture } from './readsPictures.ts';

/**
 * What a worker reads in a picture, anew for each question; null while it is being read. `start` makes the worker and
 * stays the same; so does a question until something else is asked.
 */
export function useReadPicture<Q, R>(start: () => Worker, file: Blob, question: Q): R | PictureUnread | null {
  const worker = useRef<Worker | null>(null);
  const seq = useRef(0);
  const [isOpen, setOpen] = useState(false);
  const [told, setTold] = useState<R | PictureUnread | null>(null);
  useEffect(() => {
    const reader = start();
    const unread = () => setTold({ unread: 'This is not a picture that can be read. Choose another.' });
    worker.current = reader;
    setOpen(false);
    setTold(null);
    reader.onmessage = ({ data }: MessageEvent<ToldOfPicture<R>>) => {
      if ('read' in data) {
        // What was asked meanwhile is on its way.
        if (data.seq === seq.current) setTold(data.read);
      } else if (data.opened) setOpen(true);
      else unread();
    };
    reader.onerror = unread;
    reader.postMessage({ open: file } satisfies AskedOfPicture<Q>);
    return () => reader.terminate();
  }, [start, file]);
  useEffect(() => {
    if (!isOpen) return;
    seq.current += 1;
    worker.current?.postMessage({ seq: seq.current, question } satisfies AskedOfPicture<Q>);
  }, [isOpen, question]);
  return told;
}
