import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useLazyFindQuery } from '../store/endpoints.ts';

interface Hit {
  to: string;
  words: string;
  where: string;
}

/** Pages that are nobody’s job: found by their name. */
const PAGES: readonly Hit[] = [
  { to: '/shelf/reckon', words: 'Pocket reckoner', where: 'coverage, tins, mixes, films, dew point, spacing' },
  { to: '/shelf/coming', words: 'For the jobs ahead', where: 'shelf' },
  { to: '/rules', words: 'House rules', where: 'firm' },
  { to: '/calendar', words: 'Calendar', where: 'feed and files' },
];

/** `/`: finds a job or a surface by its name. */
export default function Find({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate();
  const [find, { data }] = useLazyFindQuery();
  const [asked, setAsked] = useState('');
  const hits: Hit[] = [
    ...(data?.jobs.map((j) => ({ to: `/jobs/${j.id}`, words: j.title, where: j.place })) ?? []),
    ...(data?.surfaces.map((s) => ({ to: `/jobs/${s.jobId}/surfaces/${s.id}`, words: s.name, where: 'surface' })) ??
      []),
    ...PAGES.filter((p) => asked.trim().length > 2 && p.words.toLowerCase().includes(asked.trim().toLowerCase())),
  ];
  return (
    <Dialog open onClose={onClose} className="relative z-30">
      <div className="fixed inset-0 bg-ink/30" aria-hidden />
      <div className="fixed inset-x-0 top-[12vh] flex justify-center p-4">
        <DialogPanel className="w-[520px] rounded border border-strong bg-leaf p-3">
          <Combobox<Hit | null>
            onChange={(hit) => {
              if (hit) {
                void navigate(hit.to);
                onClose();
              }
            }}
          >
            <ComboboxInput
              autoFocus
              aria-label="Find a job or a surface"
              placeholder="A job or a surface"
              className="w-full text-lg"
              onChange={(e) => {
                const q = e.target.value;
                setAsked(q);
                if (q.trim()) void find(q.trim());
              }}
            />
            <ComboboxOptions static className="mt-2">
              {asked.trim() &&
                hits.map((hit) => (
                  <ComboboxOption
                    key={hit.to}
                    value={hit}
                    className="flex min-h-[44px] cursor-pointer items-center justify-between px-2 data-focus:bg-tab"
                  >
                    <span>{hit.words}</span>
                    <span className="text-sm text-faded">{hit.where}</span>
                  </ComboboxOption>
                ))}
            </ComboboxOptions>
          </Combobox>
          {asked.trim() && data && hits.length === 0 && <p className="p-2 text-faded">Nothing by that name.</p>}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
