import { useState } from 'react';
import type { SketchPlace } from '@rustic/core';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { useKeepPhotoMutation } from '../store/endpoints.ts';
import { resized } from './resize.ts';

/** Of what a photo is. */
export interface PhotoOf {
  jobId: string;
  roomId: string;
  surfaceId?: string | null | undefined;
  testId?: string | undefined;
  mark?: SketchPlace | null | undefined;
  note?: string | undefined;
}

/** Keeps a photo: made small in a worker first, with what it shows. Answers with its id once it is taken. */
export function useKeptPhoto() {
  const [keep, { isLoading, error }] = useKeepPhotoMutation();
  const [refused, setRefused] = useState<string | null>(null);
  const [reading, setReading] = useState(false);
  const send = async (
    file: File,
    { jobId, roomId, surfaceId, testId, mark, note }: PhotoOf,
  ): Promise<string | null> => {
    setRefused(null);
    setReading(true);
    const picture = await resized(file);
    setReading(false);
    if ('refused' in picture) {
      setRefused(picture.refused);
      return null;
    }
    const id = newId();
    const sent = await keep({
      jobId,
      id,
      body: picture,
      roomId,
      at: nowText(),
      ...(surfaceId ? { surfaceId } : {}),
      ...(testId ? { testId } : {}),
      ...(note ? { note } : {}),
      ...mark,
    });
    return 'error' in sent ? null : id;
  };
  return { send, reading, sending: isLoading, refused, error };
}
