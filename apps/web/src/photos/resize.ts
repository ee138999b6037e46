/** Over this a photo is not even read: no camera takes such a one. */
const MOST_BYTES = 60 * 1024 * 1024;

/** The photo as it will be sent, or why it cannot be. The work is done in a worker. */
export function resized(file: File): Promise<Blob | { refused: string }> {
  if (file.size > MOST_BYTES)
    return Promise.resolve({ refused: `${file.name} is too large to read. Nothing was kept.` });
  return new Promise((done) => {
    const worker = new Worker(new URL('./resize.worker.ts', import.meta.url), { type: 'module' });
    const end = (answer: Blob | { refused: string }) => {
      worker.terminate();
      done(answer);
    };
    const unread = {
      refused: `${file.name} is not a picture that can be read. Nothing was kept; choose another file.`,
    };
    worker.onmessage = ({ data }: MessageEvent<{ picture: Blob | null }>) => end(data.picture ?? unread);
    worker.onerror = () => end(unread);
    worker.postMessage(file);
  });
}
