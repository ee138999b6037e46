import { useState } from 'react';
import { tinSaid } from './logSaid.ts';
import { FilePick } from '../form/FilePick.tsx';

function codeIn(picture: Blob): Promise<string | null> {
  return new Promise((done) => {
    const worker = new Worker(new URL('./scan.worker.ts', import.meta.url), { type: 'module' });
    const end = (code: string | null) => {
      worker.terminate();
      done(code);
    };
    worker.onmessage = ({ data }: MessageEvent<{ code: string | null }>) => end(data.code);
    worker.onerror = () => end(null);
    worker.postMessage(picture);
  });
}

/** Takes a picture of a tin's label: product and batch are filled in from its square code. */
export function ScanTin({ onTin }: { onTin: (tin: { productId: string; batch: string | null }) => void }) {
  const [said, setSaid] = useState('');
  const read = async (file: File) => {
    setSaid('Reading …');
    const code = await codeIn(file);
    const tin = code === null ? null : tinSaid(code);
    setSaid(
      tin
        ? ''
        : code === null
          ? 'No square code was found. Hold the label straight and nearer.'
          : 'That is no label of a tin of ours.',
    );
    if (tin) onTin(tin);
  };
  return (
    <>
      <FilePick accept="image/*" camera onPick={(file) => void read(file)}>
        Scan the tin
      </FilePick>
      {said && (
        <span role="status" className="self-center text-sm">
          {said}
        </span>
      )}
    </>
  );
}
