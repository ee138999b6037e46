import { useState } from 'react';
import { LEFT_OUT_WORDS, type LeftOutReason, type RoomSketch as Sketch, type SketchPlace } from '@rustic/core';
import { RoomSketch } from '../drawing/RoomSketch.tsx';
import { Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { capital } from '../words/figures.ts';
import { boxOf } from './exclusionBox.ts';
import { newId } from '../store/newId.ts';
import { type Surface, useChangeSurfaceMutation } from '../store/endpoints.ts';
import type { Exclusion } from '@rustic/core';
import { Form } from '../form/Form.tsx';
import { TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';

const REASONS = Object.keys(LEFT_OUT_WORDS) as LeftOutReason[];

/** Leaving out what the client keeps: in words, with the reason, and drawn at its boundary by two taps on the sketch. */
export function ExclusionForm({
  surface,
  sketch,
  onDone,
}: {
  surface: Surface;
  sketch: Sketch | null;
  onDone: () => void;
}) {
  const draft = useDraft(`left-out/${surface.id}`, {
    version: surface.version,
    words: '',
    reason: 'client-does-it' as Exclusion['reason'],
    whole: false,
    box: null as Exclusion['box'],
  });
  const { words, reason, whole, box } = draft.said;
  const [corner, setCorner] = useState<SketchPlace | null>(null);
  const [change, { isLoading, error }] = useChangeSurfaceMutation();
  const tap = (place: SketchPlace) => {
    const made = corner && boxOf(corner, place);
    draft.say({ box: made ?? null });
    setCorner(made ? null : place);
  };
  const keep = ({ version }: typeof draft.said) => {
    const exclusion: Exclusion = { id: newId(), words: words.trim(), reason, whole, box: whole ? null : box };
    const exclusions = [...surface.exclusions, exclusion];
    return change({ surfaceId: surface.id, id: newId(), version, exclusions });
  };
  return (
    <Form
      draft={draft}
      label="Leave part out"
      words="Leave it out"
      leave="Back"
      busy={isLoading}
      disabled={words.trim() === ''}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf p-3 wide:p-4"
      onSend={keep}
      onSent={onDone}
      onLeave={onDone}
    >
      <TextField
        name="words"
        words="What stays out of the work"
        autoFocus
        maxLength={200}
        placeholder="the brass on the parlour door"
        className="max-w-[60ch]"
      />
      <div className="mt-2 flex flex-wrap gap-1.5" role="group" aria-label="Why">
        {REASONS.map((r) => (
          <Chip key={r} pressed={reason === r} onPress={() => draft.say({ reason: r })}>
            {capital(LEFT_OUT_WORDS[r])}
          </Chip>
        ))}
      </div>
      <div className="mt-2">
        <Chip pressed={whole} onPress={() => draft.say({ whole: !whole })}>
          The whole surface
        </Chip>
      </div>
      {sketch && !whole && (
        <div className="mt-3">
          <p className="mb-1 text-sm text-faded">
            {box
              ? 'Drawn. Tap again to draw it anew.'
              : corner
                ? 'Now the opposite corner.'
                : 'Tap two corners of it on the walls.'}
          </p>
          <RoomSketch
            sketch={sketch}
            width={620}
            chosen={corner}
            excluded={box ? [{ ...box, id: 'new', words }] : []}
            onPlace={tap}
          />
        </div>
      )}
    </Form>
  );
}

/** What is left out of this surface, with the way back in. */
export function LeftOut({ surface }: { surface: Surface }) {
  const [change, { isLoading, error }] = useChangeSurfaceMutation();
  if (surface.exclusions.length === 0) return null;
  return (
    <ul className="mt-3 text-[14.5px]" aria-label="Left out">
      {surface.exclusions.map((e) => (
        <li key={e.id} className="flex items-center justify-between gap-3 border-l-4 border-madder pl-3">
          <span>
            <strong>Left out:</strong> {e.words}
            {e.whole && ' (all of it)'}; {LEFT_OUT_WORDS[e.reason]}
          </span>
          <button
            type="button"
            disabled={isLoading}
            className="min-h-[44px] shrink-0 px-2 text-sm underline wide:min-h-[28px]"
            onClick={() =>
              void change({
                surfaceId: surface.id,
                id: newId(),
                version: surface.version,
                exclusions: surface.exclusions.filter((x) => x.id !== e.id),
              })
            }
          >
            Take it in again
          </button>
        </li>
      ))}
      <Refused error={error} />
    </ul>
  );
}
