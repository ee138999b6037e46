import { useState } from 'react';
import { FINISH_LABELS } from '@rustic/core';
import { Refused } from '../page/Page.tsx';
import { sayPercent } from '../words/figures.ts';
import { newId } from '../store/newId.ts';
import { useSetCampaignMutation, type WholeJob } from '../store/endpoints.ts';

/** Campaigns of the house: one paint, one season. Breaking one is one act, and can be taken back. */
export function Campaigns({ data }: { data: WholeJob }) {
  const [set, { isLoading, error }] = useSetCampaignMutation();
  const [broken, setBroken] = useState<{ name: string; surfaceIds: string[] } | null>(null);
  const names = [...new Set(data.surfaces.flatMap((s) => (s.campaign ? [s.campaign] : [])))];
  if (names.length === 0 && !broken) return null;
  const act = 'min-h-[44px] shrink-0 px-2 text-sm underline wide:min-h-[28px]';
  return (
    <section aria-labelledby="campaigns" className="mb-4">
      <h2 id="campaigns" className="border-b-2 border-ink pb-0.5 text-[18px]">
        Campaigns
      </h2>
      <ul>
        {names.map((name) => {
          const members = data.surfaces.filter((s) => s.campaign === name);
          const tested = members.filter((s) => s.tested).length;
          const [lead] = [...members].sort((a, b) => b.likeliest.probability - a.likeliest.probability);
          return (
            <li key={name} className="flex items-center justify-between gap-3 border-b border-rule py-1">
              <span className="text-[14.5px]">
                <strong>{name}</strong>: {members.map((s) => s.name).join(', ')}
                <span className="text-faded">
                  {' '}
                  · {FINISH_LABELS[lead!.likeliest.code]} {sayPercent(lead!.likeliest.probability)}, {tested} of{' '}
                  {members.length} tested
                </span>
              </span>
              <button
                type="button"
                disabled={isLoading}
                className={act}
                onClick={() =>
                  void set({ jobId: data.job.id, id: newId(), name: null, surfaceIds: members.map((s) => s.id) }).then(
                    (sent) => {
                      if (!('error' in sent)) setBroken({ name, surfaceIds: members.map((s) => s.id) });
                    },
                  )
                }
              >
                Break it
              </button>
            </li>
          );
        })}
      </ul>
      {broken && (
        <p role="status" className="flex items-center gap-3 py-1 text-sm">
          {broken.name} is broken: each surface stands by itself.
          <button
            type="button"
            className={act}
            onClick={() =>
              void set({ jobId: data.job.id, id: newId(), ...broken }).then((sent) => {
                if (!('error' in sent)) setBroken(null);
              })
            }
          >
            Undo
          </button>
        </p>
      )}
      <Refused error={error} />
    </section>
  );
}
