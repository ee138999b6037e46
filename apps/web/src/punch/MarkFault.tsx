import { useState } from 'react';
import { FAULT_LABELS, FAULTS, LIGHTS, VIEWS, type Fault, type Light, type SketchPlace, type View } from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { nowText } from '../clock/clock.ts';
import { Chip } from '../page/Act.tsx';
import { AddPhoto } from '../photos/Photos.tsx';
import { SIZES, VIEW_WORDS } from './mendWords.ts';
import { newId } from '../store/newId.ts';
import { type PunchPage, useMarkFaultMutation } from '../store/endpoints.ts';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Choice } from '../form/atOnce.tsx';

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
  const draft = useDraft(`fault/${data.job.id}`, {
    surfaceId: data.surfaces[0]?.id ?? '',
    fault: null as Fault | null,
    sizeM2: null as number | null,
    view: 'plain' as View,
    light: null as Light | null,
    mark: null as SketchPlace | null,
    onPhoto: null as { photoId: string; place: { x: number; y: number } } | null,
    note: '',
  });
  const { surfaceId, fault, sizeM2, view, light, mark, onPhoto } = draft.said;
  const [send, { isLoading, error }] = useMarkFaultMutation();
  const surface = data.surfaces.find((s) => s.id === surfaceId);
  const room = data.rooms.find((r) => r.id === surface?.roomId);
  const photos = data.photos.filter((p) => p.roomId === room?.id);
  const put = async ({ note }: typeof draft.said) => {
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
    if ('error' in sent) setId(newId());
    return sent;
  };
  return (
    <Form
      draft={draft}
      label="Mark a fault"
      words="Mark it"
      busy={isLoading}
      disabled={!surface || fault === null || sizeM2 === null}
      error={error}
      className="mb-5 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4"
      onSend={put}
      onSent={onDone}
      onLeave={onDone}
    >
      <Choice
        words="On"
        value={surfaceId}
        groups={data.rooms.map((r) => ({
          words: r.name,
          options: data.surfaces.filter((s) => s.roomId === r.id).map((s) => [s.id, s.name] as const),
        }))}
        onChoose={(id) => draft.say({ surfaceId: id, mark: null, onPhoto: null })}
        width="min-h-[44px] w-full max-w-96"
      />
      <Chips
        words="What does it do?"
        all={FAULTS}
        chosen={fault}
        onChoose={(one) => draft.say({ fault: one })}
        say={(f) => FAULT_LABELS[f]}
      />
      <Chips
        words="How large?"
        all={SIZES.map(([size]) => size)}
        chosen={sizeM2}
        onChoose={(one) => draft.say({ sizeM2: one })}
        say={(size) => SIZES.find(([s]) => s === size)![1]}
      />
      <Chips
        words="Seen"
        all={VIEWS}
        chosen={view}
        onChoose={(one) => draft.say({ view: one })}
        say={(v) => VIEW_WORDS[v]}
      />
      <Chips
        words="Its light, where it is not what is usual there"
        all={LIGHTS}
        chosen={light}
        onChoose={(one) => draft.say({ light: one === light ? null : one })}
        say={(l) => LIGHT_WORDS[l]}
      />
      {room?.sketch && (
        <>
          <p className="mt-3 text-sm font-semibold">Where? Tap the wall.</p>
          <RoomSketch
            sketch={room.sketch}
            width={SKETCH_WIDTH}
            chosen={mark}
            onPlace={(place) => draft.say({ mark: place })}
          />
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
                onPlace={(place) => draft.say({ onPhoto: { photoId: p.id, place } })}
              />
            ))}
          </div>
        </>
      )}
      <TextField name="note" words="What there is to say" maxLength={600} className="mt-3" />
    </Form>
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
