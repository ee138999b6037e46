import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import {
  designFaults,
  designWarnings,
  familyArm,
  FINISH_FAMILIES,
  LABEL_ADVICE,
  layOut,
  PRIMER_FAMILIES,
  type Arm,
  type Family,
} from '@rustic/core';
import { FormFoot } from '../page/FormFoot.tsx';
import { Refused } from '../page/Page.tsx';
import { capital } from '../words/figures.ts';
import { Grid } from './Grid.tsx';
import { newId } from '../store/newId.ts';
import { type TrialBody, useDesignTrialMutation, useJobQuery, useJobsQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

const PREPARATIONS = [
  'washed',
  'washed and scuffed',
  'deglossed',
  'sanded 120, 180',
  'sanded 220',
  'scraped and feathered',
];
const MOST = 6;

/** Designing a trial: what against what, how often, on what; drawn as it will lie. */
export function TrialForm({ onDone }: { onDone: () => void }) {
  const { sayFamily } = useWords();
  const navigate = useNavigate();
  const { data: jobs } = useJobsQuery();
  const [id] = useState(newId);
  const [seed] = useState(() => Math.floor(Math.random() * 2 ** 31));
  const [jobId, setJobId] = useState('');
  const [surfaceId, setSurfaceId] = useState('');
  const [title, setTitle] = useState('');
  const [place, setPlace] = useState('');
  const [preparations, setPreparations] = useState<string[]>(['washed', 'washed and scuffed']);
  const [primers, setPrimers] = useState<Family[]>(['shellac-primer', 'bonding-acrylic-primer']);
  const [topcoats, setTopcoats] = useState<Family[]>(['acrylic-trim']);
  const [coats, setCoats] = useState(1);
  const [replicates, setReplicates] = useState(2);
  const [send, { isLoading, error }] = useDesignTrialMutation();
  const { data: job } = useJobQuery(jobId, { skip: jobId === '' });
  const design: TrialBody['design'] = {
    preparations: preparations.map((words): Arm => ({ id: words, words, family: null, coats: 0 })),
    primers: primers.map((f) => familyArm(f, coats)),
    topcoats: topcoats.map((f) => familyArm(f, 1)),
    replicates,
    seed,
  };
  const faults = designFaults(design);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const sent = await send({
      jobId,
      id,
      title: title.trim(),
      place: place.trim(),
      surfaceId: surfaceId || null,
      design,
    });
    if ('error' in sent) return;
    onDone();
    void navigate(`/trials/${id}`);
  };
  return (
    <form
      onSubmit={(e) => void submit(e)}
      aria-label="New trial"
      className="mb-4 border-y-2 border-ink bg-leaf p-3 wide:p-4"
    >
      <div className="grid gap-3 wide:grid-cols-4">
        <label className="text-sm wide:col-span-2">
          What is to be found out
          <input
            required
            autoFocus
            maxLength={120}
            value={title}
            onChange={(e) => setTitle(e.target.value)}
            placeholder="which primer holds on the foil"
            className="block w-full"
          />
        </label>
        <label className="text-sm wide:col-span-2">
          Where it lies
          <input
            maxLength={200}
            value={place}
            onChange={(e) => setPlace(e.target.value)}
            placeholder="back of the left door"
            className="block w-full"
          />
        </label>
        <label className="text-sm wide:col-span-2">
          Job
          <select required value={jobId} onChange={(e) => setJobId(e.target.value)} className="block w-full">
            <option value="">choose the job</option>
            {jobs?.map((j) => (
              <option key={j.id} value={j.id}>
                {j.title}
              </option>
            ))}
          </select>
        </label>
        <label className="text-sm wide:col-span-2">
          Surface it speaks for
          <select value={surfaceId} onChange={(e) => setSurfaceId(e.target.value)} className="block w-full">
            <option value="">any of this job</option>
            {job?.surfaces.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </select>
        </label>
      </div>
      <Arms
        words="Preparations, down"
        options={PREPARATIONS}
        chosen={preparations}
        say={(p) => p}
        onChoose={setPreparations}
        own
      />
      <Arms
        words="Primers, across"
        options={PRIMER_FAMILIES}
        chosen={primers}
        say={(f) => sayFamily(f)}
        onChoose={setPrimers}
      />
      <Arms
        words="Topcoats, within"
        options={FINISH_FAMILIES}
        chosen={topcoats}
        say={(f) => sayFamily(f)}
        onChoose={setTopcoats}
      />
      <div className="mt-3 flex flex-wrap items-end gap-4 text-sm">
        <label>
          Coats of each primer
          <input
            type="number"
            min={1}
            max={3}
            value={coats}
            onChange={(e) => setCoats(Number(e.target.value) || 1)}
            className="block w-20"
          />
        </label>
        <label>
          Cells of each way
          <input
            type="number"
            min={1}
            max={5}
            value={replicates}
            onChange={(e) => setReplicates(Math.min(5, Math.max(1, Number(e.target.value) || 1)))}
            className="block w-20"
          />
        </label>
      </div>
      {faults.length === 0 ? (
        <div className="mt-3">
          <p className="mb-2 max-w-[70ch] text-sm">
            {layOut(design).length} cells, places drawn at random, an untreated cell for each round. Leave a strip of
            bare primer in each. {LABEL_ADVICE}
          </p>
          <Grid design={design} cells={layOut(design)} looks={[]} />
          {designWarnings(design).map((w) => (
            <p key={w} className="mt-1 border-l-4 border-ochre pl-3 text-sm">
              {w}
            </p>
          ))}
        </div>
      ) : (
        faults.map((f) => (
          <p key={f.path} className="mt-2 text-sm text-madder">
            {capital(f.path)}: {f.message}.
          </p>
        ))
      )}
      <Refused error={error} />
      <FormFoot words="Lay it out" busy={isLoading} disabled={faults.length > 0} onLeave={onDone} />
    </form>
  );
}

/** The arms of one factor: those chosen, and a list to add from. Preparations may be written. */
function Arms<T extends string>({
  words,
  options,
  chosen,
  say,
  onChoose,
  own = false,
}: {
  words: string;
  options: readonly T[];
  chosen: T[];
  say: (one: T) => string;
  onChoose: (chosen: T[]) => void;
  own?: boolean;
}) {
  const [typed, setTyped] = useState('');
  const add = (one: string) => {
    if (one && !chosen.includes(one as T) && chosen.length < MOST) onChoose([...chosen, one as T]);
  };
  return (
    <div className="mt-3 text-sm">
      {words}
      <div className="flex flex-wrap items-center gap-1.5">
        {chosen.map((one) => (
          <button
            key={one}
            type="button"
            aria-label={`Leave out ${say(one)}`}
            className="min-h-[44px] rounded border border-ink bg-ink px-3 text-onink wide:min-h-[34px]"
            onClick={() => onChoose(chosen.filter((x) => x !== one))}
          >
            {say(one)} ×
          </button>
        ))}
        {chosen.length < MOST && (
          <select aria-label={`Add to ${words.toLowerCase()}`} value="" onChange={(e) => add(e.target.value)}>
            <option value="">add …</option>
            {options
              .filter((o) => !chosen.includes(o))
              .map((o) => (
                <option key={o} value={o}>
                  {say(o)}
                </option>
              ))}
          </select>
        )}
        {own && chosen.length < MOST && (
          <input
            aria-label="Another preparation, in your words"
            value={typed}
            maxLength={60}
            placeholder="or in your words, then Enter"
            onChange={(e) => setTyped(e.target.value)}
            onKeyDown={(e) => {
              if (e.key !== 'Enter') return;
              e.preventDefault();
              add(typed.trim());
              setTyped('');
            }}
            className="w-56"
          />
        )}
      </div>
    </div>
  );
}
