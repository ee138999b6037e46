import { useState } from 'react';
import { jointFields } from '@rustic/core';
import { useChangeJointMutation, type JointChange, type JointOfRoom } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';

export type JointFields = Omit<JointChange, 'id' | 'version'>;
const FIELDS = [...Object.keys(jointFields), 'surfaceId', 'line', 'lengthM', 'note', 'withdrawn'] as const;

/** What is said of a joint, without what is reckoned of it. */
export const jointSaid = (row: object): JointFields =>
  Object.fromEntries(FIELDS.map((field) => [field, (row as Record<string, unknown>)[field]])) as JointFields;

/** A joint as it stands, and its changes, each kept as it is made. */
export function useJoint(joint: JointOfRoom) {
  const [put, { isLoading, error }] = useChangeJointMutation();
  // Until the page is read again, what was answered is newer than what stands on it.
  const [answered, setAnswered] = useState<{ version: number } & JointFields>();
  const newest = answered && answered.version > joint.version ? answered : joint;
  const change = async (fields: Partial<JointFields>) => {
    const sent = await put({
      jointId: joint.id,
      id: newId(),
      version: newest.version,
      ...jointSaid(newest),
      ...fields,
    });
    if (sent.data) setAnswered({ version: sent.data.version, ...jointSaid(sent.data) });
    return sent.data?.version ?? null;
  };
  return { said: jointSaid(newest), change, isLoading, error };
}
