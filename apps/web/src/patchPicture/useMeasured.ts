import { useEffect, useRef, useState } from 'react';
import type { PatchSetting } from '@rustic/core';
import type { Asked, Measured, Told } from './asked.ts';

/** What is measured in a picture, in a worker, each time that its corners are set; null while it is being read. */
export function useMeasured(file: Blob, setting: PatchSetting, count: number): Measured | null {
  const worker = useRef<Worker | null>(null);
  const seq = useRef(0);
  const [isOpen, setOpen] = useState(false);
  const [measured, setMeasured] = useState<Measured | null>(null);
  useEffect(() => {
    const reader = new Worker(new URL('./measure.worker.ts', import.meta.url), { type: 'module' });
    const unread = () => setMeasured({ unread: 'This is not a picture that can be read. Choose another.' });
    worker.current = reader;
    setOpen(false);
    setMeasured(null);
    reader.onmessage = ({ data }: MessageEvent<Told>) => {
      if ('read' in data) {
        // What was asked meanwhile is on its way.
        if (data.seq === seq.current) setMeasured(data.read);
      } else if (data.opened) setOpen(true);
      else unread();
    };
    reader.onerror = unread;
    reader.postMessage({ open: file } satisfies Asked);
    return () => reader.terminate();
  }, [file]);
  useEffect(() => {
    if (!isOpen) return;
    seq.current += 1;
    worker.current?.postMessage({ seq: seq.current, setting, count } satisfies Asked);
  }, [isOpen, setting, count]);
  return measured;
}
