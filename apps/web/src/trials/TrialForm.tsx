import { useState } from 'react';
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
import { capital } from '../words/figures.ts';
import { Grid } from './Grid.tsx';
import { newId } from '../store/newId.ts';
import { type TrialBody, useDesignTrialMutation, useJobQuery, useJobNamesQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Choice, Typed } from '../form/atOnce.tsx';

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
  const { data: jobs } = useJobNamesQuery();
  const [id] = useState(newId);
  const [seed] = useState(() => Math.floor(Math.random() * 2 ** 31));
  const draft = useDraft('new-trial', {
    jobId: '',
    surfaceId: '',
    title: '',
    place: '',
    preparations: ['washed', 'washed and scuffed'],
    primers: ['shellac-primer', 'bonding-acrylic-primer'] as Family[],
    topcoats: ['acrylic-trim'] as Family[],
    coats: '1',
    replicates: '2',
  });
  const { jobId, preparations, primers, topcoats } = draft.said;
  const coats = wholeBetween(draft.said.coats, 1, 3);
  const replicates = wholeBetween(draft.said.replicates, 1, 5);
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
  const submit = ({ title, place, surfaceId }: typeof draft.said) =>
    send({
      jobId,
      id,
      title: title.trim(),
      place: place.trim(),
      surfaceId: surfaceId || null,
      design,
    });
  const sent = () => {
    onDone();
    void navigate(`/trials/${id}`);
  };
  return (
    <Form
      draft={draft}
      label="New trial"
      words="Lay it out"
      busy={isLoading}
      disabled={faults.length > 0}
      error={error}
      className="mb-4 border-y-2 border-ink bg-leaf p-3 wide:p-4"
      onSend={submit}
      onSent={sent}
      onLeave={onDone}
    >
      <div className="grid gap-3 wide:grid-cols-4">
        <TextField
          name="title"
          words="What is to be found out"
          required
          autoFocus
          maxLength={120}
          placeholder="which primer holds on the foil"
          className="wide:col-span-2"
        />
        <TextField
          name="place"
          words="Where it lies"
          maxLength={200}
          placeholder="back of the left door"
          className="wide:col-span-2"
        />
        <SelectField
          name="jobId"
          words="Job"
          required
          unsaid="choose the job"
          options={(jobs ?? []).map((j) => j.id)}
          say={(one) => jobs!.find((j) => j.id === one)!.title}
          className="wide:col-span-2"
        />
        <SelectField
          name="surfaceId"
          words="Surface it speaks for"
          unsaid="any of this job"
          options={(job?.surfaces ?? []).map((s) => s.id)}
          say={(one) => job!.surfaces.find((s) => s.id === one)!.name}
          className="wide:col-span-2"
        />
      </div>
      <Arms
        words="Preparations, down"
        options={PREPARATIONS}
        chosen={preparations}
        say={(p) => p}
        onChoose={(chosen) => draft.say({ preparations: chosen })}
        own
      />
      <Arms
        words="Primers, across"
        options={PRIMER_FAMILIES}
        chosen={primers}
        say={(f) => sayFamily(f)}
        onChoose={(chosen) => draft.say({ primers: chosen })}
      />
      <Arms
        words="Topcoats, within"
        options={FINISH_FAMILIES}
        chosen={topcoats}
        say={(f) => sayFamily(f)}
        onChoose={(chosen) => draft.say({ topcoats: chosen })}
      />
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <TextField name="coats" words="Coats of each primer" type="number" min={1} max={3} width="w-20" />
        <TextField name="replicates" words="Cells of each way" type="number" min={1} max={5} width="w-20" />
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
    </Form>
  );
}

/** A whole number as it is typed, held between two; the least where it is none. */
const wholeBetween = (text: string, least: number, most: number) =>
  Math.min(most, Math.max(least, Math.round(Number(text)) || least));

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
          <Choice
            words={`Add to ${words.toLowerCase()}`}
            asked="unseen"
            value=""
            options={options.filter((o) => !chosen.includes(o)).map((o) => [o, say(o)] as const)}
            unsaid="add …"
            onChoose={add}
          />
        )}
        {own && chosen.length < MOST && (
          <Typed
            words="Another preparation, in your words"
            asked="unseen"
            value={typed}
            maxLength={60}
            placeholder="or in your words, then Enter"
            onType={setTyped}
            onKeyDown={(e) => {
              if (e.key !== 'Enter') return;
              e.preventDefault();
              add(typed.trim());
              setTyped('');
            }}
            width="w-56"
          />
        )}
      </div>
    </div>
  );
}
