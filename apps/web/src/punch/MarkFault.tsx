import { useState } from 'react';
import { FAULT_LABELS, FAULTS, LIGHTS, VIEWS, type Fault, type Light, type SketchPlace, type View } from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { nowText } from '../clock/clock.ts';
import { Chip } from '../page/Act.tsx';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { AddPhoto } from '../photos/Photos.tsx';
import { SIZES, VIEW_WORDS } from './mendWords.ts';
import { newId } from '../store/newId.ts';
import { type PunchPage, useMarkFaultMutation } from '../store/endpoints.ts';

const SKETCH_WIDTH = 560;
const LIGHT_WORDS: Record<Light, string> = {
  dark: 'in the dark',
  'room-light': 'room light',
  'sun-through-glass': 'sun through glass',
  'open-sky': 'open sky',
};

/** Marks a fault: on what, what it does, how large, where it is looked at from, and where on the sketch or a photo. */
export function MarkFault({ data, onDone }: { data: PunchPage; onDone: () => void }) {
  const [id, setId] = useState(newId);
  const [surfaceId, setSurface] = useState(data.surfaces[0]?.id ?? '');
  const [fault, setFault] = useState<Fault | null>(null);
  const [sizeM2, setSize] = useState<number | null>(null);
  const [view, setView] = useState<View>('plain');
  const [light, setLight] = useState<Light | null>(null);
  const [mark, setMark] = useState<SketchPlace | null>(null);
  const [onPhoto, setOnPhoto] = useState<{ photoId: string; place: { x: number; y: number } } | null>(null);
  const [note, setNote] = useState('');
  const [send, { isLoading, error }] = useMarkFaultMutation();
  const surface = data.surfaces.find((s) => s.id === surfaceId);
  const room = data.rooms.find((r) => r.id === surface?.roomId);
  const photos = data.photos.filter((p) => p.roomId === room?.id);
  const put = async () => {
    const sent = await send({
      jobId: data.job.id,
      id,
      surfaceId,
      fault: fault!,
      sizeM2: sizeM2!,
      view,
      light,
      mark,
      ...(onPhoto ? { photoId: onPhoto.photoId, photoPlace: onPhoto.place } : {}),
      note: note.trim(),
      at: nowText(),
    });
    if ('error' in sent) return setId(newId());
    onDone();
  };
  return (
    <section aria-label="Mark a fault" className="mb-5 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4">
      <label className="block text-sm">
        On
        <select
          value={surfaceId}
          onChange={(e) => {
            setSurface(e.target.value);
            setMark(null);
            setOnPhoto(null);
          }}
          className="block min-h-[44px] w-full max-w-96"
        >
          {data.rooms.map((r) => (
            <optgroup key={r.id} label={r.name}>
              {data.surfaces
                .filter((s) => s.roomId === r.id)
                .map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.name}
                  </option>
                ))}
            </optgroup>
          ))}
        </select>
      </label>
      <Chips words="What does it do?" all={FAULTS} chosen={fault} onChoose={setFault} say={(f) => FAULT_LABELS[f]} />
      <Chips
        words="How large?"
        all={SIZES.map(([size]) => size)}
        chosen={sizeM2}
        onChoose={setSize}
        say={(size) => SIZES.find(([s]) => s === size)![1]}
      />
      <Chips words="Seen" all={VIEWS} chosen={view} onChoose={setView} say={(v) => VIEW_WORDS[v]} />
      <Chips
        words="Its light, where it is not what is usual there"
        all={LIGHTS}
        chosen={light}
        onChoose={(l) => setLight(l === light ? null : l)}
        say={(l) => LIGHT_WORDS[l]}
      />
      {room?.sketch && (
        <>
          <p className="mt-3 text-sm font-semibold">Where? Tap the wall.</p>
          <RoomSketch sketch={room.sketch} width={SKETCH_WIDTH} chosen={mark} onPlace={setMark} />
        </>
      )}
      {room && (
        <div className="mt-2">
          <AddPhoto jobId={data.job.id} roomId={room.id} surfaceId={surfaceId} words="Take a photo of it" />
        </div>
      )}
      {photos.length > 0 && (
        <>
          <p className="mt-2 text-sm font-semibold">Or tap it on a photo.</p>
          <div className="flex flex-wrap gap-2">
            {photos.slice(-6).map((p) => (
              <TickablePhoto
                key={p.id}
                id={p.id}
                words={p.note || `photo by ${p.byName}`}
                place={onPhoto?.photoId === p.id ? onPhoto.place : null}
                onPlace={(place) => setOnPhoto({ photoId: p.id, place })}
              />
            ))}
          </div>
        </>
      )}
      <label className="mt-3 block text-sm">
        What there is to say
        <input maxLength={600} value={note} onChange={(e) => setNote(e.target.value)} className="block w-full" />
      </label>
      <Refused error={error} />
      <FormFoot
        words="Mark it"
        busy={isLoading}
        disabled={!surface || fault === null || sizeM2 === null}
        onAct={() => void put()}
        onLeave={onDone}
      />
    </section>
  );
}

function Chips<T extends string | number>({
  words,
  all,
  chosen,
  onChoose,
  say,
}: {
  words: string;
  all: readonly T[];
  chosen: T | null;
  onChoose: (one: T) => void;
  say: (one: T) => string;
}) {
  return (
    <div className="mt-3" role="group" aria-label={words}>
      <p className="text-sm font-semibold">{words}</p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {all.map((one) => (
          <Chip key={one} pressed={chosen === one} onPress={() => onChoose(one)}>
            {say(one)}
          </Chip>
        ))}
      </div>
    </div>
  );
}

/** A photo on which a tick is put by tapping it; with the keyboard it goes to its middle. */
function TickablePhoto({
  id,
  words,
  place,
  onPlace,
}: {
  id: string;
  words: string;
  place: { x: number; y: number } | null;
  onPlace: (place: { x: number; y: number }) => void;
}) {
  return (
    <button
      type="button"
      aria-pressed={place !== null}
      aria-label={`Tick it on ${words}`}
      className="relative block border border-strong"
      onClick={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const tapped = event.detail > 0;
        const share = (at: number, from: number, size: number) => Math.min(1, Math.max(0, (at - from) / size));
        onPlace(
          tapped
            ? { x: share(event.clientX, box.left, box.width), y: share(event.clientY, box.top, box.height) }
            : { x: 0.5, y: 0.5 },
        );
      }}
    >
      <img src={`/api/photos/${id}`} alt="" className="block h-40 w-auto max-w-full" />
      {place && (
        <svg viewBox="0 0 100 100" preserveAspectRatio="none" className="absolute inset-0 size-full" aria-hidden>
          <circle
            cx={place.x * 100}
            cy={place.y * 100}
            r="5"
            fill="none"
            stroke="var(--color-madder)"
            strokeWidth="2.5"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      )}
    </button>
  );
}
