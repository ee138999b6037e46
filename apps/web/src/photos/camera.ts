import { useEffect, useState } from 'react';

/** What a camera that cannot be had says, in words. */
function whyNot(error: unknown): string {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError') return 'The camera may not be used here: allow it in the browser’s settings.';
  if (name === 'NotFoundError') return 'This device has no camera.';
  return 'The camera cannot be opened.';
}

/** The camera at the back of the device, for as long as it is looked through. */
export function useCamera(): { stream: MediaStream | null; refused: string | null } {
  const [stream, setStream] = useState<MediaStream | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  useEffect(() => {
    let isLeft = false;
    let opened: MediaStream | null = null;
    const stop = () => opened?.getTracks().forEach((track) => track.stop());
    const open = async () => {
      try {
        const video = { facingMode: 'environment', width: { ideal: 1920 }, height: { ideal: 1440 } };
        opened = await navigator.mediaDevices.getUserMedia({ video });
        // Left while it was being opened.
        if (isLeft) stop();
        else setStream(opened);
      } catch (error) {
        if (!isLeft) setRefused(whyNot(error));
      }
    };
    void open();
    return () => {
      isLeft = true;
      stop();
    };
  }, []);
  return { stream, refused };
}

/** What is cut out of a picture so that it has another shape: as much of its middle as fits. Pixels. */
export function middleOf(width: number, height: number, shape: number) {
  const [w, h] = width / height > shape ? [height * shape, height] : [width, width / shape];
  return { x: (width - w) / 2, y: (height - h) / 2, width: w, height: h };
}

const QUALITY = 0.92;

/** What a camera sees now, cut to a shape (width over height), as a file; null while it sees nothing. */
export async function takenFrom(video: HTMLVideoElement, shape: number): Promise<File | null> {
  if (video.videoWidth === 0) return null;
  const { x, y, width, height } = middleOf(video.videoWidth, video.videoHeight, shape);
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.round(width), Math.round(height)];
  canvas.getContext('2d')!.drawImage(video, x, y, width, height, 0, 0, canvas.width, canvas.height);
  const picture = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  return picture && new File([picture], 'same-stand.jpg', { type: 'image/jpeg' });
}
