import { useEffect, useRef, useState } from 'react';
import { FilePick } from '../form/FilePick.tsx';
import { Act } from '../page/Act.tsx';
import type { Photo } from '../store/endpoints.ts';
import { takenFrom, useCamera } from './camera.ts';

interface Props {
  /** The first photo: its ghost lies over the camera's picture. */
  before: Photo;
  busy: boolean;
  onTaken: (file: File) => void;
  onLeave: () => void;
}

/** Takes a photo from where another was taken: the first one lies over what the camera sees until edges meet. */
export function SameStand({ before, busy, onTaken, onLeave }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  const whole = useRef<HTMLElement>(null);
  const { stream, refused } = useCamera();
  /** The camera has a picture: before that there is nothing to take. */
  const [sees, setSees] = useState(false);
  const [ghost, setGhost] = useState(50);
  const shape = before.width / before.height;
  useEffect(() => {
    if (video.current && stream) video.current.srcObject = stream;
  }, [stream]);
  useEffect(() => {
    // What it answers is no clean-up.
    void whole.current?.scrollIntoView({ block: 'nearest' });
  }, [stream]);
  const take = async () => {
    const file = video.current && (await takenFrom(video.current, shape));
    if (file) onTaken(file);
  };
  return (
    <section ref={whole} aria-label="From the same stand" className="no-print mt-3 border-y-2 border-ink bg-leaf p-3">
      {refused ? (
        <p role="alert" className="mb-2">
          {refused} Nothing is lost: take it with the device’s own camera from the same place, and choose it here.
        </p>
      ) : (
        <>
          <p className="mb-2 text-sm">
            Move until the edges of the first photo lie on those the camera sees, then take it.
          </p>
          <div
            className="relative overflow-hidden border border-strong bg-paper"
            // Of the first one's own shape, whole on the page: what lies over is what will be cut out.
            style={{ aspectRatio: shape, width: `min(100%, 640px, calc(60vh * ${shape}))` }}
          >
            <video
              ref={video}
              autoPlay
              playsInline
              muted
              onLoadedData={() => setSees(true)}
              className="h-full w-full object-cover"
            />
            <img
              src={`/api/photos/${before.id}`}
              alt="The first photo, laid over"
              className="pointer-events-none absolute inset-0 h-full w-full object-cover"
              style={{ opacity: ghost / 100 }}
            />
          </div>
          <label className="mt-2 flex items-center gap-3 text-sm">
            First photo
            <input
              type="range"
              min={0}
              max={100}
              value={ghost}
              onChange={(e) => setGhost(Number(e.target.value))}
              aria-valuetext={`${ghost} %`}
              className="min-h-[44px] flex-1 wide:max-w-72"
            />
          </label>
        </>
      )}
      <div className="mt-2 flex flex-wrap gap-2.5">
        {!refused && <Act words="Take it" main busy={busy} disabled={!sees} onAct={() => void take()} />}
        <FilePick accept="image/*" camera look="quiet" disabled={busy} onPick={onTaken}>
          Choose a photo instead
        </FilePick>
        <button type="button" className="min-h-[44px] underline wide:min-h-[36px]" onClick={onLeave}>
          Leave it
        </button>
      </div>
    </section>
  );
}
